package jasperwing.weigh;

import static jasperwing.weigh.Fact.cost;
import static jasperwing.weigh.Fact.good;
import static jasperwing.weigh.Fact.lack;

import jasperwing.derive.DeleteEffect;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.GuardTriggers;
import jasperwing.derive.Reference;
import jasperwing.naming.Words;
import java.util.List;
import java.util.Optional;

/** What the tables of a way show of it, in the words that all comparisons use. */
final class SchemaFacts {
    private SchemaFacts() {}

    /** What becomes of rows when the row they refer to is deleted. */
    static Fact deleted(Reference key, String parent) {
        String one = Words.spoken(parent);
        return switch (key.effect()) {
            case DELETES -> good("deleted with its " + one);
            case REFUSES -> good("its " + one + " cannot be deleted while it exists");
            case EMPTIES -> good("stays without its " + one + " when that is deleted");
            case DANGLES -> lack("stays when its " + one + " is deleted, and refers to nothing");
        };
    }

    /** What becomes of pairs when one end or the other is deleted. */
    static Fact deletedWithEnds(List<Reference> ends) {
        List<DeleteEffect> effects =
                ends.stream().map(Reference::effect).distinct().toList();
        if (effects.equals(List.of(DeleteEffect.DELETES))) {
            return good("deleted with either end");
        }
        if (effects.equals(List.of(DeleteEffect.REFUSES))) {
            return good("neither end can be deleted while it exists");
        }
        if (effects.contains(DeleteEffect.DANGLES)) {
            return lack("stays when an end is deleted, and refers to nothing");
        }
        return good(String.join(
                "; ",
                ends.stream().map(k -> deleted(k, k.targetEntity()).text()).toList()));
    }

    /** How many joins a statement makes; none is good. */
    static Fact joins(String statement) {
        String joins = Tables.joins(statement) + " to read";
        return Tables.joins(statement).startsWith("no ") ? good(joins) : cost(joins);
    }

    /** How many rows several statements write; one is good. */
    static Fact writes(String statements, String what) {
        long writes = Tables.writes(statements);
        String words = Words.count(writes, "write") + " " + what;
        return writes == 1 ? good(words) : cost(words);
    }

    /** Whether rows can be found by a column without reading the table. */
    static Fact searched(DerivedTable table, String column) {
        return table.isIndexed(List.of(column))
                ? good("searched by an index")
                : cost("searched row by row until an index is added");
    }

    /** What is added and changed when the design gets one more of something; more columns in tables with rows are a cost. */
    static Fact growth(String what, SchemaGrowth growth) {
        String words = "a new " + what + " " + growth.words();
        return growth.leavesTables() ? good(words) : cost(words);
    }

    /** Whether each of several references is held by a foreign key. */
    static Fact enforced(List<Reference> keys) {
        return Fact.of(
                !keys.isEmpty() && keys.stream().allMatch(Reference::enforced),
                keys.size() == 1 ? "one foreign key enforces every reference" : "foreign keys enforce every reference",
                "not every reference can have a foreign key");
    }

    /** The foreign key from a table to the rows of an entity, if it has one. */
    static Optional<Reference> key(DerivedTable table, String entity) {
        return table.references().stream()
                .filter(k -> k.targetEntity().equals(entity))
                .findFirst();
    }

    /** What is said behind a lack that triggers of the dialect make up for; blank where it has none. */
    static String triggers(Tables tables, String words) {
        return GuardTriggers.areIn(tables.dialect()) ? words : "";
    }
}

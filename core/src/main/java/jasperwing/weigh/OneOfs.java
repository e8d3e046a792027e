package jasperwing.weigh;

import static jasperwing.weigh.Fact.cost;
import static jasperwing.weigh.Fact.good;
import static jasperwing.weigh.Fact.lack;

import jasperwing.model.Design;
import jasperwing.model.Keeping;
import jasperwing.model.OneOf;
import jasperwing.model.RelationshipEdits;
import jasperwing.moves.SharedParent;
import jasperwing.moves.TableForEach;
import jasperwing.naming.Plurals;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import jasperwing.schema.Dialect;
import jasperwing.schema.Enforcement;
import jasperwing.schema.ForeignKey;
import jasperwing.schema.GuardTriggers;
import jasperwing.schema.KeyTypes;
import jasperwing.schema.Table;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** The ways to keep a one-of. */
final class OneOfs {
    private final Design design;
    private final Dialect dialect;
    private final OneOf oneOf;
    private final String subject;
    private final String read;
    private final String write;

    OneOfs(Design design, Dialect dialect, OneOf oneOf) {
        this.design = design;
        this.dialect = dialect;
        this.oneOf = oneOf;
        this.subject = oneOf.subjects().get(0);
        String one = Words.spoken(oneOf.from());
        this.read = "To read the " + Plurals.plural(one) + " of one " + Words.spoken(subject);
        this.write = "To write one " + one + " about a " + Words.spoken(subject);
    }

    Weighing weigh() {
        String role = Roles.forward(oneOf);
        String parent = free(oneOf.from() + Words.pascal(role));
        List<Plan> plans = List.of(
                keeping("A column for each", Keeping.COLUMN_EACH, this::columns),
                keeping("A kind and an id", Keeping.KIND_AND_ID, t -> kindAndId()),
                Plan.move(design, "A table for each", new TableForEach(oneOf), this::tables, this::copied),
                Plan.move(
                        design,
                        "A shared parent",
                        new SharedParent(oneOf, parent),
                        t -> parent(t, parent),
                        t -> asked(t, List.of(t.table(parent), t.table(subject), t.table(oneOf.from())))));
        List<String> ends = new ArrayList<>(List.of(oneOf.from()));
        ends.addAll(oneOf.subjects());
        return new Weighing(
                "Ways to keep the " + Words.spoken(role) + " of a " + oneOf.from(),
                "one of " + String.join(", ", oneOf.subjects()) + " \u00b7 " + dialect.title(),
                List.of(read, write),
                new Ways(design, dialect, ends, Set.copyOf(oneOf.subjects())).of(plans));
    }

    private String free(String wanted) {
        String free = wanted;
        for (int i = 2; design.entity(free).isPresent() || design.enumType(free).isPresent(); i++) {
            free = wanted + i;
        }
        return free;
    }

    private Plan keeping(String title, Keeping keeping, Plan.Facts facts) {
        return Plan.edit(
                title,
                oneOf.kept() == keeping,
                RelationshipEdits.replace(oneOf, oneOf.withKeeping(keeping)),
                facts,
                t -> asked(t, List.of(t.table(oneOf.from()))));
    }

    private Map<String, String> asked(Tables tables, List<Table> written) {
        Map<String, String> statements = new LinkedHashMap<>();
        statements.put(read, tables.between(subject, oneOf.from()));
        statements.put(write, tables.inserts(written));
        return statements;
    }

    private Map<String, String> copied(Tables tables) {
        String copy = subject + oneOf.from();
        Map<String, String> statements = new LinkedHashMap<>();
        statements.put(read, tables.between(subject, copy));
        statements.put(write, tables.insert(tables.table(copy)));
        return statements;
    }

    private List<Fact> columns(Tables tables) {
        String all = oneOf.forward().must() ? "exactly one" : "at most one";
        Role role = Roles.of(oneOf.withKeeping(Keeping.COLUMN_EACH)).get(0);
        boolean held = oneOf.subjects().stream()
                .allMatch(s -> Enforcement.of(design, role, s).isForeignKey());
        return List.of(
                Fact.of(held, "foreign keys enforce every reference", "not every reference can have a foreign key"),
                Fact.of(
                        Enforcement.checksOneFilled(dialect, oneOf),
                        "a check enforces that " + all + " is filled",
                        "no check that " + all + " is filled: MariaDB takes none on columns a delete sets to null"),
                cost(Tables.joins(tables.between(subject, oneOf.from())) + " to read either way"),
                cost("all but one of " + oneOf.subjects().size() + " references are null"),
                cost("a new subject: a column, a foreign key and an index"));
    }

    private List<Fact> kindAndId() {
        boolean alike = KeyTypes.alike(design, oneOf.subjects());
        List<Fact> facts = new ArrayList<>();
        facts.add(good("2 columns and 1 index, however many subjects"));
        facts.add(good("a new subject: one more word in a check"));
        if (!alike) {
            facts.add(lack("the subjects are keyed differently: ids are compared as text"));
        }
        facts.add(lack("no foreign key: ids can dangle" + (GuardTriggers.areIn(dialect) ? " without triggers" : "")));
        facts.add(lack("a renamed subject leaves stored kinds behind"));
        return facts;
    }

    private List<Fact> tables(Tables tables) {
        String copies = oneOf.subjects().stream().map(s -> s + oneOf.from()).collect(Collectors.joining(", "));
        return List.of(
                Fact.of(
                        enforced(tables),
                        "foreign keys enforce every reference",
                        "not every reference can have a foreign key"),
                good("each can grow its own attributes"),
                cost("a new subject: a table"),
                cost("all " + Plurals.plural(Words.spoken(oneOf.from())) + " together: a union of "
                        + oneOf.subjects().size()),
                cost("every change of shape " + oneOf.subjects().size() + " times: " + copies));
    }

    private boolean enforced(Tables tables) {
        return oneOf.subjects().stream()
                .map(s -> tables.table(s + oneOf.from()))
                .allMatch(t -> t.foreignKeys().stream().allMatch(ForeignKey::enforced));
    }

    private List<Fact> parent(Tables tables, String parent) {
        return List.of(
                good("one foreign key enforces every reference"),
                good("other things can point to any subject too"),
                cost(Tables.joins(tables.between(subject, oneOf.from())) + " to read"),
                cost("a row of " + tables.table(parent).name() + " before every subject"),
                lack("no constraint keeps two subjects from sharing a parent"));
    }
}

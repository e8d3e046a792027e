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
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import jasperwing.schema.Dialect;
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
                keeping("A column for each", Keeping.COLUMN_EACH, t -> columns()),
                keeping("A kind and an id", Keeping.KIND_AND_ID, t -> kindAndId()),
                Plan.move(design, "A table for each", new TableForEach(oneOf), t -> tables(), this::copied),
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

    private List<Fact> columns() {
        String all = oneOf.forward().must() ? "exactly one" : "at most one";
        return List.of(
                good("the database holds every reference"),
                good("a check holds " + all + " filled"),
                good("1 join to read either way"),
                cost(oneOf.subjects().size() - 1 + " of " + oneOf.subjects().size() + " columns are empty"),
                cost("a new subject: a column, a key and an index"));
    }

    private List<Fact> kindAndId() {
        boolean alike = KeyTypes.alike(design, oneOf.subjects());
        List<Fact> facts = new ArrayList<>();
        facts.add(good("2 columns and 1 index, however many subjects"));
        facts.add(good("a new subject: one more word in a check"));
        if (!alike) {
            facts.add(lack("the subjects are keyed differently: ids are compared as text"));
        }
        facts.add(lack("no foreign key: ids can dangle"));
        facts.add(lack("a renamed subject leaves stored kinds behind"));
        return facts;
    }

    private List<Fact> tables() {
        String copies = oneOf.subjects().stream().map(s -> s + oneOf.from()).collect(Collectors.joining(", "));
        return List.of(
                good("ordinary keys: nothing empty, nothing dangling"),
                good("each can grow its own attributes"),
                cost("a new subject: a table"),
                cost("all " + Plurals.plural(Words.spoken(oneOf.from())) + " together: a union of "
                        + oneOf.subjects().size()),
                cost("every change of shape " + oneOf.subjects().size() + " times: " + copies));
    }

    private List<Fact> parent(Tables tables, String parent) {
        return List.of(
                good("one ordinary key that the database holds"),
                good("other things can point to any subject too"),
                cost("1 more join to read"),
                cost("a row of " + tables.table(parent).name() + " before every subject"),
                lack("nothing holds a parent to one subject"));
    }
}

package jasperwing.weigh;

import static jasperwing.weigh.Fact.cost;
import static jasperwing.weigh.Fact.good;
import static jasperwing.weigh.Fact.lack;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Enforcement;
import jasperwing.derive.KeyTypes;
import jasperwing.derive.Reference;
import jasperwing.dialect.Dialect;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.moves.SharedParent;
import jasperwing.moves.TableForEach;
import jasperwing.naming.Articles;
import jasperwing.naming.FreeName;
import jasperwing.naming.Plurals;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import jasperwing.physical.Column;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The ways to keep a one-of. */
final class OneOfs {
    private final Design design;
    private final Dialect dialect;
    private final PolymorphicRelationship oneOf;
    private final String subject;
    private final String read;
    private final String write;

    OneOfs(Design design, Dialect dialect, PolymorphicRelationship oneOf) {
        this.design = design;
        this.dialect = dialect;
        this.oneOf = oneOf;
        this.subject = oneOf.subjects().get(0);
        String one = Words.spoken(oneOf.from());
        this.read = "To read the " + Plurals.plural(one) + " of one " + Words.spoken(subject);
        this.write = "To write one " + one + " about a " + Words.spoken(subject);
    }

    Alternatives weigh() {
        String role = Roles.forward(oneOf);
        String parent = FreeName.of(design, oneOf.from() + Words.pascal(role));
        List<Plan> plans = List.of(
                keeping("A column for each", PolymorphicMapping.COLUMN_EACH, this::columns),
                keeping("A kind and an id", PolymorphicMapping.KIND_AND_ID, this::kindAndId),
                Plan.move(design, "A table for each", new TableForEach(oneOf), this::tables, this::copied),
                Plan.move(
                        design,
                        "A shared parent",
                        new SharedParent(oneOf, parent),
                        (now, then) -> parent(now, then, parent),
                        t -> shared(t, parent)));
        List<String> ends = new ArrayList<>(List.of(oneOf.from()));
        ends.addAll(oneOf.subjects());
        return new Alternatives(
                "Ways to keep the " + Words.spoken(role) + " of " + Articles.with(oneOf.from()),
                "one of " + String.join(", ", oneOf.subjects()) + " \u00b7 " + dialect.title(),
                List.of(read, write),
                new AlternativeDerivation(design, dialect, ends, Set.copyOf(oneOf.subjects())).of(plans));
    }

    private Plan keeping(String title, PolymorphicMapping keeping, Plan.Facts facts) {
        return oneOf.kept() == keeping
                ? Plan.now(title, facts, this::kept)
                : Plan.edit(title, keep(oneOf, keeping), facts, this::kept);
    }

    private static Edit keep(PolymorphicRelationship one, PolymorphicMapping keeping) {
        return RelationshipEdits.replace(one, kept(one, keeping));
    }

    /** The same where it is kept so already, be it said or not. */
    private static PolymorphicRelationship kept(PolymorphicRelationship one, PolymorphicMapping keeping) {
        return one.kept() == keeping ? one : one.withKeeping(keeping);
    }

    private Map<String, String> asked(String reading, String writing) {
        Map<String, String> statements = new LinkedHashMap<>();
        statements.put(read, reading);
        statements.put(write, writing);
        return statements;
    }

    private Map<String, String> kept(Tables tables) {
        return asked(tables.between(subject, oneOf.from(), this::isOurs), tables.insert(tables.table(oneOf.from())));
    }

    private boolean isOurs(Relationship relationship) {
        return relationship instanceof PolymorphicRelationship o
                && o.from().equals(oneOf.from())
                && o.forward().equals(oneOf.forward());
    }

    private Map<String, String> copied(Tables tables) {
        String copy = subject + oneOf.from();
        return asked(
                tables.between(
                        subject, copy, r -> r.from().equals(copy) || r.targets().contains(copy)),
                tables.insert(tables.table(copy)));
    }

    private Map<String, String> shared(Tables tables, String parent) {
        List<DerivedTable> written = List.of(tables.table(parent), tables.table(subject), tables.table(oneOf.from()));
        return asked(tables.between(subject, oneOf.from(), r -> r.targets().contains(parent)), tables.inserts(written));
    }

    private List<Fact> columns(Tables now, Tables then) {
        PolymorphicRelationship kept = kept(oneOf, PolymorphicMapping.COLUMN_EACH);
        String all = oneOf.forward().must() ? "exactly one" : "at most one";
        return List.of(
                SchemaFacts.enforced(keys(then, kept)),
                Fact.of(
                        Enforcement.checksOneFilled(dialect, oneOf),
                        "a check enforces that " + all + " is filled",
                        "no check that " + all + " is filled: " + dialect.title()
                                + " takes none on columns a delete sets to null"),
                SchemaFacts.joins(kept(then).get(read)),
                cost("all but one of " + Words.count(keys(then, kept).size(), "reference") + " are null"),
                subject(now, one -> keep(one, PolymorphicMapping.COLUMN_EACH)));
    }

    /** One for each subject. */
    private static List<Reference> keys(Tables tables, PolymorphicRelationship kept) {
        return tables.keysOf(tables.table(kept.from()), kept);
    }

    private List<Fact> kindAndId(Tables now, Tables then) {
        DerivedTable table = then.table(oneOf.from());
        List<String> columns =
                table.columnsOf(Roles.forward(oneOf)).stream().map(Column::name).toList();
        List<Fact> facts = new ArrayList<>();
        facts.add(good(Words.count(columns.size(), "column") + ", however many subjects"));
        if (table.isIndexed(columns)) {
            facts.add(good("1 index finds by any subject"));
        }
        facts.add(subject(now, one -> keep(one, PolymorphicMapping.KIND_AND_ID)));
        if (!KeyTypes.alike(design, oneOf.subjects())) {
            facts.add(lack("the subjects are keyed differently: ids are compared as text"));
        }
        facts.add(lack("no foreign key: ids can dangle" + SchemaFacts.triggers(then, " without triggers")));
        facts.add(lack("a renamed subject leaves stored kinds behind"));
        return facts;
    }

    /** What one more subject adds, when it is keyed like the first. */
    private Fact subject(Tables now, Function<PolymorphicRelationship, Edit> edit) {
        String name = FreeName.of(now.design(), "Subject");
        List<String> subjects = new ArrayList<>(oneOf.subjects());
        subjects.add(name);
        PolymorphicRelationship more = oneOf.withSubjects(subjects);
        List<Entity> entities = new ArrayList<>(now.design().entities());
        entities.add(keyedLikeFirst(now.design(), name));
        Design before = now.design().withEntities(entities);
        Design after = RelationshipEdits.replace(oneOf, more).on(before);
        return SchemaFacts.growth(
                "subject",
                SchemaGrowth.between(
                        Tables.of(edit.apply(oneOf).on(before), dialect).schema(),
                        Tables.of(edit.apply(more).on(after), dialect).schema()));
    }

    private Entity keyedLikeFirst(Design now, String name) {
        Entity first = now.entity(InheritanceTree.root(now, subject)).orElseThrow();
        List<Attribute> key = first.attributes().stream().filter(first::isKey).toList();
        return key.isEmpty() || key.size() < first.key().names().size()
                ? Entity.keyed(name)
                : Entity.of(name).withAttributes(key).withKey(first.key());
    }

    private List<Fact> tables(Tables now, Tables then) {
        List<DerivedTable> copies =
                oneOf.subjects().stream().map(s -> then.table(s + oneOf.from())).toList();
        List<Reference> keys = oneOf.subjects().stream()
                .flatMap(s -> SchemaFacts.key(then.table(s + oneOf.from()), s).stream())
                .toList();
        return List.of(
                SchemaFacts.enforced(keys),
                SchemaFacts.joins(copied(then).get(read)),
                subject(now, TableForEach::new),
                cost("all " + Plurals.plural(Words.spoken(oneOf.from())) + " together: a union of "
                        + Words.count(copies.size(), "table")),
                cost("a change to one is repeated in "
                        + copies.stream().skip(1).map(DerivedTable::name).collect(Collectors.joining(", "))));
    }

    private List<Fact> parent(Tables now, Tables then, String parent) {
        String table = then.table(parent).name();
        List<Reference> key =
                SchemaFacts.key(then.table(oneOf.from()), parent).stream().toList();
        return List.of(
                SchemaFacts.enforced(key),
                good("other entities can refer to any subject by " + table),
                SchemaFacts.joins(shared(then, parent).get(read)),
                subject(now, one -> new SharedParent(one, parent)),
                cost("a row of " + table + " before every subject"),
                lack("no constraint keeps two subjects from sharing a row of " + table));
    }
}

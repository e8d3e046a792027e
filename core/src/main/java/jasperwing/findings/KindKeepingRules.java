package jasperwing.findings;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Enforcement;
import jasperwing.derive.GuardTriggers;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindEdits;
import jasperwing.model.KindsKept;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Relationship;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Articles;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** What the way kinds are kept costs. */
final class KindKeepingRules {
    /** Triggers for more kinds are written on the command line only. */
    private static final int MANY = 50;

    private KindKeepingRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        Design design = checked.design();
        design.entities().stream()
                .filter(e -> !design.kinds(e.name()).isEmpty()
                        && design.parent(e.name()).isEmpty()
                        && InheritanceTree.isKept(design, e.name(), KindsKept.COMPLETE_TABLES))
                .forEach(e -> countedKey(e, found));
        if (design.entities().stream().anyMatch(e -> design.parent(e.name()).isPresent())) {
            design.relationships().forEach(r -> pointed(checked, r, found));
            design.entities().stream()
                    .filter(e -> !design.kinds(e.name()).isEmpty()
                            && design.parent(e.name()).isEmpty())
                    .forEach(e -> rows(checked, e, found));
        }
    }

    private static void countedKey(Entity root, Consumer<Finding> found) {
        for (Attribute attribute : root.attributes()) {
            if (root.isKey(attribute) && attribute.type().is(Scalar.SERIAL)) {
                found.accept(new Finding(
                        Rule.COUNTED_KEY_APART,
                        Subject.of(root.name(), attribute.name()),
                        root.name() + "'s " + attribute.name() + " is counted up in the table of each kind anew.",
                        "Two rows of different kinds would have the same key.",
                        List.of(
                                new Fix(
                                        "Make it a uuid",
                                        EntityEdits.changeAttribute(
                                                root.name(), attribute.name(), a -> a.withType(Type.of(Scalar.UUID)))),
                                new Fix(
                                        "Keep the kinds in a table each",
                                        KindEdits.keep(root.name(), KindsKept.TABLE_EACH)))));
            }
        }
    }

    /** A row can be of two kinds unless one table has all of them. */
    private static void rows(Checked checked, Entity root, Consumer<Finding> found) {
        Design design = checked.design();
        boolean complete = InheritanceTree.isKept(design, root.name(), KindsKept.COMPLETE_TABLES);
        List<DerivedTable> tables = complete
                ? checked.schema().tablesOf(design, root.name())
                : InheritanceTree.descendants(design, root.name()).stream()
                        .flatMap(k -> checked.schema().table(k.name()).stream())
                        .toList();
        boolean counted = root.attributes().stream()
                .anyMatch(a -> root.isKey(a) && a.type().is(Scalar.SERIAL));
        boolean apart = complete ? tables.size() > 1 && !counted : !tables.isEmpty();
        if (!apart
                || InheritanceTree.isKept(design, root.name(), KindsKept.ONE_TABLE)
                || root.key().isEmpty()) {
            return;
        }
        String names = EntityNouns.all(
                tables.stream().map(DerivedTable::name).distinct().toList());
        found.accept(new Finding(
                Rule.KIND_ROWS_NOT_ENFORCED,
                Subject.of(root.name()),
                complete
                        ? "The same key of " + root.name() + " can be in several of " + names
                                + ": a primary key is unique in its own table only."
                        : "A row of " + names + " can belong to " + Articles.with(root.name())
                                + " of another kind, and one can be missing: no constraint compares it with the kind.",
                "Wrong rows are accepted silently"
                        + (GuardTriggers.areIn(checked.dialect()) ? "; triggers refuse them." : "."),
                List.of(keepIn(design, root.name(), KindsKept.ONE_TABLE)),
                tables.size() > MANY ? "" : GuardSql.ofKinds(checked, root)));
    }

    private static void pointed(Checked checked, Relationship relationship, Consumer<Finding> found) {
        Design design = checked.design();
        if (relationship instanceof PolymorphicRelationship oneOf && oneOf.kept() == PolymorphicMapping.KIND_AND_ID) {
            return;
        }
        Stream<String> ends = Roles.of(relationship).isEmpty()
                ? Stream.concat(Stream.of(relationship.from()), relationship.targets().stream())
                : Roles.of(relationship).stream().map(Role::targets).flatMap(List::stream);
        ends.filter(e -> isLoose(design, e))
                .findFirst()
                .ifPresent(e -> found.accept(new Finding(
                        Rule.KIND_NOT_ENFORCED,
                        Subject.of(relationship, ""),
                        message(design, relationship, e),
                        "The database accepts a reference to a row that does not exist or is of another kind"
                                + (GuardTriggers.areIn(checked.dialect()) ? "; triggers refuse it." : "."),
                        List.of(keepIn(design, e, KindsKept.TABLE_EACH)),
                        GuardSql.of(checked, relationship))));
    }

    /** Whether a foreign key cannot say that what it points to is of the entity. */
    private static boolean isLoose(Design design, String entity) {
        return Enforcement.of(design, entity) == Enforcement.SEVERAL_TABLES
                || Enforcement.takesOtherKinds(design, entity);
    }

    private static String message(Design design, Relationship relationship, String entity) {
        String from =
                relationship.from().equals(entity) ? relationship.targets().get(0) : relationship.from();
        return InheritanceTree.isKept(design, entity, KindsKept.COMPLETE_TABLES)
                ? from + " points to " + entity + ", whose rows lie in the tables of its kinds: no foreign key can."
                : from + " points to " + entity
                        + ", which lies in one table with other kinds: its foreign key takes any.";
    }

    static Fix keepIn(Design design, String entity, KindsKept way) {
        String root = InheritanceTree.root(design, entity);
        return new Fix("Keep the kinds of " + root + " in " + way.words(), KindEdits.keep(root, way));
    }
}

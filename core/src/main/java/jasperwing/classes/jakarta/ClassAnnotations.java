package jasperwing.classes.jakarta;

import jasperwing.classes.ModelClass;
import jasperwing.classes.language.ChosenClasses;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.UniqueKey;
import jasperwing.model.KindsKept;
import java.util.ArrayList;
import java.util.List;

/** What is said of a class as a whole: its table, its key, what it is a kind of, and its own kinds. */
final class ClassAnnotations {
    private final ChosenClasses classes;
    private final Columns columns;
    private final ModelClass subject;

    private ClassAnnotations(ChosenClasses classes, ModelClass subject) {
        this.classes = classes;
        this.columns = new Columns(classes);
        this.subject = subject;
    }

    /** Those of the class of an entity, in order. */
    static List<Annotation> of(ChosenClasses classes, ModelClass subject) {
        return new ClassAnnotations(classes, subject).all();
    }

    /** Those of the class of a value. */
    static List<Annotation> ofValue() {
        return List.of(Annotation.of("Embeddable"));
    }

    private List<Annotation> all() {
        List<Annotation> all = new ArrayList<>(List.of(Annotation.of("Entity")));
        if (hasTable()) {
            all.add(table(subject.table()));
        }
        if (subject.isRoot()) {
            all.add(Annotation.of("Inheritance").with("strategy", Annotation.constant("InheritanceType", strategy())));
            subject.table().kinds().map(this::discriminator).ifPresent(all::add);
        }
        if (subject.hierarchy().isPresent() && !isKept(KindsKept.COMPLETE_TABLES) && !subject.isAbstract()) {
            all.add(Annotation.of("DiscriminatorValue")
                    .with("value", subject.entity().name()));
        }
        boolean keyed =
                !subject.keyProperties().isEmpty() || !subject.keyReferences().isEmpty();
        if (keyed && classes.hasCompositeKey(subject)) {
            String name = classes.packageOf(subject) + "." + subject.name();
            all.add(Annotation.of("IdClass").with("value", new Annotation.ClassName(name, "Key")));
        }
        return all;
    }

    private boolean isKept(KindsKept way) {
        return subject.hierarchy().map(l -> l.kept() == way).orElse(false);
    }

    /** Whether rows lie in a table that the class alone names. */
    private boolean hasTable() {
        boolean amongOthers = isKept(KindsKept.ONE_TABLE) && subject.parent().isPresent();
        return !amongOthers && !(isKept(KindsKept.COMPLETE_TABLES) && subject.isAbstract());
    }

    private String strategy() {
        return isKept(KindsKept.ONE_TABLE)
                ? "SINGLE_TABLE"
                : isKept(KindsKept.TABLE_EACH) ? "JOINED" : "TABLE_PER_CLASS";
    }

    private Annotation discriminator(DerivedTable.Kinds kinds) {
        int longest = kinds.names().stream().mapToInt(String::length).reduce(20, Math::max);
        return Annotation.of("DiscriminatorColumn")
                .with("name", columns.sqlText(kinds.column()))
                .with("length", longest);
    }

    private Annotation table(DerivedTable table) {
        Annotation named = columns.named("Table", table);
        return table.uniqueKeys().isEmpty()
                ? named
                : named.with(
                        "uniqueConstraints",
                        table.uniqueKeys().stream().map(this::unique).toList());
    }

    private Annotation unique(UniqueKey key) {
        return Annotation.of("UniqueConstraint")
                .with("name", columns.sqlText(key.name()))
                .with(
                        "columnNames",
                        key.columns().stream().map(columns::sqlText).toList());
    }
}

package jasperwing.classes.java;

import jasperwing.classes.ModelClass;
import jasperwing.model.KindsKept;
import jasperwing.schema.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the head of a class says of what it is a kind of, and of its own kinds. */
final class FamilyLines {
    private final JavaTarget target;
    private final ModelClass subject;
    private final Imports imports;

    FamilyLines(JavaTarget target, ModelClass subject, Imports imports) {
        this.target = target;
        this.subject = subject;
        this.imports = imports;
    }

    private boolean isKept(KindsKept way) {
        return subject.lineage().map(l -> l.kept() == way).orElse(false);
    }

    private boolean isAbstract() {
        return subject.lineage().map(ModelClass.Lineage::onlyKinds).orElse(false);
    }

    /** Whether rows lie in a table that the class alone names. */
    boolean hasTable() {
        boolean amongOthers = isKept(KindsKept.ONE_TABLE) && subject.parent().isPresent();
        return !amongOthers && !(isKept(KindsKept.COMPLETE_TABLES) && isAbstract());
    }

    List<Mapping> mappings() {
        List<Mapping> all = new ArrayList<>();
        if (subject.isRoot()) {
            all.add(Mapping.of("Inheritance").with("strategy", new Mapping.Constant("InheritanceType", strategy())));
            subject.table().kinds().map(FamilyLines::discriminator).ifPresent(all::add);
        }
        if (subject.lineage().isPresent() && !isKept(KindsKept.COMPLETE_TABLES) && !isAbstract()) {
            all.add(Mapping.of("DiscriminatorValue")
                    .with("value", subject.entity().name()));
        }
        return all;
    }

    private String strategy() {
        return isKept(KindsKept.ONE_TABLE)
                ? "SINGLE_TABLE"
                : isKept(KindsKept.TABLE_EACH) ? "JOINED" : "TABLE_PER_CLASS";
    }

    private static Mapping discriminator(Table.Kinds kinds) {
        int longest = kinds.names().stream().mapToInt(String::length).reduce(20, Math::max);
        return Mapping.of("DiscriminatorColumn")
                .with("name", EntityFile.sqlText(kinds.column()))
                .with("length", longest);
    }

    /** The word before {@code class}, with a space after it; or nothing. */
    String modifier() {
        return isAbstract() ? "abstract " : "";
    }

    /** What stands after the name of the class; or nothing. */
    String superclass() {
        Optional<String> parent = subject.parent();
        return parent.map(p -> " extends " + imports.use(target.qualified(p))).orElse("");
    }
}

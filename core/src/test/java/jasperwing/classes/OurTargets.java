package jasperwing.classes;

import jasperwing.classes.language.Checker;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.TargetOption;
import jasperwing.classes.targets.Targets;
import jasperwing.dialect.Dialect;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import java.util.List;
import java.util.Map;

/** The targets that come with Jasperwing, and what tests ask of them. */
public final class OurTargets {
    public static final Target JAKARTA = Targets.named("java-jakarta");
    public static final Target PLAIN = Targets.named("java-plain");

    private OurTargets() {}

    /** A design whose classes lie in a package. */
    static Design inPackage(String name, Design design) {
        return CodeTargetEdits.choose(JAKARTA.word(), "package", name).on(design);
    }

    /** The classes of a design in Java. */
    public static ClassModel model(Design design) {
        return JAKARTA.model(design, JAKARTA.schema(design));
    }

    /** All that can be chosen for any of them. */
    public static List<TargetOption> options() {
        return Targets.all().stream()
                .flatMap(t -> t.options().stream())
                .distinct()
                .toList();
    }

    /** The databases the classes of a target can be kept in. */
    static List<Dialect> databases(Target target) {
        return target.option("database").orElseThrow().choices().stream()
                .map(Dialect::named)
                .toList();
    }

    /** What the compiler says of sources. */
    public static List<Checker.Remark> remarks(Map<String, String> sources) {
        return JAKARTA.checker().orElseThrow().check(sources, () -> true).orElseThrow();
    }
}

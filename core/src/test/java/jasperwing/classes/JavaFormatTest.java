package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Designs;
import jasperwing.ExampleDesigns;
import jasperwing.Samples;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.TargetOption;
import jasperwing.classes.targets.Targets;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Generated Java is unchanged by a formatter, whatever is chosen. */
class JavaFormatTest {
    private static final Pattern CLUMSY = Pattern.compile("if \\(\\(|(\\w+) == null \\? null : \\1;");

    private static List<Design> designs() {
        return Stream.concat(
                        Stream.of(Samples.demo()), ExampleDesigns.NAMES.stream().map(ExampleDesigns::design))
                .toList();
    }

    private static void isFormatted(Target target, Design design, String as) {
        target.files(design).stream().filter(f -> f.path().endsWith(".java")).forEach(f -> assertThat(remarks(f.text()))
                .as(target.word() + " " + as + " " + f.path())
                .isEmpty());
    }

    /** The lines a formatter writes otherwise, and those nobody would write so. */
    private static List<String> remarks(String java) {
        Set<String> formatted = JavaFormatter.formatted(java).lines().collect(Collectors.toSet());
        List<String> remarks = java.lines()
                .filter(l -> !formatted.contains(l)
                        || CLUMSY.matcher(l).find()
                        || l.length() > 120 && !l.startsWith("import "))
                .collect(Collectors.toList());
        if (remarks.isEmpty() && !JavaFormatter.formatted(java).equals(java)) {
            remarks.add("the same lines, but not in this order");
        }
        return remarks;
    }

    @ParameterizedTest
    @MethodSource("jasperwing.classes.targets.Targets#all")
    void thatOfEveryExampleIs(Target target) {
        designs().forEach(d -> isFormatted(target, d, d.name()));
    }

    @ParameterizedTest
    @MethodSource("jasperwing.classes.OurTargets#options")
    void thatOfEveryChoiceIs(TargetOption option) {
        for (String value : option.choices()) {
            for (Target target : Targets.all()) {
                for (String name : List.of("pharmacy", "greenhouse")) {
                    Design design = CodeTargetEdits.choose(target.word(), option.word(), value)
                            .on(ExampleDesigns.design(name));
                    isFormatted(target, design, option.word() + " " + value);
                }
            }
        }
    }

    @Provide
    Arbitrary<Design> anyDesigns() {
        return Designs.all();
    }

    @Property(tries = 60, seed = "20261129")
    void thatOfAnyDesignIs(@ForAll("anyDesigns") Design design) {
        for (Target target : Targets.all()) {
            isFormatted(target, design, "any");
        }
    }
}

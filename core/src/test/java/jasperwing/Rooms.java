package jasperwing;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The packages directly below one, and which of each other they may know.
 *
 * @param base the package above them
 * @param sources where its sources lie, from the project's root
 * @param besides what all of them may know besides, in words
 */
public record Rooms(JavaClasses classes, String base, String sources, List<String> besides, List<Arrow> arrows) {
    /** A package and the packages beside it that it may know. */
    public record Arrow(String from, String... to) {}

    /** The package below the base that a class lies in; empty for one of the base itself. */
    private String room(JavaClass type) {
        String below = type.getPackageName().substring(base.length());
        return below.isEmpty() ? "" : below.substring(1).replaceFirst("\\..*", "");
    }

    /** Every package has its arrow. */
    public void areListed() {
        assertThat(classes.stream().map(this::room).filter(r -> !r.isEmpty()).collect(Collectors.toSet()))
                .isEqualTo(arrows.stream().map(Arrow::from).collect(Collectors.toSet()));
    }

    /** A package knows what its arrow says, neither more nor less. */
    public void followsItsArrow(Arrow arrow) {
        Set<String> known = classes.stream()
                .filter(c -> room(c).equals(arrow.from()))
                .flatMap(c -> c.getDirectDependenciesFromSelf().stream())
                .map(d -> d.getTargetClass().getBaseComponentType())
                .filter(c -> c.getPackageName().startsWith(base))
                .map(this::room)
                .filter(r -> !r.equals(arrow.from()))
                .collect(Collectors.toSet());
        assertThat(known).containsExactlyInAnyOrder(arrow.to());
    }

    /** What a package may know stands at the end of its description, too. */
    public void saysItsArrow(Arrow arrow) {
        List<String> all =
                Stream.concat(besides.stream(), Arrays.stream(arrow.to())).toList();
        String said = all.isEmpty() ? "nothing else of ours." : String.join(", ", all) + ".";
        assertThat(Path.of(System.getProperty("jasperwing.root"), sources, arrow.from(), "package-info.java"))
                .content()
                .containsPattern(" \\* <p>May know: " + Pattern.quote(said) + "\n \\*/\npackage ");
    }
}

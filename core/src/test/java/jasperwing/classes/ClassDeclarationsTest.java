package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ClassDeclarationsTest {
    /** Whatever the mapping is, what a class is and its fields are found. */
    @ParameterizedTest
    @ValueSource(strings = {"annotations", "xml"})
    void aClassAndItsFieldsAreFound(String mapping) {
        Design design =
                CodeTargetEdits.choose("java-jakarta", "mapping", mapping).on(Samples.demo());
        GeneratedFile dive = OurTargets.JAKARTA.files(design).stream()
                .filter(f -> f.path().endsWith("/Dive.java"))
                .findFirst()
                .orElseThrow();
        ClassDeclarations declarations = ClassDeclarations.of(dive);
        assertThat(declarations.head()).last().isEqualTo("public class Dive {");
        assertThat(declarations.fields())
                .extracting(f -> f.source().member())
                .startsWith("id")
                .contains("number", "expedition", "hazards", "specimens", "instruments")
                .doesNotContain("");
        assertThat(declarations.fields())
                .extracting(f -> f.lines().get(f.lines().size() - 1).strip())
                .allMatch(l -> l.startsWith("private ") && l.endsWith(";"))
                .contains("private Expedition expedition;");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "one\n", "one\n\ntwo\n"})
    void aFileOfNoMembersHasNoFields(String text) {
        assertThat(ClassDeclarations.of(new GeneratedFile("a", text, "")).fields())
                .isEmpty();
        assertThat(Set.copyOf(ClassDeclarations.of(new GeneratedFile("a", text, "", List.of()))
                                .head())
                        .size())
                .isLessThan(2);
    }
}

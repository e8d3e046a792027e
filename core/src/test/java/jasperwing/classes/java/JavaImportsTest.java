package jasperwing.classes.java;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How a source file names types and texts. */
class JavaImportsTest {
    private final JavaImports imports = new JavaImports("marsh.field", "List", Set.of("Dive", "Table"));

    @Test
    void aTypeIsNamedSimplyUnlessTheNameMeansSomethingElseHere() {
        assertThat(imports.use("java.util.Set")).isEqualTo("Set");
        assertThat(imports.use("java.util.List")).isEqualTo("java.util.List");
        assertThat(imports.use("jakarta.persistence.Table")).isEqualTo("jakarta.persistence.Table");
        assertThat(imports.use("marsh.field.Dive")).isEqualTo("Dive");
        assertThat(imports.use("marsh.other.Set")).isEqualTo("marsh.other.Set");
        assertThat(imports.use("java.util.Set")).isEqualTo("Set");
    }

    @Test
    void importsAreSortedAndLeaveOutNeighboursAndTheLanguageItself() {
        imports.use("java.util.Set");
        imports.use("java.lang.String");
        imports.use("jakarta.persistence.Entity");
        imports.use("marsh.field.Dive");
        assertThat(imports.lines()).isEqualTo("import jakarta.persistence.Entity;\nimport java.util.Set;\n\n");
        assertThat(new JavaImports("a", "B", Set.of()).lines()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"leader, LEADER", "underWay, UNDER_WAY", "two words, TWO_WORDS", "1st, V_1ST", "'?', V_", "class, CLASS"
    })
    void enumConstantsAreNamesOfTheLanguage(String value, String constant) {
        assertThat(JavaNames.constant(value)).isEqualTo(constant);
    }

    @Test
    void textsCannotBreakOutOfLiterals() {
        assertThat(JavaNames.quote("a\"b\\c\nd\u0001")).isEqualTo("\"a\\\"b\\\\c\\nd\\u0001\"");
    }

    @Test
    void noMethodIsOneThatEveryObjectHas() {
        assertThat(JavaNames.method("get", "depth")).isEqualTo("getDepth");
        assertThat(JavaNames.method("get", "class")).isEqualTo("getClass_");
        assertThat(JavaNames.elementMethod("add", "photos")).isEqualTo("addPhoto");
    }
}

package jasperwing.classes.java;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How a source file names types and texts. */
class ImportsTest {
    private final Imports imports = new Imports("marsh.field", "List", Set.of("Dive", "Table"));

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
        assertThat(new Imports("a", "B", Set.of()).lines()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"leader, LEADER", "underWay, UNDER_WAY", "two words, TWO_WORDS", "1st, V_1ST", "'?', V_", "class, CLASS"
    })
    void enumConstantsAreNamesOfTheLanguage(String value, String constant) {
        assertThat(EnumFile.constant(value)).isEqualTo(constant);
    }

    @Test
    void textsCannotBreakOutOfLiteralsAndComments() {
        assertThat(Code.quote("a\"b\\c\nd\u0001")).isEqualTo("\"a\\\"b\\\\c\\nd\\u0001\"");
        assertThat(Code.escaped("ends */ here \\u000a @x <b>\n next"))
                .isEqualTo("ends *&#47; here &#92;u000a &#64;x &lt;b> next");
    }

    @Test
    void codeIndentsByItsBraces() {
        assertThat(new Code(0)
                        .line("class A {")
                        .doc("One.")
                        .line("void b() {")
                        .line("c();")
                        .line("}")
                        .line("}")
                        .toString())
                .isEqualTo("class A {\n    /** One. */\n    void b() {\n        c();\n    }\n}\n");
    }
}

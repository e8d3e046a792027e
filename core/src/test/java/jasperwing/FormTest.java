package jasperwing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.classes.Javac;
import jasperwing.classes.OurTargets;
import jasperwing.derive.Databases;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.TextConstraint;
import jasperwing.notation.Notation;
import jasperwing.notation.Problem;
import jasperwing.reading.Narration;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a text must look like, from the notation to the database and the classes. */
class FormTest {
    private final Design design = Samples.design(
            "entity Boat",
            "  id serial key",
            "  sign text(8) longer than 2 matching /[A-Z]{2}\\/\\d+(?:'|\"|#)?/ label \"Call sign\"",
            "  motto long text? longer than 0");

    private static TextConstraint form(Design design, String attribute) {
        return design.entities()
                .get(0)
                .attribute(attribute)
                .map(Attribute::textConstraint)
                .orElseThrow();
    }

    @Test
    void isReadAndPrintedWithSlashesEscaped() {
        assertThat(form(design, "sign"))
                .isEqualTo(new TextConstraint(Optional.of(2), "[A-Z]{2}/\\d+(?:'|\"|#)?", false, ""));
        assertThat(form(design, "motto")).isEqualTo(TextConstraint.NONE.withLongerThan(0));
        assertThat(Notation.print(design))
                .contains(
                        "  sign        text(8)        longer than 2 matching /[A-Z]{2}\\/\\d+(?:'|\"|#)?/ label \"Call sign\"\n");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "sign text(8) matching /[A-Z/ | this is no regular expression: Unclosed character class",
                "sign text(8) matching /abc | the pattern is not closed",
                "sign text(8) matching // | // is not understood here",
                "sign text(8) matching abc | 'abc' is not understood here",
                "sign text(8) longer than -1 | a length cannot be negative",
                "sign text(8) longer 3 | '3' is not understood here",
                "sign text(8) longer than 1 longer than 2 | 'longer' is said twice"
            })
    void whatCannotBeReadIsAProblemAtItsPlace(String line, String message) {
        assertThat(Notation.parse("design \"T\"\nentity Boat\n  " + line + "\n").problems())
                .singleElement()
                .satisfies(p -> assertThat(p.line()).isEqualTo(3))
                .extracting(Problem::message)
                .isEqualTo(message);
    }

    @ParameterizedTest
    @ValueSource(strings = {"a\nb", "a\n"})
    void aPatternIsOneLine(String pattern) {
        assertThatIllegalArgumentException().isThrownBy(() -> new TextConstraint(Optional.empty(), pattern, false, ""));
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void theDatabaseRefusesWhatIsTooShort(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(design, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into boats (sign) values ('AB/7')");
            assertThatThrownBy(() -> statement.execute("insert into boats (sign, motto) values ('AB/8', '')"))
                    .isInstanceOf(SQLException.class);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"AB/", "ab/7", "xAB/7", "AB/7x", "AB/7\n"})
    void postgresqlRefusesWhatDoesNotMatchAsAWhole(String sign) throws SQLException {
        try (Connection connection = Databases.loaded(design, Dialects.POSTGRESQL);
                var statement = connection.prepareStatement("insert into boats (sign) values (?)")) {
            statement.setString(1, sign);
            assertThatThrownBy(statement::execute).isInstanceOf(SQLException.class);
        }
    }

    @Test
    void theClassIsValidatedToTheSame(@TempDir Path folder) throws Exception {
        String code = OurTargets.JAKARTA.files(design).stream()
                .filter(f -> f.entity().equals("Boat"))
                .findFirst()
                .orElseThrow()
                .text();
        assertThat(code)
                .contains(
                        "@Size(min = 3, max = 8)",
                        "@Size(min = 1)",
                        "@Pattern(regexp = \"[A-Z]{2}/\\\\d+(?:'|\\\"|#)?\")");
        Javac.write(OurTargets.JAKARTA.files(design), folder.resolve("src"));
        Javac.compile(folder.resolve("src"), folder.resolve("out"));
    }

    @Test
    void isReadAloud() {
        assertThat(Narration.entity(design, "Boat").get(0).facts())
                .anyMatch(f -> f.contains("longer than 2 characters; of the form [A-Z]{2}/"));
    }
}

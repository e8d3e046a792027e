package jasperwing.dialect;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.derive.Databases;
import jasperwing.derive.Schema;
import jasperwing.model.Design;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PatternsTest {
    private static final List<String> PATTERNS = List.of(
            "\\d+",
            "\\w+",
            "[\\d.]+",
            "\\S+",
            "a.c",
            "\\D\\W",
            "[^\\s-]+",
            "(?:ab|c){2,3}",
            "(?=.*\\d)[a-z0-9]+",
            "a\\.b\\/c\\$",
            "x{1,250}",
            "[A-Z]{2}-\\d{4}(?!9)",
            "\\t?\\(\\)");

    private static final List<String> TEXTS = List.of(
            "12",
            "\u0663\u0664",
            "ab_1",
            "\u00e9t\u00e9",
            "1.2",
            "a b",
            "a\nc",
            "a\rc",
            "a\u0085c",
            "abc",
            "a-",
            "!?",
            "abab",
            "cabc",
            "a1",
            "aa",
            "a.b/c$",
            "axb/c$",
            "xxxx",
            "AB-1234",
            "AB-12349",
            "()",
            "\t()",
            "",
            "-",
            "\u212a",
            "12\n");

    /** Texts match where they match in Java, and no others. */
    @ParameterizedTest
    @ValueSource(strings = {"postgresql", "mariadb", "h2"})
    void meanTheSameInEveryDatabase(Dialect dialect) throws SQLException {
        Design none = Samples.design("entity Plot", "  id serial key");
        try (Connection connection = Databases.loaded(none, dialect)) {
            for (String pattern : PATTERNS) {
                String text = "cast(? as " + dialect.textCast() + ")"
                        + (dialect == Dialects.MARIADB ? " collate utf8mb4_bin" : "");
                String condition =
                        dialect.matches(text, dialect.pattern(pattern).orElseThrow());
                try (PreparedStatement select =
                        connection.prepareStatement("select 1 from (select 1 as one) t where " + condition)) {
                    for (String value : TEXTS) {
                        select.setString(1, value);
                        try (ResultSet rows = select.executeQuery()) {
                            assertThat(rows.next())
                                    .as(pattern + " of " + value)
                                    .isEqualTo(Pattern.matches(pattern, value));
                        }
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "\\p{L}+, false, false",
        "[\\D]+, false, false",
        "(?i)ab, false, false",
        "a++, false, true",
        "\\bab, false, false",
        "[a-z&&[^b]], false, false",
        "a{300}, false, true",
        "ab\\d, true, true",
    })
    void haveNoneWhereADatabaseCannotSayIt(String pattern, boolean postgresql, boolean mariadb) {
        assertThat(Dialects.POSTGRESQL.pattern(pattern).isPresent()).isEqualTo(postgresql);
        assertThat(Dialects.MARIADB.pattern(pattern).isPresent()).isEqualTo(mariadb);
        assertThat(Dialects.SQLITE.pattern(pattern)).isEmpty();
        assertThat(Dialects.H2.pattern(pattern)).contains(pattern);
    }

    @Test
    void theyStandInChecks() {
        Design design = Samples.design("entity Plot", "  id serial key", "  code text(9) matching /[A-Z]\\d/");
        assertThat(Schema.derive(design, Dialects.POSTGRESQL).sql()).contains("check (code ~ '^(?:[A-Z][0-9])$')");
        assertThat(Schema.derive(design, Dialects.SQLITE).sql()).doesNotContain("[A-Z]");
    }
}

package jasperwing.physical;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SqlExpressionTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '\u00a4',
            value = {
                "((depth)::integer >= 0)|depth >= 0",
                "(\"DEPTH\" >= 0)|depth >= 0",
                "`depth` >= 0.00|depth >= 0",
                "state::text = any (array['a'::character varying, 'b'::character varying]::text[])|state in ('a','b')",
                "((state)::text <> ALL ((ARRAY['a'::character varying, 'b'::character varying])::text[]))|state not in ('a', 'b')",
                "(state)::text = 'a'::text|state in ('a')",
                "x >= '-5'::integer|x >= -5",
                "(hue = 'red'::ours.hue_enum)|hue = 'red'",
                "'{}'::ours.\"Hue enum\"[]|'{}'",
                "x between 1 and 3 and y > 2|(((x >= 1) AND (x <= 3)) AND (y > 2))",
                "y > 2 and x > 1|x > 1 and y > 2",
                "not (a or b)|NOT (b OR a)",
                "cast(a as decimal(38,12)) / 2|(a / 2)",
                "SUBSTRING(name FROM 1 FOR 2)|substr(name, 1, 2)",
                "\"substring\"((name)::text, 2, 3)|substring(name, 2, 3)",
                "lcase(name) <> 'A'|LOWER(name) != 'A'",
                "case when a then 1 else null end|CASE WHEN a THEN 1 ELSE NULL::integer END",
                "extract(year from (at at time zone 'UTC'))|EXTRACT(YEAR FROM at AT TIME ZONE 'UTC')",
                "current_timestamp()|CURRENT_TIMESTAMP",
                "json '[]'|JSON '[]'",
                "day > date '2026-01-31'|(day > '2026-01-31'::date)",
                "name ~ '^(?:[A-Z])$'::text|(name ~ '^(?:[A-Z])$')",
                "a - (b - c)|(a - (b - c))",
                "(a is null) = (b is null)|`a` is null = (`b` is null)"
            })
    void theSameIsWrittenInOneWay(String one, String other) {
        assertThat(SqlExpression.of(one).normal())
                .isEqualTo(SqlExpression.of(other).normal());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '\u00a4',
            value = {
                "a - (b - c)|a - b - c",
                "not (a and b)|not a and b",
                "(a or b) and c|a or b and c",
                "state = 'a'|state = 'A'",
                "x > 1|x >= 1",
                "a * (b + 1)|a * b + 1",
                "name ~ 'a'|name ~* 'a'",
                "x in (1, 2)|x not in (1, 2)"
            })
    void whatIsNotTheSameIsNot(String one, String other) {
        assertThat(SqlExpression.of(one).normal())
                .isNotEqualTo(SqlExpression.of(other).normal());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '\u00a4',
            value = {
                "a b ( c|(",
                "((a)|case when",
                "x in|between and",
                "cast(a|array[1,",
                "'it''s' = \"Odd \"\"Name\"|- - 3",
                "a.b.c + 1|((a, b))"
            })
    void anyTextHasANormalFormThatStays(String one, String other) {
        for (String text : new String[] {one, other}) {
            SqlExpression normal = SqlExpression.of(text).normal();
            assertThat(normal.normal()).isEqualTo(normal);
        }
    }

    @Test
    void anExpressionHasAText() {
        assertThatThrownBy(() -> SqlExpression.of(" ")).isInstanceOf(IllegalArgumentException.class);
    }
}

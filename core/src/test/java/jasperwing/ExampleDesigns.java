package jasperwing;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Designs of fields unlike each other and unlike the demo, with rows for them. */
public final class ExampleDesigns {
    public static final List<String> NAMES =
            List.of("court", "pharmacy", "rail", "orchestra", "greenhouse", "film", "insurance", "league");

    private ExampleDesigns() {}

    /**
     * A statement that adds or deletes rows.
     *
     * @param except the word of a dialect it is not for; empty for all
     * @param triggered the word of a dialect that refuses it by triggers alone, or {@code triggers} for all; empty for none
     * @param accepted whether every database must take it; else every one must refuse it
     */
    public record Row(String except, String triggered, boolean accepted, String sql) {
        public boolean isFor(Dialect dialect) {
            return !except.equals(dialect.word());
        }

        /** Whether it is refused without triggers. */
        public boolean isByConstraint(Dialect dialect) {
            return !triggered.equals("triggers") && !triggered.equals(dialect.word());
        }

        /** Names in brackets are quoted where they must be; PostgreSQL writes bytes its own way. */
        public String in(Dialect dialect) {
            String quoted = Pattern.compile("\\[(\\w+)]")
                    .matcher(sql)
                    .replaceAll(m -> Matcher.quoteReplacement(dialect.quote(m.group(1))));
            return dialect == Dialects.POSTGRESQL ? quoted.replaceAll("x'([0-9a-f]*)'", "'\\\\\\\\x$1'") : quoted;
        }
    }

    public static Design design(String name) {
        Parsed<Design> parsed = Notation.parse(text(name + ".wing"));
        assertThat(parsed.problems()).isEmpty();
        return parsed.value();
    }

    /** In the order of the file: {@code +} before what is accepted, {@code -} before what is refused, {@code !dialect} before either,
     * {@code ~dialect} where one needs triggers to refuse. */
    public static List<Row> rows(String name) {
        return text(name + ".rows")
                .lines()
                .filter(l -> !l.isBlank())
                .map(ExampleDesigns::row)
                .toList();
    }

    private static Row row(String line) {
        String rest = line;
        String except = "";
        if (line.startsWith("!")) {
            int end = line.indexOf(' ');
            except = line.substring(1, end).toLowerCase(Locale.ROOT);
            rest = line.substring(end + 1);
        }
        String triggered = "";
        if (rest.startsWith("~")) {
            int end = rest.indexOf(' ');
            triggered = rest.substring(1, end);
            rest = rest.substring(end + 1);
        }
        return new Row(except, triggered, rest.startsWith("+"), rest.substring(2));
    }

    private static String text(String file) {
        try (InputStream in = ExampleDesigns.class.getResourceAsStream("/jasperwing/designs/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

package jasperwing.findings;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/**
 * What a rule finds, and what it does not.
 *
 * @param code of the rule
 * @param dialect the word of the database for which it finds it; empty for any
 * @param raising lines of a design, without the first, of which the rule finds something
 * @param silent lines of a design much like it, of which it finds nothing
 */
public record Example(String code, String dialect, String raising, String silent) {
    private static final String START = "== ";
    private static final String BETWEEN = "--\n";

    /** One of each rule, in the order of the rules. */
    public static List<Example> all() {
        try (InputStream in = Example.class.getResourceAsStream("/jasperwing/findings/examples.txt")) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            List<Example> all = new ArrayList<>();
            for (String part : text.substring(START.length()).split("\n" + START)) {
                all.add(read(part));
            }
            return all;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Example read(String part) {
        int line = part.indexOf('\n');
        int between = part.indexOf(BETWEEN);
        String[] head = part.substring(0, line).split(" ");
        return new Example(
                head[0],
                head.length > 1 ? head[1] : "",
                part.substring(line + 1, between),
                part.substring(between + BETWEEN.length()).strip() + "\n");
    }
}

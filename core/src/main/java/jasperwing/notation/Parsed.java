package jasperwing.notation;

import java.util.List;

/**
 * What came of reading a text.
 *
 * @param value what could be read; broken statements are left out of it
 * @param problems in the order of the text; empty when everything could be read
 */
public record Parsed<T>(T value, List<Problem> problems) {
    public Parsed {
        problems = List.copyOf(problems);
    }

    public boolean isSound() {
        return problems.isEmpty();
    }
}

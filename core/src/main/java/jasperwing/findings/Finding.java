package jasperwing.findings;

import java.util.List;

/**
 * Something a rule found.
 *
 * @param message what is so, in one sentence
 * @param why why it matters, in one sentence
 * @param fixes the best first; may be empty
 */
public record Finding(Rule rule, Subject subject, String message, String why, List<Fix> fixes) {
    public Finding {
        fixes = List.copyOf(fixes);
    }

    public Level level() {
        return rule.level();
    }
}

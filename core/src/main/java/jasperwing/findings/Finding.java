package jasperwing.findings;

import jasperwing.model.Comments;
import jasperwing.model.SetAside;
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

    /** What is written down to leave it as it is. */
    public SetAside asSetAside(String reason) {
        return new SetAside(rule.code(), subject.entity(), subject.member(), reason, Comments.NONE);
    }
}

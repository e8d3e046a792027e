package jasperwing.findings;

import jasperwing.model.AcceptedWarning;
import jasperwing.model.Comments;
import java.util.List;

/**
 * Something a rule found.
 *
 * @param message what is so, in one sentence
 * @param why why it matters, in one sentence
 * @param fixes the best first; may be empty
 * @param sql statements that mend what no edit of a design does; or empty
 */
public record Finding(Rule rule, Subject subject, String message, String why, List<Fix> fixes, String sql) {
    public Finding {
        fixes = List.copyOf(fixes);
    }

    Finding(Rule rule, Subject subject, String message, String why, List<Fix> fixes) {
        this(rule, subject, message, why, fixes, "");
    }

    Finding withoutFixes() {
        return new Finding(rule, subject, message, why, List.of(), sql);
    }

    public Level level() {
        return rule.level();
    }

    /** What is written down to leave it as it is. */
    public AcceptedWarning asAccepted(String reason) {
        return new AcceptedWarning(rule.code(), subject.entity(), subject.member(), reason, Comments.NONE);
    }
}

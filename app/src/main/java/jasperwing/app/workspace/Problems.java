package jasperwing.app.workspace;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What nobody expected to go wrong in one window: the one place it is reported to, from any thread. */
public final class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    private final ReadOnlyObjectWrapper<Optional<Unexpected>> latest = new ReadOnlyObjectWrapper<>(Optional.empty());

    /**
     * An error of the program.
     *
     * @param doing what was being done, such as {@code deriving}
     * @param times how often in a row the same was reported
     */
    public record Unexpected(String doing, Throwable error, int times) {
        public String sentence() {
            return "Jasperwing failed while " + doing + (times > 1 ? " (" + times + " times)" : "")
                    + ". It goes on with the last good state; your design is kept.";
        }

        /** The error with its origin, to be sent to those who can mend it. */
        public String details() {
            StringWriter text = new StringWriter();
            error.printStackTrace(new PrintWriter(text));
            return "while " + doing + "\n" + text;
        }

        private boolean isLike(Throwable other) {
            return error.getClass() == other.getClass() && error.getStackTrace().length == other.getStackTrace().length;
        }
    }

    /** The latest error; empty when there was none since it was last {@link #dismiss dismissed}. Changes on the window's thread. */
    public ReadOnlyObjectProperty<Optional<Unexpected>> latest() {
        return latest.getReadOnlyProperty();
    }

    /** Reports an error, from any thread. */
    public void report(String doing, Throwable error) {
        LOG.error("failed while {}", doing, error);
        if (Platform.isFxApplicationThread()) {
            show(doing, error);
        } else {
            Platform.runLater(() -> show(doing, error));
        }
    }

    private void show(String doing, Throwable error) {
        int times =
                latest.get().filter(l -> l.isLike(error)).map(Unexpected::times).orElse(0);
        latest.set(Optional.of(new Unexpected(doing, error, times + 1)));
    }

    public void dismiss() {
        latest.set(Optional.empty());
    }
}

package jasperwing.app.workspace;

import java.lang.ref.WeakReference;
import javafx.stage.Stage;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Reports what nobody caught, in any thread, to the window that had the focus last. Confined to the window's thread, but for errors. */
public final class UncaughtErrors implements Thread.UncaughtExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(UncaughtErrors.class);

    private volatile WeakReference<Problems> latest = new WeakReference<>(null);

    /** Catches from now on what nobody else does. */
    public static UncaughtErrors everywhere() {
        UncaughtErrors uncaught = new UncaughtErrors();
        Thread.setDefaultUncaughtExceptionHandler(uncaught);
        Thread.currentThread().setUncaughtExceptionHandler(uncaught);
        return uncaught;
    }

    /** Takes a window in, from which the focus can go to another. It is not held by this. */
    public void reportTo(Stage window, Problems problems) {
        WeakReference<Problems> its = new WeakReference<>(problems);
        latest = its;
        window.focusedProperty().addListener((o, was, is) -> {
            if (is) {
                latest = its;
            }
        });
    }

    @Override
    public void uncaughtException(Thread thread, Throwable error) {
        Problems problems = latest.get();
        if (problems != null) {
            problems.report("doing what was asked for", error);
        } else {
            LOG.error("Unexpected error, and no window is open to report it", error);
        }
    }
}

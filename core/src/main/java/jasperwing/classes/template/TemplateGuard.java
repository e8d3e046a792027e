package jasperwing.classes.template;

import freemarker.core.Environment;
import freemarker.core.TemplateProcessingTracer;
import freemarker.core._CoreAPI;
import freemarker.template.Configuration;
import freemarker.template.Template;
import freemarker.template.Version;
import java.io.IOException;
import java.time.Duration;
import java.util.Collections;
import java.util.Locale;
import java.util.Set;
import java.util.WeakHashMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;

/**
 * Ends templates that would not end, or that would need more memory than there is: they run in a thread that can be stopped, and what they are at is
 * known all the time, so that it can be told where they were ended.
 */
final class TemplateGuard implements TemplateProcessingTracer {
    /** What all files of a target may take. */
    static final Duration LONGEST = Duration.ofSeconds(20);

    private static final Duration GRACE = Duration.ofSeconds(1);

    /** Macros within macros; a design has nothing that is nested as deep. */
    private static final int DEEPEST = 400;

    private static final long STACK = 64L << 20;
    private static final double FULL = 0.8;

    private final Duration longest;
    private volatile String template = "";
    private volatile int line;
    private int depth;

    TemplateGuard(Duration longest) {
        this.longest = longest;
    }

    /** Whose templates can be interrupted in every loop. */
    static Configuration interruptible(Version version) {
        return new Interruptible(version);
    }

    private static final class Interruptible extends Configuration {
        private final Set<Template> checked =
                Collections.newSetFromMap(Collections.synchronizedMap(new WeakHashMap<>()));

        Interruptible(Version version) {
            super(version);
        }

        @Override
        public Template getTemplate(
                String name, Locale locale, Object lookup, String encoding, boolean parse, boolean ignoreMissing)
                throws IOException {
            Template found = super.getTemplate(name, locale, lookup, encoding, parse, ignoreMissing);
            if (found != null && checked.add(found)) {
                _CoreAPI.addThreadInterruptedChecks(found);
            }
            return found;
        }
    }

    /** Why a template was ended, at the element it came to. */
    static final class EndedException extends RuntimeException {
        private static final long serialVersionUID = 1L;

        EndedException(String why) {
            super(why);
        }
    }

    @Override
    public void enterElement(Environment environment, TracedElement element) {
        template = element.getTemplate().getSourceName();
        line = element.getBeginLine();
        if (++depth > DEEPEST) {
            throw new EndedException("it goes on within itself without end: a macro or a file calls itself");
        }
        if (isFull() && isFullOfWhatIsNeeded()) {
            throw new EndedException("it needs more memory than there is: a text or a list in it grows without end");
        }
    }

    @Override
    public void exitElement(Environment environment, TracedElement element) {
        depth--;
    }

    /** Before another template, which begins at the top. */
    void begin() {
        depth = 0;
    }

    private static boolean isFull() {
        Runtime runtime = Runtime.getRuntime();
        return runtime.totalMemory() - runtime.freeMemory() > FULL * runtime.maxMemory();
    }

    private static boolean isFullOfWhatIsNeeded() {
        System.gc();
        return isFull();
    }

    /** Does something in a thread of its own, for as long as it may take. */
    <T> T run(Callable<T> work) throws TemplateProblemException {
        FutureTask<T> task = new FutureTask<>(work);
        Thread thread = new Thread(null, task, "templates", STACK);
        thread.setDaemon(true);
        thread.start();
        try {
            return task.get(longest.toMillis(), TimeUnit.MILLISECONDS);
        } catch (ExecutionException e) {
            throw failed(e.getCause());
        } catch (TimeoutException e) {
            thread.interrupt();
            await(thread);
            throw new TemplateProblemException(
                    template, line, "", "it is not done after " + seconds() + " seconds: a loop in it does not end");
        } catch (InterruptedException e) {
            thread.interrupt();
            Thread.currentThread().interrupt();
            throw new TemplateProblemException(template, line, "", "it was stopped");
        }
    }

    private String seconds() {
        String exact = String.valueOf(longest.toMillis() / 1000.0);
        return exact.endsWith(".0") ? exact.substring(0, exact.length() - 2) : exact;
    }

    private static void await(Thread thread) {
        try {
            thread.join(GRACE.toMillis());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private TemplateProblemException failed(Throwable cause) {
        for (Throwable at = cause; at != null; at = at.getCause()) {
            if (at instanceof TemplateProblemException problem) {
                return problem;
            }
            if (at instanceof VirtualMachineError) {
                String what = at instanceof StackOverflowError
                        ? "it goes on within itself without end: a macro, a function or a file calls itself"
                        : "it needs more memory than there is: a text or a list in it grows without end";
                return new TemplateProblemException(template, line, "", what);
            }
        }
        return new TemplateProblemException(template, line, "", String.valueOf(cause.getMessage()));
    }
}

package jasperwing.app.workspace;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.FutureTask;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;

/**
 * The threads of one window beside its own. What goes wrong in them is reported in one place, and all of them end with the window. Confined
 * to the window's thread, but for the work itself.
 */
public final class Background implements AutoCloseable {
    private final Problems problems;
    private final List<Worker> workers = new ArrayList<>();
    private boolean closed;

    Background(Problems problems) {
        this.problems = problems;
    }

    /** A new thread that works one thing after the other. It starts with the first of them. */
    public Worker worker(String doing) {
        return worker(doing, Thread.NORM_PRIORITY);
    }

    public Worker worker(String doing, int priority) {
        Worker worker = new Worker(doing, priority);
        workers.add(worker);
        if (closed) {
            worker.thread.shutdown();
        }
        return worker;
    }

    /** Lets every thread end: what is being worked on is finished, what waits is dropped. */
    @Override
    public void close() {
        closed = true;
        workers.forEach(w -> w.thread.shutdownNow());
    }

    /** One thread. After the window is closed, new work is dropped. */
    public final class Worker {
        private final String doing;
        private final ScheduledExecutorService thread;

        private Worker(String doing, int priority) {
            this.doing = doing;
            this.thread = new One(doing, priority);
        }

        public void run(Runnable work) {
            runLater(0, work);
        }

        /** Begins after some milliseconds. */
        public void runLater(int delay, Runnable work) {
            if (!thread.isShutdown()) {
                thread.schedule(work, delay, TimeUnit.MILLISECONDS);
            }
        }

        /** The caller reports failures. After the window is closed the work runs in the thread that asks for the result. */
        <T> FutureTask<T> submit(Callable<T> work) {
            FutureTask<T> task = new FutureTask<>(work);
            if (!thread.isShutdown()) {
                thread.execute(task);
            }
            return task;
        }

        /** Waits for what was submitted, or works it out where no thread will. */
        <T> T result(FutureTask<T> task) throws ExecutionException, InterruptedException {
            if (thread.isShutdown()) {
                task.run();
            }
            return task.get();
        }
    }

    /** Reports what its work fails with. */
    private final class One extends ScheduledThreadPoolExecutor {
        private final String doing;

        One(String doing, int priority) {
            super(1, r -> {
                Thread made = new Thread(r, doing);
                made.setDaemon(true);
                made.setPriority(priority);
                return made;
            });
            this.doing = doing;
        }

        @Override
        protected void afterExecute(Runnable work, Throwable thrown) {
            super.afterExecute(work, thrown);
            if (work instanceof Future<?> future && future.isDone() && !future.isCancelled()) {
                report(future);
            }
        }

        private void report(Future<?> done) {
            try {
                done.get();
            } catch (ExecutionException e) {
                if (!(e.getCause() instanceof CancellationException)) {
                    problems.report(doing, e.getCause());
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
    }
}

package jasperwing.app;

import java.lang.management.ManagementFactory;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/** For bench/start: says how long it took until the window was painted, in milliseconds, and ends. */
final class StartTime {
    private StartTime() {}

    static void report() {
        new AnimationTimer() {
            private int pulses;

            @Override
            public void handle(long now) {
                if (++pulses == 2) {
                    System.out.println(ManagementFactory.getRuntimeMXBean().getUptime());
                    Platform.exit();
                }
            }
        }.start();
    }
}

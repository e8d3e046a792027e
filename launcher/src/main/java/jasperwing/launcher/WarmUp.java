package jasperwing.launcher;

import jasperwing.diagram.SceneBuilder;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.picture.Pictures;
import jasperwing.picture.Typefaces;

/** Loads fonts and painting while the toolkit starts, so that the window finds them ready. */
final class WarmUp {
    private WarmUp() {}

    static void start(Design design) {
        System.setProperty("java.awt.headless", "true");
        Thread thread = new Thread(() -> paint(design), "warming up");
        thread.setDaemon(true);
        thread.start();
    }

    private static void paint(Design design) {
        Report.of(design, Dialects.DEFAULT);
        Pictures.preview(SceneBuilder.build(design, "", Typefaces.get()));
    }
}

package jasperwing.bench;

import jasperwing.arrange.Arrange;
import jasperwing.arrange.Progress;
import jasperwing.diagram.Scene;
import jasperwing.diagram.SceneBuilder;
import jasperwing.model.Design;
import jasperwing.model.SheetEdits;
import jasperwing.notation.Notation;
import jasperwing.picture.Typefaces;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** How readable arranged sheets are: generated designs, and those in a folder. With {@code -v} the designs that have faults are named. */
public final class SheetFigures {
    private static final int DESIGNS = 200;

    private SheetFigures() {}

    public static void main(String[] args) throws IOException {
        System.setProperty("java.awt.headless", "true");
        boolean verbose = List.of(args).contains("-v");
        SheetFaults generated = SheetFaults.NONE;
        long alone = 0;
        for (int seed = 0; seed < DESIGNS; seed++) {
            Design design = MixedDesigns.of(seed);
            SheetFaults faults = SheetFaults.of(scene(design), Typefaces.get());
            alone += LayeredAlone.scene(design, Typefaces.get()).crossings();
            if (verbose) {
                System.out.println(seed + " " + faults);
            }
            generated = generated.plus(faults);
        }
        System.out.println(DESIGNS + " generated designs: " + generated);
        System.out.printf(
                "crossings of one layered layout that leaves areas out of account: %d; ours %.2f times as many%n",
                alone, (double) generated.crossings() / alone);
        SheetFaults drawn = SheetFaults.NONE;
        alone = 0;
        for (Path file : files(args)) {
            Design design = Notation.parse(Files.readString(file)).value();
            SheetFaults faults = SheetFaults.of(scene(design), Typefaces.get());
            if (verbose) {
                System.out.println(file.getFileName() + " " + faults);
            }
            drawn = drawn.plus(faults);
            alone += LayeredAlone.scene(design, Typefaces.get()).crossings();
        }
        System.out.println("designs in files: " + drawn);
        System.out.printf(
                "crossings of one layered layout: %d; ours %.2f times as many%n",
                alone, (double) drawn.crossings() / alone);
    }

    private static List<Path> files(String... args) throws IOException {
        List<Path> files = new ArrayList<>();
        for (String arg : args) {
            if (!arg.startsWith("-")) {
                try (Stream<Path> all = Files.list(Path.of(arg))) {
                    all.filter(f -> f.toString().endsWith(".wing")).sorted().forEach(files::add);
                }
            }
        }
        return files;
    }

    static Scene scene(Design design) {
        Design arranged = SheetEdits.place(Arrange.all(design, "", Typefaces.get(), Progress.UNWATCHED)
                        .orElseThrow())
                .on(design);
        return SceneBuilder.build(arranged, "", Typefaces.get());
    }
}

package jasperwing.bench;

import jasperwing.classes.GeneratedFile;
import jasperwing.classes.targets.ClassCache;
import jasperwing.classes.targets.Targets;
import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import jasperwing.output.OutputFolder;
import jasperwing.output.PlannedFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** Classes of 1,000 entities: written, against a plain copy of the same files; and looked at again after one edit. */
final class ClassFigures {
    private static final int WARM = 4;
    private static final int RUNS = 9;

    private ClassFigures() {}

    static void run() throws Exception {
        Path root = Files.createTempDirectory("jasperwing-classes");
        try {
            Design design = LargeDesign.of(1000, 10, 2000);
            List<GeneratedFile> files = Targets.named("java-jakarta").files(design);
            writing(root, files);
            making(design);
            editing(root, design);
        } finally {
            delete(root);
        }
    }

    private static void writing(Path root, List<GeneratedFile> files) throws Exception {
        Path from = root.resolve("from");
        write(from, files);
        int[] number = new int[1];
        double[] medians = Figures.medians(
                WARM,
                RUNS,
                () -> write(root.resolve("written" + number[0]++), files),
                () -> copy(from, root.resolve("copied" + number[0]++)));
        System.out.printf(
                "write %,d classes: %.0f ms, a plain copy of them %.0f ms: %.1f times%n",
                files.size(), medians[0], medians[1], medians[0] / medians[1]);
    }

    private static void making(Design design) throws Exception {
        double[] medians = Figures.medians(
                WARM, RUNS, () -> Targets.named("java-jakarta").files(design), () -> Targets.named("java-plain")
                        .files(design));
        System.out.printf(
                "make the files of %,d entities by templates: java-jakarta %.0f ms, java-plain %.0f ms%n",
                design.entities().size(), medians[0], medians[1]);
    }

    private static Object write(Path folder, List<GeneratedFile> files) throws IOException {
        OutputFolder output = new OutputFolder(folder, "java-jakarta");
        return output.write(output.compare(files, Map.of()), Map.of());
    }

    private static Object copy(Path from, Path to) throws IOException {
        List<Path> copied = new ArrayList<>();
        try (var walk = Files.walk(from)) {
            for (Path file : walk.filter(p -> p.toString().endsWith(".java")).toList()) {
                Path copy = to.resolve(from.relativize(file));
                Files.createDirectories(copy.getParent());
                copied.add(Files.copy(file, copy));
            }
        }
        return copied;
    }

    private static void editing(Path root, Design start) throws Exception {
        ClassCache memory = new ClassCache();
        OutputFolder output = new OutputFolder(root.resolve("edited"), "java-jakarta");
        output.write(output.compare(memory.files(Targets.named("java-jakarta"), start), Map.of()), Map.of());
        int[] number = new int[1];
        long[] anew = new long[1];
        double[] medians = Figures.medians(WARM * 3, RUNS * 3, () -> {
            String entity = "Thing" + (1 + number[0]++ % 50);
            Design design = EntityEdits.changeAttribute(entity, "field3", a -> a.withOptional(!a.optional()))
                    .on(start);
            List<PlannedFile> plan = output.compare(memory.files(Targets.named("java-jakarta"), design), Map.of());
            anew[0] = plan.stream().filter(p -> p.isChanged(List.of())).count();
            memory.files(Targets.named("java-jakarta"), start);
            return plan;
        });
        System.out.printf(
                "what an edit changes in %,d classes, found out (and taken back): %.1f ms, %d of them differ%n",
                1000, medians[0], anew[0]);
    }

    private static void delete(Path root) throws IOException {
        try (var walk = Files.walk(root)) {
            for (Path path : walk.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(path);
            }
        }
    }
}

package jasperwing.launcher;

import jasperwing.app.JasperwingApp;
import jasperwing.diagram.Scene;
import jasperwing.diagram.SceneBuilder;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.picture.Pictures;
import jasperwing.picture.Typefaces;
import jasperwing.storage.DesignFile;
import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "demo",
        mixinStandardHelpOptions = true,
        description =
                "Opens the window with the demo; with --walk, runs through it and leaves what it made in a folder.")
final class DemoCommand implements Callable<Integer> {
    @Option(names = "--walk", paramLabel = "DIR", description = "walks through the demo and writes to this folder")
    private Path walk;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        if (walk == null) {
            return WindowCommands.demo();
        }
        Design design = DesignFile.load(WindowCommands.DEMO);
        System.setProperty("jasperwing.home", walk.resolve(".settings").toString());
        WindowCommands.show(new JasperwingApp.Start(
                design, Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(w -> new DemoScript(w, walk)
                        .run())));
        return summary(design);
    }

    private int summary(Design before) throws Exception {
        Design after = DesignFile.load(walk.resolve("saltmarsh.wing"));
        Scene scene = SceneBuilder.build(after, "", Typefaces.get());
        for (Pictures.Format format : Pictures.Format.values()) {
            String name = "saltmarsh." + format.name().toLowerCase(Locale.ROOT);
            SafeWrite.write(walk.resolve("pictures").resolve(name), Pictures.draw(scene, format));
        }
        PrintWriter out = spec.commandLine().getOut();
        out.println("Walked through the demo in a window.");
        out.println("  design    " + after.entities().size() + " entities, "
                + after.relationships().size() + " relationships");
        out.println("  opened    " + counts(before));
        out.println("  mended    " + counts(after));
        out.println("  classes   " + count("classes", ".java") + " files in " + walk.resolve("classes"));
        out.println("  tables    "
                + Dialects.all().stream()
                        .map(d -> walk.resolve(d.word() + ".sql").toString())
                        .collect(Collectors.joining(", ")));
        out.println("  pictures  " + count("pictures", ".png") + " PNG and " + count("pictures", ".svg") + " SVG in "
                + walk.resolve("pictures"));
        out.flush();
        return 0;
    }

    private static String counts(Design design) {
        return Report.of(design, Dialects.DEFAULT).counts();
    }

    private long count(String folder, String ending) throws IOException {
        try (Stream<Path> files = Files.walk(walk.resolve(folder))) {
            return files.filter(f -> f.toString().endsWith(ending)).count();
        }
    }
}

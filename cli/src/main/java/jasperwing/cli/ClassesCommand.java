package jasperwing.cli;

import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.classes.template.TemplateProblemException;
import jasperwing.model.Design;
import jasperwing.output.FileState;
import jasperwing.output.MergedFile.Choice;
import jasperwing.output.OutputFolder;
import jasperwing.output.PlannedFile;
import jasperwing.storage.DesignFile;
import jasperwing.storage.FileWatch;
import jasperwing.storage.UnreadableDesignException;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "classes",
        mixinStandardHelpOptions = true,
        description = "Generates classes into a folder; what was changed there by hand is kept.")
final class ClassesCommand implements Callable<Integer> {
    /** Whose lines are taken where both sides changed the same. */
    enum Side {
        yours,
        generated
    }

    @Parameters(paramLabel = "DESIGN", description = "a .wing file")
    private Path design;

    @Option(
            names = "--target",
            paramLabel = "T",
            required = true,
            description = "java-jakarta, java-plain, or a folder of templates")
    private String target;

    @Option(names = "-o", paramLabel = "DIR", required = true, description = "the folder the packages go into")
    private Path folder;

    @Option(names = "--check", description = "write nothing; exit with 1 when the folder is behind the design")
    private boolean check;

    @Option(names = "--watch", description = "write again whenever the design's file changes, until stopped")
    private boolean watch;

    @Option(
            names = "--take",
            paramLabel = "SIDE",
            description = "where a line was changed by hand and by the design: take 'yours' or 'generated'")
    private Side side;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        Target chosen = chosen();
        if (check && watch) {
            throw new UsageException("--check and --watch do not go together; expected one of them");
        }
        if (!watch) {
            return once(chosen);
        }
        try (FileWatch changes = FileWatch.of(design)) {
            do {
                attempt(chosen);
            } while (changes.await());
        }
        return 0;
    }

    private Target chosen() throws IOException, UsageException, TemplateProblemException {
        Optional<Target> ours = Targets.find(target);
        if (ours.isPresent()) {
            return ours.get();
        }
        if (Path.of(target).toFile().isDirectory()) {
            return Targets.of(Path.of(target));
        }
        String known = Targets.all().stream().map(Target::word).collect(Collectors.joining(", "));
        throw new UsageException(
                "--target " + target + " is not known; expected one of " + known + ", or a folder of templates");
    }

    /** While the design is being typed it may be unreadable for a moment. */
    private void attempt(Target chosen) {
        try {
            once(chosen);
        } catch (UnreadableDesignException | TemplateProblemException | IOException e) {
            spec.commandLine().getErr().println(e.getMessage());
            spec.commandLine().getErr().flush();
        }
    }

    private int once(Target chosen) throws IOException, UnreadableDesignException, TemplateProblemException {
        Design read = DesignFile.load(design);
        if (!chosen.isOurs()) {
            chosen.unknownOptions(read.target(chosen.said()))
                    .values()
                    .forEach(m -> spec.commandLine().getErr().println(design + ": " + m));
            spec.commandLine().getErr().flush();
        }
        OutputFolder output = new OutputFolder(folder, chosen.word());
        List<PlannedFile> plan = output.compare(chosen.generate(read), Target.formerNames(read));
        return check ? checked(plan) : written(output, plan);
    }

    private int checked(List<PlannedFile> plan) {
        List<PlannedFile> behind = plan.stream()
                .filter(p -> p.isChanged(List.of()) || isStuck(p, List.of()))
                .toList();
        PrintWriter out = spec.commandLine().getOut();
        behind.forEach(
                p -> out.println(folder.resolve(p.path()) + ": " + p.state().words()));
        out.println(
                behind.isEmpty()
                        ? "All " + plan.size() + " files in " + folder + " are as the design says"
                        : behind.size() + " of " + plan.size() + " files in " + folder + " are behind the design");
        out.flush();
        return behind.isEmpty() ? 0 : 1;
    }

    private int written(OutputFolder output, List<PlannedFile> plan) throws IOException {
        Map<String, List<Optional<Choice>>> choices = new HashMap<>();
        plan.forEach(p -> choices.put(p.path(), choices(p)));
        int written = output.write(plan, choices).size();
        PrintWriter out = spec.commandLine().getOut();
        long kept = plan.stream()
                .filter(p -> p.state() == FileState.EDITED || p.state() == FileState.MERGES)
                .count();
        out.println("Wrote " + written + " of " + plan.size() + " files to " + folder
                + (kept == 0 ? "" : "; kept what was changed by hand in " + kept));
        out.flush();
        PrintWriter err = spec.commandLine().getErr();
        boolean stuck = false;
        for (PlannedFile each : plan) {
            String path = folder.resolve(each.path()).toString();
            stuck |= isStuck(each, choices.get(each.path()));
            if (isStuck(each, choices.get(each.path())) || each.state() == FileState.LEFT) {
                err.println(path + ": left as it is, " + why(each));
            }
        }
        err.flush();
        return stuck ? 1 : 0;
    }

    private List<Optional<Choice>> choices(PlannedFile planned) {
        Optional<Choice> all =
                Optional.ofNullable(side).map(s -> Choice.valueOf(s.name().toUpperCase(Locale.ROOT)));
        return Collections.nCopies(planned.conflicts().size(), all);
    }

    private static boolean isStuck(PlannedFile planned, List<Optional<Choice>> choices) {
        return planned.state() == FileState.FOREIGN
                || planned.state() == FileState.CONFLICT
                        && planned.result(choices).isEmpty();
    }

    private static String why(PlannedFile planned) {
        return switch (planned.state()) {
            case FOREIGN -> "not ours; move it away to have it written";
            case LEFT -> "edited by hand and no longer needed; remove it when nothing in it is needed";
            default -> planned.conflicts().size()
                    + " places were changed by hand and by the design; settle them in the window, or with --take yours or --take generated";
        };
    }
}

package jasperwing.app.classes;

import jasperwing.app.workspace.Projection;
import jasperwing.classes.ClassModel;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.Origin;
import jasperwing.classes.Source;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.classes.template.TemplateProblemException;
import jasperwing.derive.Schema;
import jasperwing.model.CodeTarget;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;

/** Finds, in another thread, what is made of an element of the design in other targets. Confined to the window's thread. */
final class OtherTargets {
    private static final int MOST_LINES = 6;

    /** What was found last, shown until it is found again. */
    private record Asked(String of, Origin origin, String shown) {}

    private int asked;
    private Asked last;
    private List<String> told = List.of();

    /**
     * Looks for it.
     *
     * @param of the entity, enum, value or trait it is in
     * @param shown the target that is looked at
     * @param from where folders of templates are looked for
     * @param found told a line a file, on the window's thread, unless something else is looked for by then
     */
    void look(
            Projection projection,
            String of,
            Origin origin,
            String shown,
            Optional<Path> from,
            Consumer<List<String>> found) {
        int number = ++asked;
        Asked now = new Asked(of, origin, shown);
        if (now.equals(last)) {
            found.accept(told);
        }
        CompletableFuture.supplyAsync(() -> others(projection, shown, from)
                        .flatMap(t -> lines(projection, of, origin, t))
                        .toList())
                .whenComplete((lines, problem) -> Platform.runLater(() -> {
                    if (problem != null) {
                        throw new IllegalStateException("what is made of " + origin + " cannot be found", problem);
                    }
                    if (number == asked) {
                        last = now;
                        told = lines;
                        found.accept(lines);
                    }
                }));
    }

    /** Ours, and those of the design that can be read. */
    private static Stream<Target> others(Projection projection, String shown, Optional<Path> from) {
        Stream<String> said = projection.design().targets().stream().map(CodeTarget::target);
        return Stream.concat(Targets.all().stream().map(Target::word), said)
                .distinct()
                .filter(t -> !t.equals(shown))
                .flatMap(t -> find(t, from).stream());
    }

    private static Optional<Target> find(String said, Optional<Path> from) {
        try {
            return Optional.of(Targets.of(said, from));
        } catch (IOException | TemplateProblemException e) {
            return Optional.empty();
        }
    }

    /** None of a target whose templates have a mistake, which is told where that target is looked at. */
    private static Stream<String> lines(Projection projection, String of, Origin origin, Target target) {
        Schema schema = projection.schema(target);
        ClassModel model = target.model(projection.design(), schema);
        try {
            return target.generate(projection.design(), schema, Set.of(of)).stream()
                    .flatMap(f -> line(target, f, model, origin).stream());
        } catch (TemplateProblemException e) {
            return Stream.empty();
        }
    }

    /** Where a file has lines of it, told by the first of each place; of an element as a whole only which files there are. */
    private static Optional<String> line(Target target, GeneratedFile file, ClassModel model, Origin origin) {
        List<Integer> numbers = new ArrayList<>();
        boolean member = false;
        for (int i = 0; i < file.sources().size(); i++) {
            Source source = file.source(i);
            boolean of = model.origin(source).equals(Optional.of(origin));
            member |= of && !source.member().isEmpty();
            if (of && (i == 0 || !source.equals(file.source(i - 1)))) {
                numbers.add(i + 1);
            }
        }
        String name = target.word() + ": " + file.path().substring(file.path().lastIndexOf('/') + 1);
        return numbers.isEmpty() ? Optional.empty() : Optional.of(member ? name + ", " + told(numbers) : name);
    }

    private static String told(List<Integer> numbers) {
        String all = numbers.stream().limit(MOST_LINES).map(String::valueOf).collect(Collectors.joining(", "));
        return (numbers.size() == 1 ? "line " : "lines ") + all + (numbers.size() > MOST_LINES ? " \u2026" : "");
    }
}

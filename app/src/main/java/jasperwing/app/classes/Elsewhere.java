package jasperwing.app.classes;

import jasperwing.app.shell.Projection;
import jasperwing.classes.ClassModel;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.Origin;
import jasperwing.classes.Target;
import jasperwing.model.Design;
import jasperwing.schema.Dialect;
import jasperwing.schema.Schema;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.application.Platform;

/** Finds, in another thread, what is made of an element of the design in other targets. Confined to the window's thread. */
final class Elsewhere {
    private static final int MOST_LINES = 6;

    private int asked;

    /**
     * Looks for it.
     *
     * @param shown the target that is looked at
     * @param found told a line a file, on the window's thread, unless something else is looked for by then
     */
    void look(Projection projection, String entity, Origin origin, String shown, Consumer<List<String>> found) {
        int number = ++asked;
        Design design = projection.design();
        CompletableFuture.supplyAsync(() -> lines(design, entity, origin, shown))
                .thenAccept(lines -> Platform.runLater(() -> {
                    if (number == asked) {
                        found.accept(lines);
                    }
                }));
    }

    private static List<String> lines(Design design, String entity, Origin origin, String shown) {
        Schema schema = Schema.derive(design, Dialect.POSTGRESQL);
        ClassModel model = ClassModel.of(design, schema);
        return Arrays.stream(Target.values())
                .filter(t -> !t.word().equals(shown))
                .flatMap(t -> t.generate(design, schema, Set.of(entity)).stream()
                        .map(f -> line(t, f, model, origin))
                        .flatMap(Optional::stream))
                .toList();
    }

    private static Optional<String> line(Target target, GeneratedFile file, ClassModel model, Origin origin) {
        List<Integer> numbers = new ArrayList<>();
        int lines = (int) file.text().lines().count();
        IntStream.range(0, lines)
                .filter(i -> !file.member(i).isEmpty())
                .filter(i -> model.origin(file.entity(), file.member(i)).equals(Optional.of(origin)))
                .filter(i -> numbers.isEmpty() || !file.member(i).equals(file.member(i - 1)))
                .forEach(i -> numbers.add(i + 1));
        String name = file.path().substring(file.path().lastIndexOf('/') + 1);
        String all = numbers.stream().limit(MOST_LINES).map(String::valueOf).collect(Collectors.joining(", "))
                + (numbers.size() > MOST_LINES ? " \u2026" : "");
        return numbers.isEmpty()
                ? Optional.empty()
                : Optional.of(target.word() + ": " + name + ", " + (numbers.size() == 1 ? "line " : "lines ") + all);
    }
}

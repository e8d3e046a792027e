package jasperwing.output;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.OurTargets;
import jasperwing.classes.targets.Target;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.EntityEdits;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Files are edited at random places by hand and the design is changed at random; no edit is lost unheard. */
class HandEditsTest {
    private static final Design DESIGN = Samples.design(
            "area Fieldwork moss",
            "enum Duty: leader, recorder",
            "entity Dive in Fieldwork",
            "  id serial key",
            "  number int from 1",
            "  startedAt timestamp",
            "  duty Duty",
            "entity Site in Fieldwork",
            "  id serial key",
            "  name text(40) unique",
            "entity Note",
            "  id serial key",
            "  text long text",
            "each Dive must be at one Site as site, which may have many Dive as dives",
            "each Note must be about one of Dive, Site as subject, which may have many Note as notes");

    @Property(tries = 60, seed = "20261127")
    void everyEditIsThereOrAConflictIsReported(@ForAll long seed) throws IOException {
        Random random = new Random(seed);
        Path folder = Files.createTempDirectory("jasperwing-edits");
        try {
            OutputFolder output = new OutputFolder(folder, "java-jakarta");
            Design design = DESIGN;
            output.write(output.compare(files(design), Map.of()), Map.of());
            List<String> edits = new ArrayList<>();
            for (int round = 0; round < 4; round++) {
                edits.addAll(editByHand(folder, random, round));
                design = changed(design, random, round);
                List<PlannedFile> plan = output.compare(files(design), Target.formerNames(design));
                output.write(plan, Map.of());
                String all = everything(folder);
                for (String edit : edits) {
                    assertThat(all).as("edit of round %s", round).contains(edit);
                }
                assertThat(output.compare(files(design), Target.formerNames(design)))
                        .as("nothing is left to do but what conflicts")
                        .allMatch(p -> !p.isChanged(List.of()));
            }
        } finally {
            delete(folder);
        }
    }

    private static List<GeneratedFile> files(Design design) {
        return OurTargets.JAKARTA.files(design);
    }

    /** Inserts, or puts in a line's place, a line that is like no other. */
    private static List<String> editByHand(Path folder, Random random, int round) throws IOException {
        List<String> marks = new ArrayList<>();
        List<Path> files = javaFiles(folder);
        for (int i = 0; i < 3; i++) {
            Path file = files.get(random.nextInt(files.size()));
            List<String> lines = new ArrayList<>(Files.readAllLines(file));
            int at = random.nextInt(lines.size());
            String mark = "    // by hand " + round + "." + i + "." + random.nextInt(1_000_000);
            boolean mine = lines.get(at).contains("by hand");
            if (random.nextBoolean() || mine) {
                lines.add(at, mark);
            } else {
                lines.set(at, mark);
            }
            Files.write(file, lines);
            marks.add(mark);
        }
        return marks;
    }

    private static Design changed(Design design, Random random, int round) {
        String entity =
                design.entities().get(random.nextInt(design.entities().size())).name();
        return switch (random.nextInt(5)) {
            case 0 -> added(entity, Attribute.of("added" + round, Type.of(Scalar.INT)))
                    .on(design);
            case 1 -> EntityEdits.rename(entity, entity + "X").on(design);
            case 2 -> EntityEdits.remove(entity).on(design).entities().isEmpty()
                    ? design
                    : EntityEdits.remove(entity).on(design);
            case 3 -> EntityEdits.changeAttribute(
                            entity, "id", a -> a.withNotes(a.notes().withDoc("Counted " + round)))
                    .on(design);
            default -> EntityEdits.changeAttribute(entity, "id", a -> a.withName("key" + round))
                    .on(design);
        };
    }

    private static Edit added(String entity, Attribute attribute) {
        return EntityEdits.change(
                entity,
                e -> e.withAttributes(Stream.concat(e.attributes().stream(), Stream.of(attribute))
                        .toList()));
    }

    private static List<Path> javaFiles(Path folder) throws IOException {
        try (var walk = Files.walk(folder)) {
            return walk.filter(p -> p.toString().endsWith(".java")).sorted().toList();
        }
    }

    private static String everything(Path folder) throws IOException {
        StringBuilder all = new StringBuilder();
        for (Path file : javaFiles(folder)) {
            all.append(Files.readString(file));
        }
        return all.toString();
    }

    private static void delete(Path folder) throws IOException {
        try (var walk = Files.walk(folder)) {
            for (Path file : walk.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(file);
            }
        }
    }
}

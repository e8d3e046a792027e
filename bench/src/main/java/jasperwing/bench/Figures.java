package jasperwing.bench;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.dataformat.yaml.YAMLFactory;
import jasperwing.arrange.Arrange;
import jasperwing.arrange.Progress;
import jasperwing.derive.Schema;
import jasperwing.derive.SchemaCache;
import jasperwing.diagram.SceneBuilder;
import jasperwing.diagram.SceneCache;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Analysis;
import jasperwing.findings.FindingsCache;
import jasperwing.findings.Report;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.Scalar;
import jasperwing.model.SheetEdits;
import jasperwing.model.Type;
import jasperwing.notation.Notation;
import jasperwing.picture.Typefaces;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** What can be measured without a window. Each line of the output: what, the median, and against what. */
public final class Figures {
    private static final int WARM = 12;
    private static final int RUNS = 15;
    private static final int EDITS = 45;
    private static final int WARM_SECONDS = 24;

    private Figures() {}

    public static void main(String[] args) throws Exception {
        System.setProperty("java.awt.headless", "true");
        if (List.of(args).contains("checks")) {
            checking();
            return;
        }
        if (List.of(args).contains("classes")) {
            ClassFigures.run();
            return;
        }
        parsing();
        checking();
        ClassFigures.run();
        arranging(200, 8, 300);
        arranging(1000, 10, 2000);
    }

    /** Something whose time is taken. */
    interface Work {
        Object run() throws Exception;
    }

    /** As {@link #medians(int, int, Work...)}, after the works were done in turn for a while, until they run as compiled. */
    private static double[] warmMedians(int seconds, int runs, Work... works) throws Exception {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
        while (System.nanoTime() < end) {
            medians(0, 1, works);
        }
        return medians(0, runs, works);
    }

    /** Medians in milliseconds of several works, done in turn. */
    static double[] medians(int warm, int runs, Work... works) throws Exception {
        double[][] times = new double[works.length][runs];
        for (int run = -warm; run < runs; run++) {
            for (int i = 0; i < works.length; i++) {
                long start = System.nanoTime();
                Object result = works[i].run();
                double millis = (System.nanoTime() - start) / 1e6;
                if (result == null) {
                    throw new IllegalStateException("work " + i + " gave nothing");
                }
                if (run >= 0) {
                    times[i][run] = millis;
                }
            }
        }
        return Arrays.stream(times)
                .mapToDouble(t -> Arrays.stream(t).sorted().toArray()[runs / 2])
                .toArray();
    }

    private static void parsing() throws Exception {
        String text = LargeDesign.text(1000, 10, 2000);
        ObjectMapper yaml = new ObjectMapper(new YAMLFactory());
        String facts = yaml.writeValueAsString(facts(Notation.parse(text).value()));
        double[] medians = medians(WARM, RUNS, () -> Notation.parse(text).value(), () -> yaml.readTree(facts));
        System.out.printf(
                "parse 1,000 entities, 10,000 attributes, 2,000 relationships   %6.1f ms; the same facts as YAML by Jackson %6.1f ms: %.1f times as fast%n",
                medians[0], medians[1], medians[1] / medians[0]);
    }

    /** The facts of a design as plain maps and lists. */
    private static Map<String, Object> facts(Design design) throws IOException {
        List<Object> entities = new ArrayList<>();
        for (Entity entity : design.entities()) {
            List<Object> attributes = new ArrayList<>();
            for (Attribute attribute : entity.attributes()) {
                Map<String, Object> fact = new LinkedHashMap<>();
                fact.put("name", attribute.name());
                fact.put("type", Notation.type(attribute));
                if (entity.isKey(attribute)) {
                    fact.put("key", true);
                }
                attributes.add(fact);
            }
            entities.add(Map.of("name", entity.name(), "area", entity.area(), "attributes", attributes));
        }
        List<Object> relationships = new ArrayList<>();
        for (Relationship relationship : design.relationships()) {
            Map<String, Object> fact = new LinkedHashMap<>();
            fact.put("from", relationship.from());
            fact.put("to", relationship.targets());
            fact.put("forward", facts(relationship.forward()));
            fact.put("back", facts(relationship.back().orElseThrow()));
            relationships.add(fact);
        }
        return Map.of("name", design.name(), "entities", entities, "relationships", relationships);
    }

    private static Map<String, Object> facts(Reading reading) {
        return Map.of("must", reading.must(), "verb", reading.verb(), "many", reading.many(), "role", reading.role());
    }

    private static void checking() throws Exception {
        for (int size : new int[] {100, 1000, 10_000}) {
            Design design = LargeDesign.of(size, 10, 2 * size);
            double[] medians = warmMedians(
                    WARM_SECONDS,
                    RUNS,
                    () -> Schema.derive(design, Dialects.POSTGRESQL),
                    () -> Analysis.of(design, Dialects.POSTGRESQL));
            System.out.printf(
                    "derive the schema of %,d entities %.1f ms; derive and check everything %.1f ms%n",
                    size, medians[0], medians[1]);
            oneEdit(design);
        }
    }

    /** What follows from one more attribute, when everything before it is known. */
    private static void oneEdit(Design design) throws Exception {
        String entity = design.entities().get(5).name();
        SchemaCache schemas = new SchemaCache();
        FindingsCache reports = new FindingsCache();
        List<Design> edited = new ArrayList<>();
        for (int i = 0; i < EDITS; i++) {
            Attribute more = Attribute.of("further" + i, Type.of(Scalar.INT));
            edited.add(EntityEdits.change(
                            entity,
                            e -> e.withAttributes(Stream.concat(e.attributes().stream(), Stream.of(more))
                                    .toList()))
                    .on(design));
        }
        Schema[] derived = new Schema[1];
        int[] at = new int[1];
        double[] medians = warmMedians(
                WARM_SECONDS / 2,
                EDITS,
                () -> derived[0] = Schema.derive(edited.get(at[0]++ % EDITS), Dialects.POSTGRESQL, schemas),
                () -> Report.of(edited.get((at[0] - 1) % EDITS), derived[0], reports));
        System.out.printf("    after one edit: derive %.1f ms, check %.1f ms%n", medians[0], medians[1]);
    }

    private static void arranging(int entities, int attributes, int relationships) throws Exception {
        Design design = LargeDesign.of(entities, attributes, relationships);
        int runs = entities > 500 ? 5 : 9;
        double[] medians = medians(
                2,
                runs,
                () -> Arrange.all(design, "", Typefaces.get(), Progress.UNWATCHED)
                        .orElseThrow(),
                () -> arranged(design));
        Design arranged = SheetEdits.place(Arrange.all(design, "", Typefaces.get(), Progress.UNWATCHED)
                        .orElseThrow())
                .on(design);
        SceneCache memory = new SceneCache();
        SceneBuilder.build(arranged, "", Typefaces.get(), memory);
        double[] again = medians(5, RUNS, () -> SceneBuilder.build(arranged, "", Typefaces.get(), memory));
        System.out.printf(
                "arrange %,d entities, %,d relationships: places %.0f ms, with all lines routed %.0f ms; the sheet again after an edit %.1f ms%n",
                entities, relationships, medians[0], medians[1], again[0]);
    }

    private static Object arranged(Design design) {
        Design placed = SheetEdits.place(Arrange.all(design, "", Typefaces.get(), Progress.UNWATCHED)
                        .orElseThrow())
                .on(design);
        return SceneBuilder.build(placed, "", Typefaces.get());
    }
}

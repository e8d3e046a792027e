package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Counts the SQL statements of {@code java-plain} for each mapping of {@link StatementCountsTest}, in a table of its own beside that one. */
class PlainStatementCountsTest {
    private static final List<Act> REFERENCE = List.of(
            w -> w.put("part", w.insert("Part", null, w.id("owner"), "new")),
            w -> w.find("Owner", w.get(w.find("Part", w.id("part")), "ownerId")),
            w -> w.update("Part", w.with(w.find("Part", w.id("part")), "Text", "changed")),
            w -> w.update("Part", w.with(w.find("Part", w.id("part")), "OwnerId", w.id("other"))),
            w -> w.call("Part", "delete", w.id("part")));

    private static final List<Act> SHARED = Arrays.asList(
            w -> w.put("part", w.insert("Part", w.id("owner"), "new")),
            w -> w.find("Owner", w.get(w.find("Part", w.id("owner")), "ownerId")),
            w -> w.update("Part", w.with(w.find("Part", w.id("owner")), "Text", "changed")),
            null,
            w -> w.call("Part", "delete", w.id("owner")));

    private static final List<Act> PAIRS = Arrays.asList(
            w -> w.call("Owner", "addParts", w.id("owner"), w.key("Owner", "Parts", w.id("part"))),
            w -> w.call("Owner", "parts", w.id("owner")),
            null,
            w -> {
                w.call("Owner", "removeParts", w.id("owner"), w.key("Owner", "Parts", w.id("part")));
                w.call("Owner", "addParts", w.id("other"), w.key("Owner", "Parts", w.id("part")));
            },
            w -> w.call("Owner", "removeParts", w.id("other"), w.key("Owner", "Parts", w.id("part"))));

    private static final List<Act> LINK = Arrays.asList(
            w -> w.insert("Share", w.id("owner"), w.id("part"), 1),
            w -> w.find("Part", w.get(w.find("Share", w.id("owner"), w.id("part")), "partId")),
            w -> w.update("Share", w.with(w.find("Share", w.id("owner"), w.id("part")), "Count", 2)),
            null,
            w -> w.call("Share", "delete", w.id("owner"), w.id("part")));

    private static final List<Act> COLUMN_EACH = List.of(
            w -> w.put("note", w.insert("Note", null, w.id("owner"), null, "new")),
            w -> w.find("Note", w.id("note")),
            w -> w.update("Note", w.with(w.find("Note", w.id("note")), "Text", "changed")),
            w -> {
                Object without = w.with(w.find("Note", w.id("note")), "SubjectOwnerId", null);
                w.update("Note", w.with(without, "SubjectPartId", w.id("part")));
            },
            w -> w.call("Note", "delete", w.id("note")));

    private static final List<Act> KIND_AND_ID = List.of(
            w -> w.put("note", w.insert("Note", null, "Owner", w.id("owner"), "new")),
            COLUMN_EACH.get(1),
            COLUMN_EACH.get(2),
            w -> {
                Object other = w.with(w.find("Note", w.id("note")), "SubjectKind", "Part");
                w.update("Note", w.with(other, "SubjectId", w.id("part")));
            },
            COLUMN_EACH.get(4));

    private static final List<Act> LIST = Arrays.asList(
            w -> w.call("Owner", "setTags", w.id("owner"), List.of("a", "b")),
            w -> w.call("Owner", "tags", w.id("owner")),
            w -> w.call("Owner", "setTags", w.id("owner"), List.of("c", "b")),
            null,
            w -> w.call("Owner", "setTags", w.id("owner"), List.of("c")));

    @TempDir
    Path folder;

    /** Something done with rows. */
    private interface Act {
        void with(World world) throws ReflectiveOperationException;
    }

    private static List<Act> kinds(Act store) {
        return Arrays.asList(
                store,
                w -> w.find("Net", w.id("net")),
                w -> w.update("Net", w.with(w.find("Net", w.id("net")), "Mesh", 5)),
                null,
                w -> w.call("Net", "delete", w.id("net")));
    }

    private static List<Act> inRow(Object some, Object others) {
        return Arrays.asList(
                w -> w.update("Owner", w.with(w.find("Owner", w.id("owner")), "Tags", some)),
                w -> w.find("Owner", w.id("owner")),
                w -> w.update("Owner", w.with(w.find("Owner", w.id("owner")), "Tags", others)),
                null,
                w -> w.update("Owner", w.with(w.find("Owner", w.id("owner")), "Tags", others)));
    }

    /** By the names of {@link StatementCountsTest#ways}. */
    private static Map<String, List<Act>> acts() {
        Map<String, List<Act>> acts = new LinkedHashMap<>();
        acts.put("one-to-many", REFERENCE);
        acts.put("one-to-one, a key of its own", REFERENCE);
        acts.put("one-to-one, one key for both", SHARED);
        acts.put("many-to-many, pairs alone", PAIRS);
        acts.put("many-to-many, a link entity", LINK);
        acts.put("one of several, a column for each", COLUMN_EACH);
        acts.put("one of several, a kind and an id", KIND_AND_ID);
        acts.put(
                "kinds, a table each",
                kinds(w -> w.put("net", w.insert("Net", w.make("Gear", w.uuid(), "Net", "one"), 4))));
        acts.put("kinds, one table", kinds(w -> w.put("net", w.insert("Net", w.uuid(), "Net", "one", 4))));
        acts.put("kinds, a complete table each", kinds(w -> w.put("net", w.insert("Net", w.uuid(), "one", 4))));
        acts.put("list, rows", LIST);
        acts.put("list, JSON", inRow("[\"a\"]", "[\"b\"]"));
        acts.put("list, an array", inRow(List.of("a"), List.of("b")));
        return acts;
    }

    private List<String> counts(StatementCountsTest.Way way, List<Act> acts) throws Exception {
        Design design = Samples.design(way.lines().toArray(String[]::new));
        Counting counting = new Counting(Persisting.database(design));
        Path own = Files.createTempDirectory(folder, "way");
        Javac.write(OurTargets.PLAIN.files(design), own.resolve("source"));
        Javac.compile(own.resolve("source"), own.resolve("classes"));
        List<String> counts = new ArrayList<>();
        try (Connection connection = counting.open();
                URLClassLoader loader = new URLClassLoader(
                        new URL[] {own.resolve("classes").toUri().toURL()})) {
            World world = new World(loader, connection);
            world.prepare(design);
            for (Act act : acts) {
                counting.taken();
                if (act != null) {
                    act.with(world);
                }
                counts.add(
                        act == null ? "\u2013" : String.valueOf(counting.taken().size()));
            }
        }
        return counts;
    }

    @Test
    void theTableInTheDocumentationIsWhatIsSent() throws Exception {
        Map<String, List<Act>> acts = acts();
        CountsPage page = new CountsPage("plain counts");
        for (StatementCountsTest.Way way : StatementCountsTest.ways()) {
            page.add(way.name(), counts(way, acts.get(way.name())));
        }
        page.check();
    }

    /** Records and what reads and writes their rows. */
    private static final class World {
        private final ClassLoader loader;
        private final Connection connection;
        private final Map<String, Object> known = new LinkedHashMap<>();

        World(ClassLoader loader, Connection connection) {
            this.loader = loader;
            this.connection = connection;
        }

        /** Stores the owners and the part that are there before anything is counted. */
        void prepare(Design design) throws ReflectiveOperationException {
            if (design.entity("Owner").isPresent()) {
                boolean list =
                        design.entity("Owner").get().attributes().stream().anyMatch(a -> a.isListInRow());
                Class<?> tags = list ? component("Owner", 2) : Object.class;
                Object none = tags == String.class ? "[]" : List.of();
                put("owner", list ? insert("Owner", null, "one", none) : insert("Owner", null, "one"));
                put("other", list ? insert("Owner", null, "two", none) : insert("Owner", null, "two"));
            }
            if (design.entity("Part").isPresent()
                    && type("Part").getRecordComponents().length == 2
                    && type("Part").getRecordComponents()[0].getName().equals("id")) {
                put("part", insert("Part", null, "x"));
            }
        }

        private Class<?> component(String type, int index) throws ReflectiveOperationException {
            return type(type).getRecordComponents()[index].getType();
        }

        private Class<?> type(String name) throws ReflectiveOperationException {
            return loader.loadClass("test." + name);
        }

        Object make(String type, Object... values) throws ReflectiveOperationException {
            return type(type).getConstructors()[0].newInstance(values);
        }

        Object key(String type, String role, Object... values) throws ReflectiveOperationException {
            return make(type + "Rows$" + role + "Key", values);
        }

        java.util.UUID uuid() {
            return java.util.UUID.randomUUID();
        }

        void put(String name, Object row) {
            known.put(name, row);
        }

        /** Of a row that goes on in another, the id of that. */
        Object id(String name) throws ReflectiveOperationException {
            Object row = known.get(name);
            boolean goesOn = Arrays.stream(row.getClass().getMethods())
                    .noneMatch(m -> m.getName().equals("id"));
            return get(goesOn ? get(row, "gear") : row, "id");
        }

        Object get(Object row, String name) throws ReflectiveOperationException {
            return invoke(row, name);
        }

        Object with(Object row, String name, Object value) throws ReflectiveOperationException {
            return invoke(row, "with" + name, value);
        }

        Object insert(String type, Object... values) throws ReflectiveOperationException {
            return call(type, "insert", make(type, values));
        }

        Object find(String type, Object... key) throws ReflectiveOperationException {
            return ((Optional<?>) call(type, "find", key)).orElseThrow();
        }

        void update(String type, Object row) throws ReflectiveOperationException {
            assertThat((Optional<?>) call(type, "update", row)).isPresent();
        }

        Object call(String type, String method, Object... values) throws ReflectiveOperationException {
            Object rows = type(type + "Rows").getConstructor(Connection.class).newInstance(connection);
            return invoke(rows, method, values);
        }

        private static Object invoke(Object target, String name, Object... values) throws ReflectiveOperationException {
            return Arrays.stream(target.getClass().getMethods())
                    .filter(m -> m.getName().equals(name) && m.getParameterCount() == values.length)
                    .findFirst()
                    .orElseThrow(() -> new NoSuchMethodException(target.getClass() + "." + name))
                    .invoke(target, values);
        }
    }
}

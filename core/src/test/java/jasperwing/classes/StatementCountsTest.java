package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jasperwing.Samples;
import jasperwing.classes.Persisting.Objects;
import jasperwing.classes.Persisting.Provider;
import jasperwing.model.Design;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Counts the SQL statements each provider sends to store, load, change, move and delete an object, for each mapping. The table in
 * docs/targets.md must match.
 */
class StatementCountsTest {
    private static final String[] OWNERS = {
        "entity Owner", "  id serial key", "  name text(40)", "entity Part", "  id serial key", "  text text(40)"
    };

    @TempDir
    Path folder;

    /** Something done with stored objects. */
    interface Act {
        void with(World world) throws ReflectiveOperationException;
    }

    /** What is there of a way. */
    static final class World {
        private final Objects objects;
        private EntityManager manager;
        private final Map<String, Object> known = new LinkedHashMap<>();

        World(Objects objects) {
            this.objects = objects;
        }

        /** Makes and stores an object under a name. */
        Object store(String name, String type, Object... values) throws ReflectiveOperationException {
            Object made = objects.make(type, values);
            manager.persist(made);
            known.put(name, made);
            return made;
        }

        /** By its key; where that is a class of its own, as the only one there is. */
        Object find(String name) {
            Object stored = known.get(name);
            Object id =
                    manager.getEntityManagerFactory().getPersistenceUnitUtil().getIdentifier(stored);
            String type = stored.getClass().getSimpleName();
            return id.getClass().getName().startsWith("java.")
                    ? manager.find(stored.getClass(), id)
                    : manager.createQuery("select e from " + type + " e").getSingleResult();
        }

        Object reference(String name) {
            Object stored = known.get(name);
            Object id =
                    manager.getEntityManagerFactory().getPersistenceUnitUtil().getIdentifier(stored);
            return manager.getReference(stored.getClass(), id);
        }

        Object call(Object target, String method, Object... values) throws ReflectiveOperationException {
            return objects.call(target, method, values);
        }
    }

    /**
     * A way to keep something.
     *
     * @param lines the design
     * @param before what is stored before anything is counted
     * @param acts store, load, change, move and delete; null where there is none
     */
    record Way(String name, List<String> lines, Act before, List<Act> acts) {}

    private static List<String> lines(String[] start, String... more) {
        return Stream.concat(Arrays.stream(start), Arrays.stream(more)).toList();
    }

    private static final Act TWO_OWNERS = w -> {
        w.store("owner", "Owner", "one");
        w.store("other", "Owner", "two");
    };

    private static final List<Act> REFERENCE = Arrays.asList(
            w -> w.store("part", "Part", w.reference("owner"), "new"),
            w -> w.call(w.call(w.find("part"), "getOwner"), "getName"),
            w -> w.call(w.find("part"), "setText", "changed"),
            w -> w.call(w.find("part"), "setOwner", w.find("other")),
            w -> w.manager.remove(w.find("part")));

    private static List<Act> pairs() {
        return Arrays.asList(
                w -> w.call(w.find("owner"), "addPart", w.find("part")),
                w -> w.objects.all(w.find("owner"), "getParts"),
                null,
                w -> {
                    w.call(w.find("owner"), "removePart", w.find("part"));
                    w.call(w.find("other"), "addPart", w.find("part"));
                },
                w -> w.call(w.find("other"), "removePart", w.find("part")));
    }

    /** The last element is removed: EclipseLink moves those behind another up before it deletes that, and the key of the rows refuses. */
    private static List<Act> list() {
        return Arrays.asList(
                w -> w.objects.list(w.find("owner"), "getTags").addAll(List.of("a", "b")),
                w -> assertThat(w.objects.list(w.find("owner"), "getTags")).hasSize(2),
                w -> w.objects.list(w.find("owner"), "getTags").set(0, "c"),
                null,
                w -> w.objects.list(w.find("owner"), "getTags").remove("b"));
    }

    private static List<Act> listInRow() {
        return Arrays.asList(
                w -> w.call(w.find("owner"), "setTags", List.of("a", "b")),
                w -> assertThat(w.objects.list(w.find("owner"), "getTags")).hasSize(2),
                w -> w.call(w.find("owner"), "setTags", List.of("c", "b")),
                null,
                w -> w.call(w.find("owner"), "setTags", List.of("c")));
    }

    private static Way listed(String name, String type) {
        return new Way(
                "list, " + name,
                List.of("entity Owner", "  id serial key", "  name text(40)", "  tags text(9) list" + type),
                w -> w.store("owner", "Owner", "one"),
                type.isEmpty() ? list() : listInRow());
    }

    private static Way oneOf(String name, String kept) {
        return new Way(
                "one of several, " + name,
                lines(
                        OWNERS,
                        "entity Note",
                        "  id serial key",
                        "  text text(40)",
                        "each Note may be about one of Owner, Part as subject",
                        "  kept as " + kept),
                w -> {
                    w.store("owner", "Owner", "one");
                    w.store("part", "Part", "two");
                },
                Arrays.asList(
                        w -> w.call(w.store("note", "Note", "new"), "setSubject", w.find("owner")),
                        w -> w.call(w.find("note"), "getText"),
                        w -> w.call(w.find("note"), "setText", "changed"),
                        w -> w.call(w.find("note"), "setSubject", w.find("part")),
                        w -> w.manager.remove(w.find("note"))));
    }

    private static Way kinds(String way) {
        return new Way(
                "kinds, " + way,
                List.of(
                        "entity Gear",
                        "  kinds kept in " + way,
                        "  id uuid key",
                        "  name text(40)",
                        "entity Net is a kind of Gear",
                        "  mesh int"),
                w -> {},
                Arrays.asList(
                        w -> w.store("net", "Net", "one", 4),
                        w -> w.call(w.find("net"), "getMesh"),
                        w -> w.call(w.find("net"), "setMesh", 5),
                        null,
                        w -> w.manager.remove(w.find("net"))));
    }

    static List<Way> ways() {
        return List.of(
                new Way(
                        "one-to-many",
                        lines(OWNERS, "each Part must be of one Owner as owner, which may have many Part as parts"),
                        TWO_OWNERS,
                        REFERENCE),
                new Way(
                        "one-to-one, a key of its own",
                        lines(OWNERS, "each Part must be of one Owner as owner, which may have one Part as part"),
                        TWO_OWNERS,
                        REFERENCE),
                new Way(
                        "one-to-one, one key for both",
                        List.of(
                                "entity Owner",
                                "  id serial key",
                                "  name text(40)",
                                "entity Part",
                                "  text text(40)",
                                "  key (owner)",
                                "each Part must be of one Owner as owner, which may have one Part as part"),
                        TWO_OWNERS,
                        Arrays.asList(REFERENCE.get(0), REFERENCE.get(1), REFERENCE.get(2), null, REFERENCE.get(4))),
                new Way(
                        "many-to-many, pairs alone",
                        lines(OWNERS, "each Owner may have many Part as parts, which may be of many Owner as owners"),
                        w -> {
                            TWO_OWNERS.with(w);
                            w.store("part", "Part", "x");
                        },
                        pairs()),
                new Way(
                        "many-to-many, a link entity",
                        lines(
                                OWNERS,
                                "entity Share",
                                "  count int",
                                "each Owner may have many Part as parts via Share, which may be of many Owner as owners"),
                        w -> {
                            TWO_OWNERS.with(w);
                            w.store("part", "Part", "x");
                        },
                        Arrays.asList(
                                w -> w.store("share", "Share", w.reference("owner"), w.reference("part"), 1),
                                w -> w.call(w.call(w.find("share"), "getPart"), "getText"),
                                w -> w.call(w.find("share"), "setCount", 2),
                                null,
                                w -> w.manager.remove(w.find("share")))),
                oneOf("a column for each", "a column for each"),
                oneOf("a kind and an id", "a kind and an id"),
                kinds("a table each"),
                kinds("one table"),
                kinds("a complete table each"),
                listed("rows", ""),
                listed("JSON", " kept as json"),
                listed("an array", " kept as an array"));
    }

    private List<String> counts(Way way, Provider provider) throws Exception {
        Design design = Persisting.mapped(Samples.design(way.lines().toArray(String[]::new)), "annotations", provider);
        Counting counting = new Counting(Persisting.database(design));
        Path own = Files.createTempDirectory(folder, "way");
        List<String> counts = new ArrayList<>();
        try (URLClassLoader loader = Persisting.compiled(design, own);
                EntityManagerFactory factory = Persisting.boot(loader, counting.properties(), provider)) {
            World world = new World(new Objects(loader, "test"));
            act(world, factory, way.before());
            for (Act act : way.acts()) {
                counting.taken();
                if (act != null) {
                    act(world, factory, act);
                }
                counts.add(
                        act == null ? "\u2013" : String.valueOf(counting.taken().size()));
            }
        }
        return counts;
    }

    private static void act(World world, EntityManagerFactory factory, Act act) throws ReflectiveOperationException {
        world.manager = factory.createEntityManager();
        world.manager.getTransaction().begin();
        act.with(world);
        world.manager.getTransaction().commit();
        world.manager.close();
        factory.getCache().evictAll();
    }

    @Test
    void theTableInTheDocumentationIsWhatIsSent() throws Exception {
        CountsPage page = new CountsPage("counts");
        for (Way way : ways()) {
            List<String> hibernate = counts(way, Provider.HIBERNATE);
            List<String> eclipseLink = counts(way, Provider.ECLIPSELINK);
            List<String> both = new ArrayList<>();
            for (int i = 0; i < hibernate.size(); i++) {
                boolean same = hibernate.get(i).equals(eclipseLink.get(i));
                both.add(same ? hibernate.get(i) : hibernate.get(i) + " \u00b7 " + eclipseLink.get(i));
            }
            page.add(way.name(), both);
        }
        page.check();
    }
}

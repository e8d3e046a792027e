package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jasperwing.Samples;
import jasperwing.classes.Persisting.Objects;
import jasperwing.classes.Persisting.Provider;
import jasperwing.derive.Databases;
import jasperwing.dialect.Dialects;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.moves.Move;
import jasperwing.moves.SharedParent;
import jasperwing.moves.TableForEach;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * A one-of that a move has made a table for each of, or given a shared parent: a graph through the classes of a persistence provider and
 * through records, on PostgreSQL.
 */
class OneOfWaysPersistenceTest {
    private static final Design DESIGN = Samples.design(
            "entity Dive",
            "  id serial key",
            "  place text(20)",
            "entity Specimen",
            "  id serial key",
            "  label text(20)",
            "entity Note",
            "  id serial key",
            "  text text(40)",
            "each Note must be about one of Dive, Specimen as subject, which may have many Note as notes");

    private static final Attribute SINCE = Attribute.of("since", Type.of(Scalar.INT));
    private static final PolymorphicRelationship ONE_OF =
            (PolymorphicRelationship) DESIGN.relationships().get(0);

    @TempDir
    Path folder;

    private interface Play {
        void with(EntityManagerFactory factory, Objects objects) throws ReflectiveOperationException;
    }

    /** The shared parent has something besides its key: EclipseLink stores no row of which it fills nothing. */
    private static Design moved(Move move) {
        assertThat(move.hindrance(DESIGN)).isEmpty();
        return EntityEdits.change(
                        "Subject", e -> e.withAttributes(List.of(e.attributes().get(0), SINCE)))
                .on(move.on(DESIGN));
    }

    private void plays(Move move, Provider provider, Play play) throws Exception {
        Design design = moved(move);
        String url = Persisting.database(design);
        try (URLClassLoader loader = Persisting.compiled(design, folder);
                EntityManagerFactory factory = Persisting.boot(loader, url, provider)) {
            play.with(factory, new Objects(loader, "test"));
        }
    }

    private static void inTransaction(EntityManagerFactory factory, Changes changes)
            throws ReflectiveOperationException {
        EntityManager manager = factory.createEntityManager();
        manager.getTransaction().begin();
        changes.to(manager);
        manager.getTransaction().commit();
        manager.close();
        factory.getCache().evictAll();
    }

    private interface Changes {
        void to(EntityManager manager) throws ReflectiveOperationException;
    }

    private static long count(EntityManager manager, String entity) {
        return manager.createQuery("select count(e) from " + entity + " e", Long.class)
                .getSingleResult();
    }

    @ParameterizedTest
    @EnumSource(Provider.class)
    void aTableForEachIsStoredChangedReadBackAndDeleted(Provider provider) throws Exception {
        plays(new TableForEach(ONE_OF), provider, (factory, objects) -> {
            Object dive = objects.make("Dive", "Reef");
            Object eel = objects.make("Specimen", "Eel");
            Object calm = objects.make("DiveNote", dive, "calm");
            Object long_ = objects.make("SpecimenNote", eel, "long");
            Persisting.store(factory, List.of(dive, eel, calm, long_));
            Object id = objects.call(dive, "getId");
            inTransaction(
                    factory,
                    m -> objects.call(
                            objects.list(m.find(dive.getClass(), id), "getNotes")
                                    .get(0),
                            "setText",
                            "rough"));
            inTransaction(factory, m -> {
                Object found = m.find(dive.getClass(), id);
                Object note = objects.list(found, "getNotes").get(0);
                assertThat(objects.call(note, "getText")).isEqualTo("rough");
                assertThat(objects.call(note, "getDive")).isSameAs(found);
                m.remove(note);
                m.remove(found);
            });
            inTransaction(factory, m -> {
                assertThat(count(m, "DiveNote") + count(m, "Dive")).isZero();
                assertThat(count(m, "SpecimenNote")).isEqualTo(1);
            });
        });
    }

    @ParameterizedTest
    @EnumSource(Provider.class)
    void aSharedParentIsStoredChangedReadBackAndDeleted(Provider provider) throws Exception {
        plays(new SharedParent(ONE_OF, "Subject"), provider, (factory, objects) -> {
            Object ofDive = objects.make("Subject", 2026);
            Object ofEel = objects.make("Subject", 2026);
            Object dive = objects.make("Dive", ofDive, "Reef");
            Object eel = objects.make("Specimen", ofEel, "Eel");
            Object note = objects.make("Note", ofDive, "calm");
            Persisting.store(factory, List.of(ofDive, ofEel, dive, eel, note));
            Object id = objects.call(note, "getId");
            inTransaction(factory, m -> {
                Object found = m.find(note.getClass(), id);
                Object subject = objects.call(found, "getSubject");
                assertThat(objects.call(objects.call(subject, "getDive"), "getPlace"))
                        .isEqualTo("Reef");
                assertThat(objects.call(subject, "getSpecimen")).isNull();
                objects.call(found, "setSubject", m.find(ofEel.getClass(), objects.call(ofEel, "getId")));
            });
            inTransaction(factory, m -> {
                Object subject = objects.call(m.find(note.getClass(), id), "getSubject");
                assertThat(objects.call(objects.call(subject, "getSpecimen"), "getLabel"))
                        .isEqualTo("Eel");
                m.remove(m.find(note.getClass(), id));
                m.remove(m.find(eel.getClass(), objects.call(eel, "getId")));
            });
            inTransaction(factory, m -> assertThat(count(m, "Note") + count(m, "Specimen"))
                    .isZero());
        });
    }

    @Test
    void recordsReadAndWriteATableForEach() throws Exception {
        playsRecords(new TableForEach(ONE_OF), (rows, connection) -> {
            Object dive = rows.call(rows.of("Dive"), "insert", rows.make("Dive", null, "Reef"));
            Object notes = rows.of("DiveNote");
            Object note = rows.call(notes, "insert", rows.make("DiveNote", null, rows.call(dive, "id"), "calm"));
            rows.call(notes, "update", rows.call(note, "withText", "rough"));
            List<?> found = (List<?>) rows.call(notes, "allByDiveId", rows.call(dive, "id"), 10, 0L);
            assertThat(rows.call(found.get(0), "text")).isEqualTo("rough");
            assertThat(rows.call(notes, "delete", rows.call(note, "id"))).isEqualTo(true);
        });
    }

    @Test
    void recordsReadAndWriteASharedParent() throws Exception {
        playsRecords(new SharedParent(ONE_OF, "Subject"), (rows, connection) -> {
            Object subject = rows.call(rows.of("Subject"), "insert", rows.make("Subject", null, 2026));
            Object key = rows.call(subject, "id");
            Object dive = rows.call(rows.of("Dive"), "insert", rows.make("Dive", null, key, "Reef"));
            Object note = rows.call(rows.of("Note"), "insert", rows.make("Note", null, key, "calm"));
            rows.call(rows.of("Note"), "update", rows.call(note, "withText", "rough"));
            List<?> found = (List<?>) rows.call(rows.of("Note"), "allBySubjectId", key, 10, 0L);
            assertThat(rows.call(found.get(0), "text")).isEqualTo("rough");
            assertThat(rows.call(rows.of("Dive"), "findBySubjectId", key)).isEqualTo(Optional.of(dive));
            assertThat(rows.call(rows.of("Note"), "delete", rows.call(note, "id")))
                    .isEqualTo(true);
            assertThat(rows.call(rows.of("Dive"), "delete", rows.call(dive, "id")))
                    .isEqualTo(true);
        });
    }

    private interface Scene {
        void with(Rows rows, Connection connection) throws ReflectiveOperationException;
    }

    private void playsRecords(Move move, Scene scene) throws Exception {
        Design design = moved(move);
        Javac.write(OurTargets.PLAIN.files(design), folder.resolve("src"));
        Javac.compile(folder.resolve("src"), folder.resolve("out"));
        URL[] classes = {folder.resolve("out").toUri().toURL()};
        try (URLClassLoader loader = new URLClassLoader(classes, getClass().getClassLoader());
                Connection connection = loaded(design)) {
            scene.with(new Rows(new Objects(loader, "test"), connection), connection);
        }
    }

    private static Connection loaded(Design design) throws SQLException {
        return Databases.loaded(design, Dialects.POSTGRESQL);
    }

    /** Uses generated records, and what reads and writes them, by name. */
    private record Rows(Objects objects, Connection connection) {
        Object of(String entity) throws ReflectiveOperationException {
            return objects.make(entity + "Rows", connection);
        }

        Object make(String name, Object... values) throws ReflectiveOperationException {
            return objects.make(name, values);
        }

        Object call(Object target, String name, Object... values) throws ReflectiveOperationException {
            for (var method : target.getClass().getMethods()) {
                if (method.getName().equals(name) && method.getParameterCount() == values.length) {
                    return method.invoke(target, values);
                }
            }
            throw new IllegalArgumentException(target.getClass() + " has no method " + name);
        }
    }
}

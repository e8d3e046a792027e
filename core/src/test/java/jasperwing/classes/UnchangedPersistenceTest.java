package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jasperwing.Samples;
import jasperwing.classes.Persisting.Objects;
import jasperwing.classes.Persisting.Provider;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import java.lang.reflect.Method;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Objects that are made whole and stay as they are, stored, read back and deleted, on PostgreSQL. */
class UnchangedPersistenceTest {
    private static final Design DESIGN = CodeTargetEdits.choose("java-jakarta", "setters", "none")
            .on(Samples.design(
                    "value Spot",
                    "  east int",
                    "entity Site",
                    "  id serial key",
                    "  name text(20)",
                    "entity Keyword",
                    "  word text(20) key",
                    "entity Dive",
                    "  id uuid key",
                    "  number int?",
                    "  spot Spot?",
                    "  tags text(9) list",
                    "  marks int list kept as an array",
                    "  madeAt timestamp set on insert",
                    "entity Note",
                    "  id serial key",
                    "  text text(40)",
                    "each Dive must be at one Site as site, which may have many Dive as dives",
                    "each Dive may carry many Keyword as keywords, which may mark many Dive as dives",
                    "each Note must be about one of Dive, Site as subject, which may have many Note as notes",
                    "each Note may be of one of Site, Note as other",
                    "  kept as a kind and an id"));

    @TempDir
    Path folder;

    @ParameterizedTest
    @EnumSource(Provider.class)
    void areStoredReadBackAndDeleted(Provider provider) throws Exception {
        Design design = Persisting.mapped(DESIGN, "annotations", provider);
        String url = Persisting.database(design);
        try (URLClassLoader loader = Persisting.compiled(design, folder);
                EntityManagerFactory factory = Persisting.boot(loader, url, provider)) {
            Objects objects = new Objects(loader, "test");
            Object reef = objects.make("Site", "Reef");
            Object eel = objects.make("Keyword", "eel");
            Persisting.store(factory, List.of(reef, eel));
            Object spot = objects.make("Spot", 7);
            Object dive = objects.make("Dive", reef, Set.of(eel), 3, spot, List.of("mud", "deep"), List.of(1, 2));
            Object note = objects.make("Note", dive, "Site", objects.call(reef, "getId"), "calm");
            EntityManager saving = factory.createEntityManager();
            saving.getTransaction().begin();
            Object stored = saving.merge(dive);
            saving.getTransaction().commit();
            Object id = objects.call(stored, "getId");
            readBack(factory, objects, dive.getClass(), id);
            assertThat(objects.call(note, "getSubject")).isSameAs(dive);
            assertThat(objects.call(note, "getOtherKind")).isEqualTo("Site");
            delete(factory, dive.getClass(), id);
        }
    }

    private static void readBack(EntityManagerFactory factory, Objects objects, Class<?> type, Object id)
            throws ReflectiveOperationException {
        factory.getCache().evictAll();
        EntityManager reading = factory.createEntityManager();
        Object found = reading.find(type, id);
        assertThat(objects.call(found, "getNumber")).isEqualTo(3);
        assertThat(objects.call(objects.call(found, "getSpot"), "getEast")).isEqualTo(7);
        assertThat(objects.list(found, "getTags")).containsExactly("mud", "deep");
        assertThat(objects.list(found, "getMarks")).containsExactly(1, 2);
        assertThat(objects.call(found, "getMadeAt")).isNotNull();
        assertThat(objects.all(found, "getKeywords")).hasSize(1);
        Object site = objects.call(found, "getSite");
        assertThat(objects.list(site, "getDives")).containsExactly(found);
        reading.close();
    }

    private static void delete(EntityManagerFactory factory, Class<?> type, Object id) {
        EntityManager deleting = factory.createEntityManager();
        deleting.getTransaction().begin();
        deleting.remove(deleting.find(type, id));
        deleting.getTransaction().commit();
        assertThat(deleting.createQuery("select count(d) from Dive d").getSingleResult())
                .isEqualTo(0L);
    }

    @Test
    void nothingChangesThem() throws Exception {
        try (URLClassLoader loader = Persisting.compiled(DESIGN, folder)) {
            for (String name : List.of("Site", "Keyword", "Dive", "Note", "Spot", "NoteSubject")) {
                assertThat(Arrays.stream(loader.loadClass("test." + name).getDeclaredMethods())
                                .filter(m -> java.lang.reflect.Modifier.isPublic(m.getModifiers()))
                                .map(Method::getName))
                        .as(name)
                        .noneMatch(n -> n.matches("(set|add|remove)[A-Z].*"));
            }
        }
    }
}

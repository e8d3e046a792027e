package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jasperwing.Samples;
import jasperwing.classes.Persisting.Objects;
import jasperwing.classes.Persisting.Provider;
import jasperwing.model.Design;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A graph of what is kept in the less usual ways, through the classes of a persistence provider, on PostgreSQL. */
class WaysPersistenceTest {
    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({"ECLIPSELINK, annotations", "ECLIPSELINK, xml", "HIBERNATE, annotations", "HIBERNATE, xml"})
    void aGraphIsStoredChangedReadBackAndDeleted(Provider provider, String mapping) throws Exception {
        Design design = Persisting.mapped(Samples.ways(), mapping, provider);
        String url = Persisting.database(design);
        try (URLClassLoader loader = Persisting.compiled(design, folder);
                EntityManagerFactory factory = Persisting.boot(loader, url, provider)) {
            Objects objects = new Objects(loader, "test");
            Object dive = objects.make("Dive");
            objects.call(dive, "setTags", List.of("mud \"d\"", "nets"));
            objects.call(dive, "setDepths", List.of(3, 4));
            objects.call(dive, "setMarks", List.of(1, 2));
            Object person = objects.make("Person", "Ada");
            Object duty = objects.make("Duty", dive, person, "leads");
            Object log = objects.make("Log", dive, "calm");
            Object fish = objects.make("Fish", "Eel", 2);
            objects.call(fish, "setDive", dive);
            Object core = objects.make("Core", "C1", 12);
            objects.call(core, "setFish", fish);
            Persisting.store(factory, List.of(dive, person, duty, log, fish, core));
            Object id = objects.call(dive, "getId");
            change(factory, objects, dive.getClass(), id);
            readBack(factory, objects, dive.getClass(), id);
            delete(factory, objects, dive.getClass(), id);
        }
    }

    private static void change(EntityManagerFactory factory, Objects objects, Class<?> type, Object id)
            throws ReflectiveOperationException {
        EntityManager changing = factory.createEntityManager();
        changing.getTransaction().begin();
        Object dive = changing.find(type, id);
        objects.call(dive, "setMarks", List.of(1, 2, 9));
        objects.call(dive, "setDepths", List.of());
        objects.call(objects.call(dive, "getLog"), "setText", "rough");
        objects.call(objects.list(dive, "getDuties").get(0), "setTask", "writes");
        objects.call(objects.list(dive, "getFish").get(0), "setFins", 4);
        changing.getTransaction().commit();
        changing.close();
        factory.getCache().evictAll();
    }

    private static void readBack(EntityManagerFactory factory, Objects objects, Class<?> type, Object id)
            throws ReflectiveOperationException {
        EntityManager reading = factory.createEntityManager();
        Object dive = reading.find(type, id);
        assertThat(objects.list(dive, "getTags")).containsExactly("mud \"d\"", "nets");
        assertThat(objects.list(dive, "getDepths")).isEmpty();
        assertThat(objects.list(dive, "getMarks")).containsExactly(1, 2, 9);
        assertThat(objects.call(objects.call(dive, "getLog"), "getText")).isEqualTo("rough");
        Object duty = objects.list(dive, "getDuties").get(0);
        assertThat(objects.call(duty, "getTask")).isEqualTo("writes");
        assertThat(objects.call(objects.call(duty, "getPerson"), "getName")).isEqualTo("Ada");
        Object fish = objects.list(dive, "getFish").get(0);
        assertThat(objects.call(fish, "getName")).isEqualTo("Eel");
        assertThat(objects.call(fish, "getFins")).isEqualTo(4);
        Object core = objects.list(fish, "getCores").get(0);
        assertThat(objects.call(core, "getLabel")).isEqualTo("C1");
        assertThat(objects.call(core, "getDepth")).isEqualTo(12);
        reading.close();
    }

    private static void delete(EntityManagerFactory factory, Objects objects, Class<?> type, Object id)
            throws ReflectiveOperationException {
        EntityManager deleting = factory.createEntityManager();
        deleting.getTransaction().begin();
        Object dive = deleting.find(type, id);
        Object fish = objects.list(dive, "getFish").get(0);
        objects.all(fish, "getCores").forEach(deleting::remove);
        deleting.remove(fish);
        objects.all(dive, "getDuties").forEach(deleting::remove);
        deleting.remove(dive);
        deleting.getTransaction().commit();
        for (String each : List.of("Dive", "Log", "Duty", "Fish", "Animal", "Core", "Sample")) {
            assertThat(deleting.createQuery("select count(e) from " + each + " e")
                            .getSingleResult())
                    .as(each)
                    .isEqualTo(0L);
        }
        deleting.close();
    }
}

package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jasperwing.Samples;
import jasperwing.classes.Persisting.Objects;
import jasperwing.classes.Persisting.Provider;
import jasperwing.classes.Persisting.Running;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is in a pair is not deleted where that is said, though a provider removes the pairs of their owner itself. */
class GuardedPairsPersistenceTest {
    private static final Design WINE = Samples.design(
            "entity Grape",
            "  id int key",
            "entity Medal",
            "  id int key",
            "entity Wine",
            "  id int key",
            "entity Blend is a kind of Wine",
            "  parts int",
            "each Blend may contain many Grape as grapes, which may go into many Blend as blends",
            "  deleting Blend is refused",
            "  deleting Grape is refused",
            "each Wine may carry many Medal as medals",
            "  deleting Wine is refused");

    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({
        "ECLIPSELINK, annotations, postgresql",
        "ECLIPSELINK, xml, mariadb",
        "HIBERNATE, xml, postgresql",
        "HIBERNATE, annotations, mariadb"
    })
    void whatIsPairedStays(Provider provider, String mapping, Dialect dialect) throws Exception {
        try (Running running = Persisting.running(WINE, mapping, provider, dialect, folder)) {
            Objects objects = running.objects();
            EntityManagerFactory factory = running.factory();
            Object grape = objects.make("Grape", 1);
            Object medal = objects.make("Medal", 1);
            Object blend = objects.make("Blend", 1, 2);
            Object other = objects.make("Blend", 2, 3);
            objects.call(blend, "addGrape", grape);
            objects.call(other, "addMedal", medal);
            Persisting.store(factory, List.of(grape, medal, blend, other));

            kept(factory, blend, 1, "A Blend cannot be deleted while it has grapes.");
            kept(factory, grape, 1, "A Grape cannot be deleted while it has blends.");
            kept(factory, other, 2, "A Wine cannot be deleted while it has medals.");
            try (EntityManager manager = factory.createEntityManager()) {
                manager.getTransaction().begin();
                Object freed = manager.find(blend.getClass(), 1);
                objects.call(freed, "removeGrape", manager.find(grape.getClass(), 1));
                manager.remove(freed);
                manager.getTransaction().commit();
            }
            try (EntityManager manager = factory.createEntityManager()) {
                assertThat(manager.find(blend.getClass(), 1)).isNull();
                assertThat(manager.find(grape.getClass(), 1)).isNotNull();
                assertThat(manager.find(other.getClass(), 2)).isNotNull();
            }
        }
    }

    private static void kept(EntityManagerFactory factory, Object object, int id, String message) {
        try (EntityManager manager = factory.createEntityManager()) {
            manager.getTransaction().begin();
            Object found = manager.find(object.getClass(), id);
            assertThatThrownBy(() -> {
                        manager.remove(found);
                        manager.flush();
                    })
                    .isInstanceOf(IllegalStateException.class)
                    .hasMessage(message);
            manager.getTransaction().rollback();
        }
    }
}

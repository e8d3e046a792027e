package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

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

/** Objects with more in a collection than there can be are refused when they are stored. */
class CountLimitsPersistenceTest {
    private static final Design HERD = Samples.design(
            "entity Barn",
            "  id int key",
            "entity Cow",
            "  id int key",
            "entity Tag",
            "  id int key",
            "each Cow may stand in one Barn as barn, which may have at most 2 Cow as cows",
            "each Cow may carry at most 2 Tag as tags, which may mark many Cow as cows");

    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({
        "ECLIPSELINK, annotations, postgresql",
        "ECLIPSELINK, xml, mariadb",
        "HIBERNATE, xml, postgresql",
        "HIBERNATE, annotations, mariadb"
    })
    void oneTooManyIsRefused(Provider provider, String mapping, Dialect dialect) throws Exception {
        try (Running running = Persisting.running(HERD, mapping, provider, dialect, folder)) {
            Objects objects = running.objects();
            EntityManagerFactory factory = running.factory();
            Object barn = objects.make("Barn", 1);
            Object cow = objects.make("Cow", 1);
            objects.call(cow, "setBarn", barn);
            List<Object> tags = List.of(objects.make("Tag", 1), objects.make("Tag", 2), objects.make("Tag", 3));
            objects.call(cow, "addTag", tags.get(0));
            objects.call(cow, "addTag", tags.get(1));
            Persisting.store(factory, List.of(tags.get(0), tags.get(1), tags.get(2), barn, cow));

            Object greedy = objects.make("Cow", 2);
            for (Object tag : tags) {
                objects.call(greedy, "addTag", tag);
            }
            refused(factory, greedy);

            Object full = objects.make("Barn", 2);
            List<Object> herd = List.of(objects.make("Cow", 3), objects.make("Cow", 4), objects.make("Cow", 5));
            for (Object each : herd) {
                objects.call(full, "addCow", each);
            }
            refused(factory, full, herd.get(0), herd.get(1), herd.get(2));
        }
    }

    private static void refused(EntityManagerFactory factory, Object... all) {
        assertThat(Persisting.violations(catchThrowable(() -> Persisting.store(factory, List.of(all)))))
                .containsExactly("size must be between 0 and 2");
    }
}

package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

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
import java.util.UUID;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Keys that nobody gives: made by the class, by the provider, and counted up by the database from a number on. */
class MadeKeysPersistenceTest {
    private static final Design POST = Samples.design(
            "entity Parcel",
            "  id      uuid      key  default uuid version 7",
            "  weight  int",
            "entity Crate is a kind of Parcel",
            "  planks  int",
            "entity Letter",
            "  id      uuid      key  default uuid",
            "  stamp   text(9)",
            "entity Note",
            "  id      uuid      key",
            "  text    text(9)",
            "entity Box",
            "  number  serial    key  counted from 500 by 10",
            "  colour  text(9)",
            "entity Scan",
            "  token   uuid      default uuid version 7",
            "  turn    int",
            "  key (token, turn)",
            "each Letter must lie in one Parcel, which may have many Letter",
            "each Parcel may stand in one Box, which may have many Parcel");

    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({
        "ECLIPSELINK, annotations, postgresql, 10",
        "ECLIPSELINK, xml, mariadb, 1",
        "HIBERNATE, xml, postgresql, 10",
        "HIBERNATE, annotations, mariadb, 1"
    })
    void whatHasThemIsStoredAndFoundAgain(Provider provider, String mapping, Dialect dialect, long step)
            throws Exception {
        try (Running running = Persisting.running(POST, mapping, provider, dialect, folder)) {
            EntityManagerFactory factory = running.factory();
            Objects objects = running.objects();
            Object red = objects.make("Box", "red");
            Object blue = objects.make("Box", "blue");
            Object parcel = objects.make("Parcel", 3);
            Object crate = objects.make("Crate", 9, 12);
            Object letter = objects.make("Letter", crate, "kiwi");
            Object note = objects.make("Note", "hello");
            Object scan = objects.make("Scan", 1);
            objects.call(crate, "setBox", blue);
            Persisting.store(factory, List.of(red, blue, parcel, crate, letter, note, scan));
            assertThat(List.of(objects.call(red, "getNumber"), objects.call(blue, "getNumber")))
                    .containsExactlyInAnyOrder(500L, 500 + step);
            assertThat(List.of(parcel, crate))
                    .allSatisfy(p -> assertThat(version(objects, p, "getId")).isEqualTo(7));
            assertThat(version(objects, letter, "getId")).isEqualTo(4);
            assertThat(version(objects, scan, "getToken")).isEqualTo(7);
            assertThat(objects.call(note, "getId")).isNotNull();
            try (EntityManager manager = factory.createEntityManager()) {
                Object again = manager.find(letter.getClass(), objects.call(letter, "getId"));
                Object there = objects.call(again, "getParcel");
                assertThat(objects.call(there, "getId")).isEqualTo(objects.call(crate, "getId"));
                Object found = manager.find(crate.getClass(), objects.call(crate, "getId"));
                assertThat(objects.call(found, "getPlanks")).isEqualTo(12);
                assertThat(objects.call(objects.call(there, "getBox"), "getColour"))
                        .isEqualTo("blue");
            }
        }
    }

    private static int version(Objects objects, Object object, String getter) throws ReflectiveOperationException {
        return ((UUID) objects.call(object, getter)).version();
    }
}

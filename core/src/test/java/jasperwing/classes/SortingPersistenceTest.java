package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jasperwing.SortingDesign;
import jasperwing.classes.Persisting.Objects;
import jasperwing.classes.Persisting.Provider;
import jasperwing.classes.Persisting.Running;
import jasperwing.dialect.Dialect;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Collections are read in the order that was asked for, and keep the order that they were put in. */
class SortingPersistenceTest {
    @TempDir
    Path folder;

    private Objects objects;

    @ParameterizedTest
    @CsvSource({
        "ECLIPSELINK, annotations, postgresql",
        "ECLIPSELINK, xml, mariadb",
        "HIBERNATE, xml, postgresql",
        "HIBERNATE, annotations, mariadb"
    })
    void manyComeInTheirOrder(Provider provider, String mapping, Dialect dialect) throws Exception {
        try (Running running = Persisting.running(SortingDesign.CHOIR, mapping, provider, dialect, folder)) {
            objects = running.objects();
            EntityManagerFactory factory = running.factory();
            singers(factory);
            songs(factory);
        }
    }

    private void singers(EntityManagerFactory factory) throws ReflectiveOperationException {
        Object choir = objects.make("Choir", 1);
        Object tour = objects.make("Tour", 1);
        List<Object> all = new ArrayList<>(List.of(choir, tour));
        String[][] singers = {
            {"Berg", "Ulm", "2001-01-01"}, {"Berg", "Bonn", "2002-01-01"}, {"Abel", "Ulm", "2000-01-01"}
        };
        for (String[] each : singers) {
            Object singer = objects.make("Singer", all.size(), each[0], choir, LocalDate.parse(each[2]));
            objects.call(singer, "setHome", objects.make("Address", each[1], "Lane 1"));
            objects.call(tour, "addSinger", singer);
            all.add(singer);
        }
        Persisting.store(factory, all);
        try (EntityManager manager = factory.createEntityManager()) {
            assertThat(ids(manager.find(choir.getClass(), 1), "getSingers")).containsExactly(4, 3, 2);
            assertThat(ids(manager.find(tour.getClass(), 1), "getSingers")).containsExactly(4, 2, 3);
        }
    }

    private void songs(EntityManagerFactory factory) throws ReflectiveOperationException {
        Object first = objects.make("Concert", 1);
        Object second = objects.make("Concert", 2);
        List<Object> songs =
                List.of(objects.make("Song", 1, "a"), objects.make("Song", 2, "b"), objects.make("Song", 3, "c"));
        List<Object> all = new ArrayList<>(songs);
        all.addAll(List.of(first, second));
        for (Object song : songs) {
            all.add(objects.make("Slot", first, song));
            all.add(objects.make("Verse", (int) objects.call(song, "getId"), songs.get(0), "la"));
        }
        all.add(objects.make("Slot", second, songs.get(0)));
        Persisting.store(factory, all);
        try (EntityManager manager = factory.createEntityManager()) {
            manager.getTransaction().begin();
            Object concert = manager.find(first.getClass(), 1);
            assertThat(ids(concert, "getSongs")).containsExactly(1, 2, 3);
            Object last = objects.all(concert, "getSlots").get(2);
            objects.call(concert, "moveSlot", last, 0);
            assertThat(ids(concert, "getSongs")).containsExactly(3, 1, 2);
            Object song = manager.find(songs.get(0).getClass(), 1);
            assertThat(ids(song, "getConcerts")).containsExactly(2, 1);
            List<Object> verses = objects.all(song, "getVerses");
            objects.call(song, "moveVerse", verses.get(0), 9);
            objects.call(verses.get(1), "setSong", manager.find(songs.get(0).getClass(), 2));
            objects.make("Verse", 7, song, "di");
            manager.persist(objects.all(song, "getVerses").get(2));
            manager.getTransaction().commit();
        }
        try (EntityManager manager = factory.createEntityManager()) {
            assertThat(ids(manager.find(first.getClass(), 1), "getSongs")).containsExactly(3, 1, 2);
            Object song = manager.find(songs.get(0).getClass(), 1);
            assertThat(ids(song, "getVerses")).containsExactly(3, 1, 7);
            assertThat(all(song, "getVerses", "getNumber")).containsExactly(1, 2, 3);
            Object other = manager.find(songs.get(0).getClass(), 2);
            assertThat(ids(other, "getVerses")).containsExactly(2);
            assertThat(all(other, "getVerses", "getNumber")).containsExactly(1);
        }
    }

    private List<Object> ids(Object object, String getter) throws ReflectiveOperationException {
        return all(object, getter, "getId");
    }

    private List<Object> all(Object object, String getter, String property) throws ReflectiveOperationException {
        List<Object> all = new ArrayList<>();
        for (Object each : objects.all(object, getter)) {
            all.add(objects.call(each, property));
        }
        return all;
    }
}

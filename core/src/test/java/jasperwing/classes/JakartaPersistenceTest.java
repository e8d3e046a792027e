package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jasperwing.Samples;
import jasperwing.classes.Persisting.Objects;
import jasperwing.classes.Persisting.Provider;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.Design;
import jasperwing.model.SortKey;
import jasperwing.model.Sorting;
import java.math.BigDecimal;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The demo's classes, compiled, booted in a persistence provider against the derived schema, and used. */
class JakartaPersistenceTest {
    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({"ECLIPSELINK, annotations", "ECLIPSELINK, xml", "HIBERNATE, annotations", "HIBERNATE, xml"})
    void oneGraphWithAKindAndAnIdIsSavedReadBackAndDeleted(Provider provider, String mapping) throws Exception {
        roundTrip(Persisting.mapped(Samples.demo(), mapping, provider), provider, false);
    }

    @ParameterizedTest
    @CsvSource({"ECLIPSELINK, annotations", "ECLIPSELINK, xml", "HIBERNATE, annotations", "HIBERNATE, xml"})
    void oneGraphWithAColumnForEachIsSavedReadBackAndDeleted(Provider provider, String mapping) throws Exception {
        Design demo = Samples.demo();
        Design fixed = Report.of(demo, Dialects.POSTGRESQL).findings().stream()
                .filter(f -> f.rule() == Rule.ONE_OF_KEYS_DIFFER)
                .findFirst()
                .orElseThrow()
                .fixes()
                .get(0)
                .edit()
                .then(JakartaPersistenceTest::withKeywordsSorted)
                .on(demo);
        roundTrip(Persisting.mapped(fixed, mapping, provider), provider, true);
    }

    private static Design withKeywordsSorted(Design design) {
        return design.withRelationships(design.relationships().stream()
                .map(r -> r.targets().equals(List.of("Keyword"))
                        ? r.withForward(r.forward().withSorting(Optional.of(Sorting.by(SortKey.by("word")))))
                        : r)
                .toList());
    }

    private void roundTrip(Design design, Provider provider, boolean columnEach) throws Exception {
        String url = Persisting.database(design);
        try (URLClassLoader loader = Persisting.compiled(design, folder);
                EntityManagerFactory factory = Persisting.boot(loader, url, provider)) {
            Objects objects = new Objects(loader, "saltmarsh");
            Graph graph = graph(objects);
            Object note = save(factory, objects, graph, columnEach);
            factory.getCache().evictAll();
            EntityManager reading = factory.createEntityManager();
            Object specimen = reading.find(graph.specimen().getClass(), objects.call(graph.specimen(), "getId"));
            readBack(objects, graph, specimen);
            Object foundNote = reading.find(note.getClass(), objects.call(note, "getId"));
            if (columnEach) {
                assertThat(objects.call(foundNote, "getSubject")).isEqualTo(specimen);
                assertThat(objects.all(specimen, "getKeywords")).hasToString("[seagrass, spartina]");
                assertThat(objects.all(specimen, "getNotes")).containsExactly(foundNote);
            } else {
                assertThat(objects.call(foundNote, "getSubjectClass")).isEqualTo(specimen.getClass());
                assertThat(objects.call(foundNote, "getSubjectId"))
                        .isEqualTo(objects.call(specimen, "getId").toString());
            }
            delete(reading, foundNote, specimen);
            reading.close();
        }
    }

    private record Graph(List<Object> all, Object dive, Object specimen) {}

    private static Graph graph(Objects objects) throws ReflectiveOperationException {
        Object expedition = objects.make("fieldwork.Expedition", "SP-1", "Spring", LocalDate.of(2026, 3, 1));
        Object position = objects.make("GeoPoint", new BigDecimal("54.1"), new BigDecimal("8.9"));
        Object site = objects.make("fieldwork.Site", "Creek", position);
        OffsetDateTime start = OffsetDateTime.parse("2026-03-02T08:00:00Z");
        Object dive = objects.make("fieldwork.Dive", expedition, site, 1, start, new BigDecimal("12.5"));
        objects.list(dive, "getHazards").addAll(List.of("current", "boats"));
        Object taxon = objects.make("collection.Taxon", "Zostera", objects.constant("TaxonRank", "GENUS"));
        Object specimen = objects.make("collection.Specimen", dive, taxon, "T-1");
        Object sequence = objects.make("collection.SequenceRecord", specimen, "ACC1", "acgt");
        objects.call(sequence, "setRunTime", Duration.ofMinutes(3));
        Object keyword = objects.make("collection.Keyword", "seagrass");
        objects.call(specimen, "addKeyword", keyword);
        Object second = objects.make("collection.Keyword", "spartina");
        objects.call(specimen, "addKeyword", second);
        Object person = objects.make("people.Researcher", "a@marsh.example", "Ada", "Reed");
        objects.make("people.Assignment", dive, person, objects.constant("DiveDuty", "LEADER"));
        Object other = objects.make("people.Researcher", "b@marsh.example", "Bea", "Marsh");
        objects.make("people.Assignment", dive, other, objects.constant("DiveDuty", "COLLECTOR"));
        Object instrument = objects.make("equipment.Instrument", "S-9", "Sonde");
        objects.call(instrument, "setSettings", "{\"gain\": 3}");
        objects.call(dive, "addInstrument", instrument);
        Object calibration = objects.make("equipment.Calibration", instrument, (short) 1);
        objects.call(calibration, "setDoneOn", LocalDate.of(2026, 1, 1));
        Object later = objects.make("equipment.Calibration", instrument, (short) 2);
        objects.call(later, "setDoneOn", LocalDate.of(2026, 5, 1));
        return new Graph(
                List.of(
                        expedition,
                        site,
                        taxon,
                        keyword,
                        second,
                        person,
                        other,
                        instrument,
                        dive,
                        specimen,
                        sequence,
                        calibration,
                        later),
                dive,
                specimen);
    }

    private static Object save(EntityManagerFactory factory, Objects objects, Graph graph, boolean columnEach)
            throws ReflectiveOperationException {
        EntityManager saving = factory.createEntityManager();
        saving.getTransaction().begin();
        graph.all().forEach(saving::persist);
        objects.list(graph.dive(), "getAssignments").forEach(saving::persist);
        saving.flush();
        Object note = columnEach
                ? objects.make("shared.Note", graph.specimen(), "Fine")
                : objects.make(
                        "shared.Note",
                        "Specimen",
                        objects.call(graph.specimen(), "getId").toString(),
                        "Fine");
        if (!columnEach) {
            objects.call(note, "setSubject", graph.specimen());
        }
        saving.persist(note);
        saving.getTransaction().commit();
        saving.close();
        return note;
    }

    private static void readBack(Objects objects, Graph graph, Object found) throws ReflectiveOperationException {
        assertThat(found).isNotSameAs(graph.specimen()).hasToString("T-1").isEqualTo(graph.specimen());
        Object dive = objects.call(found, "getDive");
        assertThat(dive).hasToString("1");
        assertThat(objects.list(dive, "getHazards")).containsExactly("current", "boats");
        assertThat(objects.list(dive, "getCrew")).hasToString("[Bea Marsh, Ada Reed]");
        assertThat(objects.all(dive, "getInstruments")).hasToString("[Sonde]");
        Object sonde = objects.all(dive, "getInstruments").iterator().next();
        assertThat(objects.list(sonde, "getCalibrations"))
                .extracting(c -> objects.call(c, "getDoneOn"))
                .containsExactly(LocalDate.of(2026, 5, 1), LocalDate.of(2026, 1, 1));
        assertThat(objects.all(found, "getKeywords"))
                .extracting(Object::toString)
                .contains("seagrass", "spartina");
        assertThat(objects.call(objects.call(found, "getSequence"), "getRunTime"))
                .isEqualTo(Duration.ofMinutes(3));
    }

    private static void delete(EntityManager reading, Object note, Object specimen) {
        reading.getTransaction().begin();
        reading.remove(note);
        reading.remove(specimen);
        reading.getTransaction().commit();
        assertThat(reading.createQuery("select count(s) from SequenceRecord s").getSingleResult())
                .isEqualTo(0L);
        assertThat(reading.createQuery("select count(k) from Keyword k").getSingleResult())
                .isEqualTo(2L);
    }
}

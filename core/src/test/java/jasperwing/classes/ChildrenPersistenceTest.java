package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jasperwing.Samples;
import jasperwing.classes.Persisting.Objects;
import jasperwing.classes.Persisting.Provider;
import jasperwing.model.Design;
import java.math.BigDecimal;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** One child among hundreds is made, moved and removed without the others being read, through objects that are not loaded yet too. */
class ChildrenPersistenceTest {
    private static final int SIBLINGS = 300;

    private static final Design CLINIC = Samples.design(
            "enum Ward: north, south \"South wing\"",
            "value Weight",
            "  kilos decimal(6,3)",
            "entity Clinic",
            "  id serial key",
            "  name text(40)",
            "entity Patient",
            "  id serial key",
            "  name text(40)",
            "  weight Weight?",
            "entity Visit",
            "  id uuid key",
            "  reason text(40)",
            "  madeAt timestamp set on insert",
            "  changedAt timestamp set on update",
            "  shown as patient",
            "entity Chart",
            "  id serial key",
            "  text text(40)",
            "entity Bed",
            "  ward Ward",
            "  number int",
            "  key (ward, number)",
            "entity Remark",
            "  id serial key",
            "  text text(40)",
            "entity Person, outside",
            "  id text(36) key",
            "each Patient must be of one Clinic as clinic, which may have many Patient as patients",
            "each Visit must be by one Patient as patient, which may have many Visit as visits",
            "  deleting Patient deletes Visit too",
            "each Chart must be of one Patient as patient, which may have one Chart as chart",
            "each Patient may lie in one Bed as bed, which may have many Patient as patients",
            "each Remark must be about one of Patient, Clinic, Person as subject, which may have many Remark as remarks");

    @TempDir
    Path folder;

    private interface Play {
        void with(Stage stage) throws ReflectiveOperationException;
    }

    private record Stage(EntityManagerFactory factory, Objects objects, Counting counting) {
        void change(Change change) throws ReflectiveOperationException {
            EntityManager manager = factory.createEntityManager();
            manager.getTransaction().begin();
            counting.taken();
            change.with(manager);
            manager.getTransaction().commit();
            manager.close();
            factory.getCache().evictAll();
        }

        Object find(EntityManager manager, Object known) throws ReflectiveOperationException {
            return manager.find(known.getClass(), objects.call(known, "getId"));
        }

        Object reference(EntityManager manager, Object known) throws ReflectiveOperationException {
            return manager.getReference(known.getClass(), objects.call(known, "getId"));
        }
    }

    private interface Change {
        void with(EntityManager manager) throws ReflectiveOperationException;
    }

    private void plays(Provider provider, String mapping, Play play) throws Exception {
        Design design = Persisting.mapped(CLINIC, mapping, provider);
        Counting counting = new Counting(Persisting.database(design));
        try (URLClassLoader loader = Persisting.compiled(design, folder);
                EntityManagerFactory factory = Persisting.boot(loader, counting.properties(), provider)) {
            play.with(new Stage(factory, new Objects(loader, "test"), counting));
        }
    }

    private record Family(Object clinic, Object first, Object second, List<Object> visits) {}

    private static Family family(Stage stage) throws ReflectiveOperationException {
        Objects objects = stage.objects();
        Object clinic = objects.make("Clinic", "West");
        Object first = objects.make("Patient", clinic, "Ada");
        Object second = objects.make("Patient", clinic, "Ben");
        List<Object> visits = new ArrayList<>();
        for (int i = 0; i < SIBLINGS; i++) {
            visits.add(objects.make("Visit", first, "visit " + i));
        }
        List<Object> all = new ArrayList<>(List.of(clinic, first, second));
        all.addAll(visits);
        Persisting.store(stage.factory(), all);
        return new Family(clinic, first, second, visits);
    }

    @ParameterizedTest
    @CsvSource({"ECLIPSELINK, annotations", "ECLIPSELINK, xml", "HIBERNATE, annotations", "HIBERNATE, xml"})
    void aChildIsMadeMovedAndRemovedByAFewStatements(Provider provider, String mapping) throws Exception {
        plays(provider, mapping, stage -> {
            Family family = family(stage);
            Object moved = family.visits().get(7);
            stage.change(m -> m.persist(stage.objects().make("Visit", stage.reference(m, family.first()), "new")));
            assertThat(stage.counting().taken()).as("made").hasSizeLessThanOrEqualTo(3);
            stage.change(m -> stage.objects().call(stage.find(m, moved), "setPatient", stage.find(m, family.second())));
            assertThat(stage.counting().taken()).as("moved").hasSizeLessThanOrEqualTo(5);
            stage.change(m -> {
                List<Object> visits = stage.objects().all(stage.find(m, family.second()), "getVisits");
                assertThat(visits).containsExactly(moved);
                assertThat(stage.objects().all(stage.find(m, family.first()), "getVisits"))
                        .hasSize(SIBLINGS);
            });
            stage.change(m -> m.remove(stage.find(m, family.visits().get(8))));
            assertThat(stage.counting().taken()).as("removed").hasSizeLessThanOrEqualTo(4);
        });
    }

    @ParameterizedTest
    @EnumSource(Provider.class)
    void helpersWorkThroughObjectsThatAreNotLoadedYet(Provider provider) throws Exception {
        plays(provider, "annotations", stage -> {
            Family family = family(stage);
            Object visit = family.visits().get(3);
            stage.change(
                    m -> stage.objects().call(stage.reference(m, family.second()), "addVisit", stage.find(m, visit)));
            stage.change(m -> {
                Object loaded = stage.find(m, visit);
                Object patient = stage.objects().call(loaded, "getPatient");
                assertThat(patient).isEqualTo(family.second());
                assertThat(family.second()).isEqualTo(patient);
                assertThat(stage.reference(m, family.second())).isEqualTo(stage.find(m, family.second()));
            });
            stage.change(m -> {
                Object first = stage.find(m, family.first());
                Object loaded = stage.objects().all(first, "getVisits").get(0);
                stage.objects().call(stage.find(m, family.second()), "addVisit", loaded);
                assertThat(stage.objects().all(first, "getVisits"))
                        .hasSize(SIBLINGS - 2)
                        .doesNotContain(loaded);
            });
        });
    }

    @ParameterizedTest
    @EnumSource(Provider.class)
    void whatLeadsBackToOneIsReadWhenItIsAskedFor(Provider provider) throws Exception {
        plays(provider, "annotations", stage -> {
            Family family = family(stage);
            stage.change(m -> m.persist(stage.objects().make("Chart", stage.find(m, family.first()), "well")));
            stage.change(m -> {
                List<?> patients = m.createQuery("select p from Patient p").getResultList();
                assertThat(stage.counting().taken()).as("no chart is read").noneMatch(q -> q.contains("charts"));
                Object first = patients.get(patients.indexOf(family.first()));
                assertThat(stage.objects().call(stage.objects().call(first, "getChart"), "getText"))
                        .isEqualTo("well");
            });
            stage.change(m -> {
                Object chart = stage.objects().call(stage.find(m, family.first()), "getChart");
                stage.objects().call(chart, "setPatient", stage.find(m, family.second()));
            });
            stage.change(m -> {
                assertThat(stage.objects().call(stage.find(m, family.first()), "getChart"))
                        .isNull();
                assertThat(stage.objects().call(stage.find(m, family.second()), "getChart"))
                        .isNotNull();
            });
        });
    }

    @ParameterizedTest
    @EnumSource(Provider.class)
    void whatIsInHandIsWhatIsReadAgain(Provider provider) throws Exception {
        plays(provider, "annotations", stage -> {
            Objects objects = stage.objects();
            Family family = family(stage);
            Object visit = family.visits().get(0);
            Object madeAt = objects.call(visit, "getMadeAt");
            assertThat(objects.call(visit, "getChangedAt")).isEqualTo(madeAt);
            Object weight = objects.make("Weight", new BigDecimal("71.5"));
            stage.change(m -> objects.call(stage.find(m, family.first()), "setWeight", weight));
            stage.change(m -> {
                Object read = objects.call(stage.find(m, visit), "getMadeAt");
                assertThat(((java.time.OffsetDateTime) read).toInstant())
                        .isEqualTo(((java.time.OffsetDateTime) madeAt).toInstant());
                Object stored = objects.call(stage.find(m, family.first()), "getWeight");
                assertThat(stored).isEqualTo(weight).hasSameHashCodeAs(weight);
            });
            stage.change(m -> {
                String shown = stage.find(m, visit).toString();
                assertThat(shown).doesNotContain("Ada");
                if (provider == Provider.HIBERNATE) {
                    // EclipseLink reads every reference to one at once where classes are not woven
                    assertThat(stage.counting().taken())
                            .as("no patient is read")
                            .hasSize(1);
                }
            });
        });
    }

    @ParameterizedTest
    @CsvSource({"ECLIPSELINK, annotations", "ECLIPSELINK, xml", "HIBERNATE, annotations", "HIBERNATE, xml"})
    void aRequiredOneOfIsStoredWhicheverItIsAndRefusedWithoutOne(Provider provider, String mapping) throws Exception {
        plays(provider, mapping, stage -> {
            Objects objects = stage.objects();
            Family family = family(stage);
            Object ofPatient = objects.make("Remark", family.first(), null, "calm");
            Object ofClinic = objects.make("Remark", family.clinic(), null, "large");
            Object ofPerson = objects.make("Remark", null, "p-7", "kind");
            stage.change(m -> List.of(ofPatient, ofClinic, ofPerson).forEach(m::persist));
            stage.change(m -> {
                assertThat(objects.call(stage.find(m, ofPatient), "getSubject")).isEqualTo(family.first());
                assertThat(objects.call(stage.find(m, ofClinic), "getSubject")).isEqualTo(family.clinic());
                Object person = stage.find(m, ofPerson);
                assertThat(objects.call(person, "getSubject")).isNull();
                assertThat(objects.call(person, "getSubjectPersonId")).isEqualTo("p-7");
                objects.call(person, "setSubject", stage.find(m, family.second()));
                assertThat(objects.call(person, "getSubjectPersonId")).isNull();
            });
            assertThatThrownBy(() -> stage.change(m -> m.persist(objects.make("Remark", null, null, "none"))))
                    .satisfies(e -> assertThat(Persisting.violations(e)).contains("exactly one subject must be given"));
        });
    }

    @ParameterizedTest
    @CsvSource({"ECLIPSELINK, annotations", "ECLIPSELINK, xml", "HIBERNATE, annotations", "HIBERNATE, xml"})
    void anEnumInAKeyIsStoredAsItsText(Provider provider, String mapping) throws Exception {
        plays(provider, mapping, stage -> {
            Objects objects = stage.objects();
            Object clinic = objects.make("Clinic", "West");
            Object bed = objects.make("Bed", objects.constant("Ward", "SOUTH"), 4);
            Object patient = objects.make("Patient", clinic, "Ada");
            objects.call(patient, "setBed", bed);
            stage.change(m -> List.of(clinic, bed, patient).forEach(m::persist));
            stage.change(m -> {
                Object found = objects.call(stage.find(m, patient), "getBed");
                assertThat(found).isEqualTo(bed);
                assertThat(objects.call(found, "getWard")).isEqualTo(objects.constant("Ward", "SOUTH"));
                assertThat(m.createNativeQuery("select ward from beds").getSingleResult())
                        .hasToString("south");
            });
        });
    }
}

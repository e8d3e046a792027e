package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jasperwing.Samples;
import jasperwing.classes.Persisting.Objects;
import jasperwing.classes.Persisting.Provider;
import jasperwing.dialect.Dialect;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Objects and rows that break a rule are told so in its words, before the database refuses them. */
class RowRulePersistenceTest {
    private static final LocalDate DAY = LocalDate.of(2026, 1, 2);
    private static final OffsetDateTime TIME = DAY.atTime(8, 0).atOffset(ZoneOffset.UTC);

    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({
        "ECLIPSELINK, annotations, postgresql",
        "ECLIPSELINK, xml, postgresql",
        "ECLIPSELINK, annotations, mariadb",
        "HIBERNATE, annotations, postgresql",
        "HIBERNATE, xml, postgresql",
        "HIBERNATE, annotations, mariadb"
    })
    void objectsThatBreakARuleAreNotStored(Provider provider, String mapping, Dialect dialect) throws Exception {
        Design design = Persisting.keptIn(dialect, Persisting.mapped(Samples.rules(), mapping, provider));
        String url = Persisting.database(design, dialect);
        try (URLClassLoader loader = Persisting.compiled(design, folder);
                EntityManagerFactory factory = Persisting.boot(loader, url, provider)) {
            Objects objects = new Objects(loader, "test");
            Object kiln = objects.make("Kiln", 1, 900);
            Object good = firing(objects, kiln, 1, 800);
            objects.call(good, "setEndedAt", TIME.plusHours(9));
            objects.list(good, "getStages").add(objects.make("Heat", 20, 400));
            Persisting.store(factory, List.of(kiln, good));
            assertThat(broken(factory, firing(objects, kiln, 2, 901)))
                    .containsExactly("must not be hotter than its kiln");
            Object backwards = firing(objects, kiln, 3, 800);
            objects.call(backwards, "setEndedAt", TIME.minusHours(1));
            objects.call(backwards, "setSoldOn", DAY.minusDays(1));
            assertThat(broken(factory, backwards))
                    .containsExactlyInAnyOrder("must end after it starts", "must be sold after it is made");
            Object falling = firing(objects, kiln, 4, 800);
            objects.call(falling, "setReheat", objects.make("Heat", 5, 4));
            assertThat(broken(factory, falling)).containsExactly("must rise");
            Object staged = firing(objects, kiln, 5, 800);
            objects.list(staged, "getStages").add(objects.make("Heat", 5, 4));
            if (provider == Provider.HIBERNATE) {
                assertThat(broken(factory, staged)).containsExactly("must rise");
            } else {
                assertThat(refusal(factory, staged))
                        .as("EclipseLink looks at no elements of lists; the database does")
                        .hasMessageContaining("ck_firing_stages_must_rise");
            }
            assertThat(broken(factory, objects.make("Jug", 5, 2)))
                    .containsExactly("must be glazed to hold {more} than $1");
            Object box = objects.make("Box", 1, "a");
            assertThat(broken(factory, box)).containsExactly("must be kept somewhere");
            objects.call(box, "setParent", box);
            assertThat(broken(factory, box)).containsExactly("must not be in itself");
            Persisting.store(factory, List.of(objects.make("Jug", 6, 1), objects.make("Tile", 7, 9)));
        }
    }

    private static Object firing(Objects objects, Object kiln, int id, int most) throws ReflectiveOperationException {
        return objects.make("Firing", id, kiln, TIME, objects.make("Heat", 20, most), DAY);
    }

    private static Throwable refusal(EntityManagerFactory factory, Object object) {
        try (EntityManager saving = factory.createEntityManager()) {
            saving.getTransaction().begin();
            Throwable thrown = catchThrowable(() -> {
                saving.persist(object);
                saving.flush();
            });
            saving.getTransaction().rollback();
            return thrown;
        }
    }

    private static List<String> broken(EntityManagerFactory factory, Object object) {
        return Persisting.violations(refusal(factory, object));
    }

    @ParameterizedTest
    @ValueSource(strings = {"records", "classes"})
    void rowsSayWhichRulesTheyBreak(String rows) throws Exception {
        Design design = CodeTargetEdits.choose("java-plain", "rows", rows).on(Samples.rules());
        Javac.write(OurTargets.PLAIN.files(design), folder.resolve("src"));
        Javac.compile(folder.resolve("src"), folder.resolve("classes"));
        try (URLClassLoader loader =
                new URLClassLoader(new URL[] {folder.resolve("classes").toUri().toURL()})) {
            Objects objects = new Objects(loader, "test");
            Object heat = objects.make("Heat", 20, 800);
            Object falling = objects.make("Heat", 5, 4);
            Object good = objects.make("Firing", 1, 1, TIME, null, heat, null, DAY, null);
            assertThat(objects.list(good, "brokenRules")).isEmpty();
            Object bad = objects.make("Firing", 1, 1, TIME, TIME, heat, falling, DAY, DAY.minusDays(1));
            assertThat(objects.list(bad, "brokenRules"))
                    .containsExactly("must end after it starts", "must be sold after it is made", "must rise");
            assertThat(objects.list(objects.make("Jug", 1, "Jug", null, 2), "brokenRules"))
                    .containsExactly("must be glazed to hold {more} than $1");
            assertThat(objects.list(objects.make("Jug", 1, "Jug", "salt", 2), "brokenRules"))
                    .isEmpty();
            assertThat(objects.list(objects.make("Box", 1, 1, null, null, "a"), "brokenRules"))
                    .containsExactly("must not be in itself");
            assertThat(objects.list(objects.make("Box", 1, null, "A", 0, "a"), "brokenRules"))
                    .containsExactly("must not lie on shelf 0");
            assertThat(objects.list(objects.make("Box", 1, null, null, null, "a"), "brokenRules"))
                    .containsExactly("must be kept somewhere");
        }
    }
}

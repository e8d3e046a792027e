package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jasperwing.Samples;
import jasperwing.classes.Persisting.Objects;
import jasperwing.classes.Persisting.Provider;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.List;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Objects that point to rows of a table that others keep in the same database. */
class OthersPersistenceTest {
    private static final Design LIBRARY = Samples.design(
            "entity Member, outside, in table \"app_users\"",
            "  id     int       key",
            "entity Loan",
            "  id     int       key",
            "each Loan must be taken by one Member",
            "  deleting Member deletes Loan too");

    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({
        "ECLIPSELINK, annotations, postgresql",
        "ECLIPSELINK, xml, mariadb",
        "HIBERNATE, xml, postgresql",
        "HIBERNATE, annotations, mariadb"
    })
    void theirKeysAreHeldAndTheDatabaseLooksThemUp(Provider provider, String mapping, Dialect dialect)
            throws Exception {
        Design design = Persisting.keptIn(dialect, Persisting.mapped(LIBRARY, mapping, provider));
        String url = Persisting.database(design, dialect);
        run(url, "insert into app_users values (1)");
        try (URLClassLoader loader = Persisting.compiled(design, folder);
                EntityManagerFactory factory = Persisting.boot(loader, url, provider)) {
            Objects objects = new Objects(loader, "test");
            Object loan = objects.make("Loan", 1, 1);
            Persisting.store(factory, List.of(loan));
            assertThatThrownBy(() -> Persisting.store(factory, List.of(objects.make("Loan", 2, 9))))
                    .hasStackTraceContaining("fk_loans_member");
            run(url, "delete from app_users");
            try (EntityManager manager = factory.createEntityManager()) {
                assertThat(manager.createQuery("select count(l) from Loan l").getSingleResult())
                        .isEqualTo(0L);
            }
        }
    }

    private static void run(String url, String sql) throws Exception {
        try (var connection = DriverManager.getConnection(url);
                var statement = connection.createStatement()) {
            statement.executeUpdate(sql);
        }
    }
}

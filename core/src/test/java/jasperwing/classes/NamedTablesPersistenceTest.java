package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jasperwing.Samples;
import jasperwing.classes.Persisting.Objects;
import jasperwing.classes.Persisting.Provider;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Objects go to tables with names that are given, in schemas where the database has such, and come back. */
class NamedTablesPersistenceTest {
    private static final Design PRESS = Samples.design(
            "database",
            "  schema \"press\"",
            "  tables begin with \"p_\"",
            "  tables in the singular",
            "  join tables named after both",
            "  keys named after their table",
            "  constraints end in their kind",
            "area Stock moss in schema \"stock\"",
            "enum Size kept as a type: small, large",
            "entity Book in Stock",
            "  id serial key",
            "  isbn text(17) unique as \"varchar(20)\" in postgresql as \"varchar(20)\" in mariadb",
            "  title text(80) column \"Book Title\"",
            "  size Size",
            "  marks text(9) list",
            "  table \"Book shelf\"",
            "  unique (title, house) named \"One title each\"",
            "entity House",
            "  id serial key",
            "  name text(40)",
            "entity Person in Stock",
            "  id serial key",
            "  name text(40)",
            "entity Review",
            "  id serial key",
            "each Book must be published by one House as house, which may have many Book as books",
            "  column \"house_no\"",
            "each Book may be by many Person as authors, which may have written many Book as works",
            "  table \"Written by\"",
            "  columns \"book\", \"author\"",
            "each Book may name many House as rivals, which may be named in many Book",
            "each Review must be of one of Book, House as subject, which may have many Review as reviews",
            "  columns \"of_book\", \"of_house\"");

    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({
        "ECLIPSELINK, annotations, postgresql",
        "ECLIPSELINK, xml, postgresql",
        "ECLIPSELINK, annotations, mariadb",
        "HIBERNATE, annotations, postgresql",
        "HIBERNATE, xml, postgresql",
        "HIBERNATE, xml, mariadb"
    })
    void whatIsStoredComesBack(Provider provider, String mapping, Dialect dialect) throws Exception {
        Design design = Persisting.keptIn(dialect, Persisting.mapped(PRESS, mapping, provider));
        String url = Persisting.database(design, dialect);
        try (URLClassLoader loader = Persisting.compiled(design, folder);
                EntityManagerFactory factory = Persisting.boot(loader, url, provider)) {
            Objects stock = new Objects(loader, "test.stock");
            Objects rest = new Objects(loader, "test");
            Object house = rest.make("House", "Heron");
            Object author = stock.make("Person", "Wren");
            Object book = stock.make("Book", house, "978", "Tides", rest.constant("Size", "LARGE"));
            stock.call(book, "addAuthor", author);
            stock.call(book, "addRival", house);
            stock.list(book, "getMarks").addAll(List.of("old", "rare"));
            Object review = rest.make("Review", book);
            Persisting.store(factory, List.of(house, author, book, review));

            EntityManager reading = factory.createEntityManager();
            Object found = reading.find(book.getClass(), stock.call(book, "getId"));
            assertThat(stock.call(found, "getTitle")).isEqualTo("Tides");
            assertThat(rest.call(stock.call(found, "getHouse"), "getName")).isEqualTo("Heron");
            assertThat(stock.all(found, "getAuthors")).hasSize(1);
            assertThat(stock.all(found, "getRivals")).hasSize(1);
            assertThat(stock.all(found, "getMarks")).containsExactly("old", "rare");
            assertThat(stock.all(found, "getReviews")).hasSize(1);
            reading.close();
        }
    }
}

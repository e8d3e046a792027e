package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jakarta.persistence.metamodel.EntityType;
import jasperwing.Samples;
import jasperwing.SoundDesigns;
import jasperwing.classes.Persisting.Provider;
import jasperwing.derive.ValueColumns;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumKept;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindsKept;
import jasperwing.model.ListKept;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.notation.Notation;
import java.io.IOException;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Where no error is found, both providers take the classes, find them true to the tables and read with them. */
class SoundPersistenceTest {
    @Property(tries = 12, seed = "20261130")
    void bothProvidersTakeTheClasses(@ForAll long seed) throws Exception {
        Design design = SoundDesigns.of(seed);
        if (!OurTargets.model(design).classes().isEmpty()) {
            reads(design);
        }
    }

    /** A duration in a key, where no converter may be; a list of JSON. */
    @Test
    void whatOnceBrokeThem() throws Exception {
        reads(Samples.design(
                "entity Dive",
                "  lasts duration",
                "  day date",
                "  facts json list",
                "  key (lasts, day)",
                "entity Note",
                "  id serial key",
                "each Note must be of one Dive as dive, which may have many Note as notes"));
        reads(Samples.design(
                "entity Diver",
                "  id serial key",
                "entity Harbour",
                "  depth int",
                "  key (diver)",
                "entity Marina is a kind of Harbour",
                "  berths int",
                "each Harbour must be near one Diver as diver, which may have one Harbour as harbour"));
    }

    private static void reads(Design design) throws Exception {
        for (Provider provider : Provider.values()) {
            if (isLeft(design, provider)) {
                continue;
            }
            reads(Persisting.mapped(design, "xml", provider), provider, Dialects.POSTGRESQL);
            for (Dialect dialect : OurTargets.databases(OurTargets.JAKARTA)) {
                reads(Persisting.mapped(design, "annotations", provider), provider, dialect);
            }
        }
    }

    private static void reads(Design mapped, Provider provider, Dialect dialect) throws Exception {
        Design design = Persisting.keptIn(dialect, mapped);
        Path folder = Files.createTempDirectory("classes");
        try {
            read(design, provider, dialect, folder);
        } catch (Exception | LinkageError e) {
            throw new IllegalStateException(provider + " in " + dialect + ":\n" + Notation.print(design), e);
        } finally {
            delete(folder);
        }
    }

    /** What the documentation says a provider does not take. */
    private static boolean isLeft(Design design, Provider provider) {
        return provider == Provider.ECLIPSELINK
                ? design.entities().stream()
                        .anyMatch(e -> !design.kinds(e.name()).isEmpty()
                                && e.key().names().size() == 1
                                && e.attribute(e.key().names().get(0)).isEmpty())
                : design.whole().entities().stream()
                        .filter(e -> InheritanceTree.isKept(design, e.name(), KindsKept.COMPLETE_TABLES))
                        .anyMatch(e -> cannotBeUnited(design, e));
    }

    /** Hibernate reads a family with complete tables by a union, with a null that it calls a text where another kind has no such column. */
    private static boolean cannotBeUnited(Design design, Entity entity) {
        boolean kind = !entity.inheritance().of().isEmpty();
        return entity.attributes().stream()
                .anyMatch(a -> a.kept().equals(Optional.of(ListKept.ARRAY))
                        || kind && a.kept().equals(Optional.of(ListKept.JSON))
                        || kind && isOfDatabase(design, a));
    }

    /** Whether one of its columns is of a type that the standard has not. */
    private static boolean isOfDatabase(Design design, Attribute attribute) {
        return ValueColumns.of(design, attribute).stream()
                .map(l -> l.attribute().type())
                .anyMatch(t -> t.is(Scalar.JSON)
                        || t instanceof Type.Named named
                                && design.enumType(named.name())
                                        .filter(e -> e.isKept(EnumKept.TYPE))
                                        .isPresent());
    }

    private static void read(Design design, Provider provider, Dialect dialect, Path folder) throws Exception {
        String url = Persisting.database(design, dialect);
        try (URLClassLoader loader = Persisting.compiled(design, folder);
                EntityManagerFactory factory = Persisting.boot(loader, url, provider)) {
            EntityManager manager = factory.createEntityManager();
            for (EntityType<?> type : manager.getMetamodel().getEntities()) {
                String query = "select e from " + type.getName() + " e";
                assertThat(manager.createQuery(query).getResultStream().count()).isZero();
            }
            manager.close();
        }
    }

    private static void delete(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(path);
            }
        }
    }
}

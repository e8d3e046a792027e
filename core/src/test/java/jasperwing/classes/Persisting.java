package jasperwing.classes;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jakarta.persistence.Persistence;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.ConstraintViolationException;
import jasperwing.derive.Databases;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import java.io.IOException;
import java.lang.reflect.Constructor;
import java.lang.reflect.Method;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Boots the generated classes of a design in a persistence provider against the derived schema. */
final class Persisting {
    private Persisting() {}

    /** The URL of a database with the tables of a design. */
    static String database(Design design) throws SQLException {
        return database(design, Dialects.POSTGRESQL);
    }

    /** The URL of a database of some kind with the tables of a design. */
    static String database(Design design, Dialect dialect) throws SQLException {
        String url = Databases.url(dialect) + (dialect == Dialects.POSTGRESQL ? "&stringtype=unspecified" : "");
        try (Connection connection = DriverManager.getConnection(url);
                var statement = connection.createStatement()) {
            Databases.others(design, dialect, connection);
            statement.execute(Schema.derive(design, dialect).sql());
        }
        return url;
    }

    /** The URL of a database of H2 with the tables of a design, in which names are as PostgreSQL takes them. */
    static String h2Database(Design design) throws SQLException {
        String url = Databases.url(Dialects.H2) + ";DATABASE_TO_LOWER=TRUE;"
                + "NON_KEYWORDS=DAY,HOUR,KEY,MINUTE,MONTH,SECOND,USER,VALUE,YEAR";
        try (Connection connection = DriverManager.getConnection(url);
                var statement = connection.createStatement()) {
            Databases.others(design, Dialects.H2, connection);
            statement.execute(Schema.derive(design, Dialects.H2).sql());
        }
        return url;
    }

    /** The classes of a design, compiled, and ready to be booted. */
    static URLClassLoader compiled(Design design, Path folder) throws IOException {
        Path classes = folder.resolve("classes");
        Javac.write(OurTargets.JAKARTA.files(design), folder.resolve("src"));
        Javac.compile(folder.resolve("src"), classes);
        Files.createDirectories(classes.resolve("META-INF"));
        Path mapping = folder.resolve("src/META-INF/orm.xml");
        if (Files.exists(mapping)) {
            Files.copy(mapping, classes.resolve("META-INF/orm.xml"));
        }
        String names;
        try (var walk = Files.walk(classes)) {
            names = walk.filter(p -> p.toString().endsWith(".class"))
                    .map(p -> classes.relativize(p).toString().replace('/', '.').replace(".class", ""))
                    .filter(n -> !n.endsWith("$Key"))
                    .sorted()
                    .map(n -> "<class>" + n + "</class>")
                    .collect(Collectors.joining());
        }
        Files.writeString(
                classes.resolve("META-INF/persistence.xml"),
                "<persistence xmlns=\"https://jakarta.ee/xml/ns/persistence\" version=\"3.0\">"
                        + "<persistence-unit name=\"marsh\">"
                        + names
                        + "<exclude-unlisted-classes>true</exclude-unlisted-classes></persistence-unit></persistence>");
        return new URLClassLoader(new URL[] {classes.toUri().toURL()}, Persisting.class.getClassLoader());
    }

    /** A design whose classes are kept in a database of some kind. */
    static Design keptIn(Dialect dialect, Design design) {
        return CodeTargetEdits.choose("java-jakarta", "database", dialect.word())
                .on(design);
    }

    /** A design whose classes have their mapping in them ({@code annotations}), or beside them ({@code xml}), for a provider. */
    static Design mapped(Design design, String mapping, Provider provider) {
        String target = "java-jakarta";
        return CodeTargetEdits.choose(target, "mapping", mapping)
                .then(CodeTargetEdits.choose(
                        target, "provider", provider == Provider.ECLIPSELINK ? "eclipselink" : "any"))
                .on(design);
    }

    /** Compiled classes with their provider over tables of their own, until it is closed. */
    record Running(URLClassLoader loader, EntityManagerFactory factory) implements AutoCloseable {
        /** Uses the classes of a design without areas. */
        Objects objects() {
            return new Objects(loader, "test");
        }

        @Override
        public void close() throws IOException {
            factory.close();
            loader.close();
        }
    }

    /** @param folder where the classes are compiled to */
    static Running running(Design design, String mapping, Provider provider, Dialect dialect, Path folder)
            throws IOException, SQLException {
        Design kept = keptIn(dialect, mapped(design, mapping, provider));
        String url = database(kept, dialect);
        URLClassLoader loader = compiled(kept, folder);
        return new Running(loader, boot(loader, url, provider));
    }

    /** The persistence providers that generated classes are for. */
    enum Provider {
        ECLIPSELINK("org.eclipse.persistence.jpa.PersistenceProvider") {
            @Override
            Map<String, Object> properties(ClassLoader loader) {
                return Map.of(
                        "eclipselink.classloader",
                        loader,
                        "eclipselink.logging.level",
                        "SEVERE",
                        "eclipselink.weaving",
                        "false");
            }
        },
        HIBERNATE("org.hibernate.jpa.HibernatePersistenceProvider") {
            /** The tables are those that were derived, which it checks. */
            @Override
            Map<String, Object> properties(ClassLoader loader) {
                return Map.of("hibernate.hbm2ddl.auto", "validate", "hibernate.classLoaders", List.of(loader));
            }
        };

        private final String name;

        Provider(String name) {
            this.name = name;
        }

        abstract Map<String, Object> properties(ClassLoader loader);
    }

    /** With validation on. */
    static EntityManagerFactory boot(ClassLoader loader, String url, Provider provider) {
        return boot(loader, Map.of("jakarta.persistence.jdbc.url", url), provider);
    }

    /** @param database where the tables are, as properties of the provider */
    static EntityManagerFactory boot(ClassLoader loader, Map<String, Object> database, Provider provider) {
        Thread.currentThread().setContextClassLoader(loader);
        Map<String, Object> properties = new HashMap<>(database);
        properties.put("jakarta.persistence.provider", provider.name);
        properties.put("jakarta.persistence.validation.mode", "CALLBACK");
        properties.putAll(provider.properties(loader));
        if (String.valueOf(database.get("jakarta.persistence.jdbc.url")).startsWith("jdbc:h2:")) {
            properties.put("hibernate.hbm2ddl.auto", "none");
        }
        return Persistence.createEntityManagerFactory("marsh", properties);
    }

    /** Stores objects in an order, and lets nothing of them be remembered. */
    static void store(EntityManagerFactory factory, List<Object> all) {
        EntityManager saving = factory.createEntityManager();
        saving.getTransaction().begin();
        all.forEach(saving::persist);
        saving.getTransaction().commit();
        saving.close();
        factory.getCache().evictAll();
    }

    /** The messages of the constraints that an object broke when it was stored. */
    static List<String> violations(Throwable problem) {
        for (Throwable each = problem; each != null; each = each.getCause()) {
            if (each instanceof ConstraintViolationException violated) {
                return violated.getConstraintViolations().stream()
                        .map(ConstraintViolation::getMessage)
                        .toList();
            }
        }
        return List.of();
    }

    /** Uses generated classes by name. */
    record Objects(ClassLoader loader, String home) {
        Object make(String name, Object... values) throws ReflectiveOperationException {
            Class<?> type = loader.loadClass(home + "." + name);
            for (Constructor<?> constructor : type.getConstructors()) {
                if (constructor.getParameterCount() == values.length) {
                    return constructor.newInstance(values);
                }
            }
            throw new IllegalArgumentException(name + " has no constructor for " + Arrays.toString(values) + " but "
                    + Arrays.toString(type.getConstructors()));
        }

        Object constant(String type, String name) throws ReflectiveOperationException {
            return loader.loadClass(home + "." + type).getField(name).get(null);
        }

        Object call(Object target, String name, Object... values) throws ReflectiveOperationException {
            for (Method method : target.getClass().getMethods()) {
                boolean fits = method.getName().equals(name) && method.getParameterCount() == values.length;
                if (fits && (values.length == 0 || method.getParameterTypes()[0].isInstance(values[0]))) {
                    return method.invoke(target, values);
                }
            }
            throw new IllegalArgumentException(target.getClass() + " has no method " + name);
        }

        /** A copy of a collection, which loads what is loaded lazily. */
        List<Object> all(Object target, String name) throws ReflectiveOperationException {
            return new ArrayList<>((Collection<?>) call(target, name));
        }

        @SuppressWarnings("unchecked")
        List<Object> list(Object target, String name) throws ReflectiveOperationException {
            return (List<Object>) call(target, name);
        }
    }
}

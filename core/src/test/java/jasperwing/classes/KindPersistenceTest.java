package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jasperwing.Samples;
import jasperwing.classes.Persisting.Objects;
import jasperwing.classes.Persisting.Provider;
import jasperwing.model.Design;
import jasperwing.model.KindEdits;
import jasperwing.model.KindsKept;
import java.lang.reflect.Modifier;
import java.math.BigDecimal;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Classes that are kinds of others, saved and read back in each of the ways their family can be kept. */
class KindPersistenceTest {
    @TempDir
    Path folder;

    private static Design design(KindsKept way) {
        Design design = Samples.design(
                "entity Gear, only its kinds",
                "  id uuid key",
                "  name text(40)",
                "  price decimal(8,2)?",
                "  tags text(20) list",
                "  version int set on update",
                "  shown as name",
                "entity Sensor is a kind of Gear",
                "  reach decimal(5,1)",
                "  madeAt timestamp set on insert",
                "  spread decimal(9,1)? = reach + price",
                "  channels text(10) list",
                "  shown as name, reach",
                "entity Net is a kind of Gear",
                "  width decimal(4,1)?",
                "entity DipNet is a kind of Net",
                "  handle decimal(3,1)",
                "entity Station",
                "  id serial key",
                "  name text(40)",
                "  worth decimal(12,2)? = sum(sensors.price)",
                "entity Reading",
                "  id serial key",
                "each Gear must be kept at one Station as home, which may have many Gear as gear",
                "each Sensor must be checked by one Station as lab, which may check many Sensor as sensors",
                "each Reading must be of one Sensor as sensor, which may have many Reading as readings",
                "each DipNet may dry on many Station, which may dry many DipNet");
        return KindEdits.keep("Gear", way).on(design);
    }

    @ParameterizedTest
    @CsvSource({
        "ECLIPSELINK, ONE_TABLE, annotations",
        "ECLIPSELINK, TABLE_EACH, annotations",
        "ECLIPSELINK, COMPLETE_TABLES, annotations",
        "ECLIPSELINK, ONE_TABLE, xml",
        "ECLIPSELINK, TABLE_EACH, xml",
        "ECLIPSELINK, COMPLETE_TABLES, xml",
        "HIBERNATE, ONE_TABLE, annotations",
        "HIBERNATE, TABLE_EACH, annotations",
        "HIBERNATE, COMPLETE_TABLES, annotations",
        "HIBERNATE, ONE_TABLE, xml",
        "HIBERNATE, TABLE_EACH, xml",
        "HIBERNATE, COMPLETE_TABLES, xml"
    })
    void isSavedReadBackAsItsKindAndDeleted(Provider provider, KindsKept way, String mapping) throws Exception {
        Design design = Persisting.mapped(design(way), mapping, provider);
        String url = Persisting.database(design);
        try (URLClassLoader loader = Persisting.compiled(design, folder);
                EntityManagerFactory factory = Persisting.boot(loader, url, provider)) {
            Objects objects = new Objects(loader, "test");
            Object station = objects.make("Station", "East");
            Object sensor = objects.make("Sensor", station, "Sonde", station, new BigDecimal("20.5"));
            objects.call(sensor, "setPrice", new BigDecimal("10.50"));
            objects.list(sensor, "getChannels").add("salt");
            objects.list(sensor, "getTags").add("new");
            Object dipNet = objects.make("DipNet", station, "Dipper", new BigDecimal("1.5"));
            objects.call(dipNet, "addStation", station);
            Object reading = objects.make("Reading", sensor);
            Persisting.store(factory, List.of(station, sensor, dipNet, reading));
            EntityManager again = factory.createEntityManager();
            Class<?> gear = loader.loadClass("test.Gear");
            assertThat(Modifier.isAbstract(gear.getModifiers())).isTrue();
            Object found = again.find(gear, objects.call(sensor, "getId"));
            assertThat(found).isNotSameAs(sensor).isEqualTo(sensor).hasToString("Sonde 20.5");
            assertThat((BigDecimal) objects.call(found, "getSpread")).isEqualByComparingTo("31.0");
            assertThat(objects.all(found, "getChannels")).containsExactly("salt");
            assertThat(objects.all(found, "getTags")).containsExactly("new");
            assertThat(objects.call(found, "getMadeAt")).isNotNull();
            assertThat(objects.call(found, "getHome")).isEqualTo(station);
            assertThat(again.find(gear, objects.call(dipNet, "getId"))).hasToString("Dipper");
            assertThat(all(again, "select g from Gear g")).hasSize(2);
            assertThat(all(again, "select n from Net n")).containsExactly(dipNet);
            Object foundStation = again.find(station.getClass(), objects.call(station, "getId"));
            assertThat(objects.all(foundStation, "getGear")).containsExactlyInAnyOrder(sensor, dipNet);
            assertThat((BigDecimal) objects.call(foundStation, "getWorth")).isEqualByComparingTo("10.5");
            delete(again, again.find(reading.getClass(), objects.call(reading, "getId")), found);
            assertThat(all(again, "select g from Gear g")).containsExactly(dipNet);
            again.close();
        }
    }

    private static List<Object> all(EntityManager manager, String query) {
        return manager.createQuery(query, Object.class).getResultList();
    }

    private static void delete(EntityManager manager, Object... all) {
        manager.getTransaction().begin();
        for (Object each : all) {
            manager.remove(each);
        }
        manager.getTransaction().commit();
    }
}

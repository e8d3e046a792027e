package jasperwing.formula;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.classes.Javac;
import jasperwing.classes.OurTargets;
import jasperwing.naming.Words;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.math.BigDecimal;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The getters of computed attributes give what the databases give. */
class FormulaInJavaTest {
    @TempDir
    Path folder;

    @Test
    void givesTheSameAsTheDatabases() throws Exception {
        Javac.write(OurTargets.JAKARTA.files(Formulas.design()), folder.resolve("src"));
        Javac.compile(folder.resolve("src"), folder.resolve("out"));
        URL[] classes = {folder.resolve("out").toUri().toURL()};
        try (URLClassLoader loader = new URLClassLoader(classes, getClass().getClassLoader())) {
            List<Object> boats = new Fleet(loader).boats();
            Map<String, List<String>> found = new LinkedHashMap<>();
            for (String attribute : Formulas.expected().keySet()) {
                found.put(attribute, values(boats, attribute));
            }
            assertThat(found).containsExactlyEntriesOf(Formulas.expected());
        }
    }

    private static List<String> values(List<Object> boats, String attribute) throws ReflectiveOperationException {
        List<String> values = new ArrayList<>();
        for (Object boat : boats) {
            Object value = boat.getClass()
                    .getMethod("get" + Words.capitalised(attribute))
                    .invoke(boat);
            values.add(value instanceof Number number ? plain(number) : String.valueOf(value));
        }
        return values;
    }

    private static String plain(Number number) {
        BigDecimal exact = new BigDecimal(number.toString()).stripTrailingZeros();
        return exact.signum() == 0 ? "0" : exact.toPlainString();
    }

    /** The rows of {@link Formulas#inserts()} as objects. */
    private record Fleet(ClassLoader loader) {
        List<Object> boats() throws ReflectiveOperationException {
            Object north = make("Region", "North");
            Object husum = make("Port", "Husum");
            call(husum, "setRegion", north);
            Object buesum = make("Port", "Büsum");
            Object avocet = boat("Avocet", " AB ", 4, "12.50", 1.5, "1999-03-01", false, "AFLOAT", husum);
            times(avocet, "2026-03-01T08:10:00Z", "2026-03-01T08:55:59Z");
            call(avocet, "setSpot", make("Point", new BigDecimal("54.25"), null));
            Object dnuot = boat("Dnuot", null, 0, "0.10", 0.5, "2020-03-01", true, "ASHORE", husum);
            times(dnuot, "2026-03-02T00:59:59+01:00", "2026-03-01T23:58:29Z");
            call(dnuot, "setSpot", make("Point", BigDecimal.ZERO, new BigDecimal("1.5")));
            Object knot = boat("Knot", "X", null, null, null, null, null, "SUNK", null);
            Object hare = boat("O'Hare\\", "#", -3, "10.00", 0.5, "2024-02-29", true, "ASHORE", buesum);
            times(hare, "2026-03-01T00:00:00Z", "2026-03-02T00:00:00Z");
            call(hare, "setSpot", make("Point", new BigDecimal("-54"), new BigDecimal("8")));
            make("Trip", avocet, "a", 2, new BigDecimal("1.00"));
            make("Trip", avocet, "C", 3, new BigDecimal("2.00"));
            make("Trip", avocet, "B", 7, new BigDecimal("2.00"));
            make("Trip", dnuot, "z", 5, new BigDecimal("2.25"));
            Object hand = make("Hand");
            call(avocet, "addHand", hand);
            call(avocet, "addHand", make("Hand"));
            call(dnuot, "addHand", hand);
            return List.of(avocet, dnuot, knot, hare);
        }

        private Object boat(
                String name,
                String mark,
                Integer crew,
                String fee,
                Double speed,
                String built,
                Boolean sold,
                String state,
                Object port)
                throws ReflectiveOperationException {
            Class<?> states = named("State");
            Object boat = make("Boat", name, states.getField(state).get(null));
            call(boat, "setMark", mark);
            call(boat, "setCrew", crew);
            call(boat, "setFee", fee == null ? null : new BigDecimal(fee));
            call(boat, "setSpeed", speed);
            call(boat, "setBuilt", built == null ? null : LocalDate.parse(built));
            call(boat, "setSold", sold);
            call(boat, "setPort", port);
            return boat;
        }

        private void times(Object boat, String launched, String landed) throws ReflectiveOperationException {
            call(boat, "setLaunched", OffsetDateTime.parse(launched));
            call(boat, "setLanded", OffsetDateTime.parse(landed));
        }

        private Class<?> named(String name) throws ClassNotFoundException {
            return loader.loadClass("test." + name);
        }

        private Object make(String name, Object... arguments) throws ReflectiveOperationException {
            return Stream.of(named(name).getConstructors())
                    .filter(c -> c.getParameterCount() == arguments.length)
                    .findFirst()
                    .orElseThrow()
                    .newInstance(arguments);
        }

        private static void call(Object of, String method, Object argument) throws ReflectiveOperationException {
            Method found = Stream.of(of.getClass().getMethods())
                    .filter(m -> m.getName().equals(method) && m.getParameterCount() == 1)
                    .findFirst()
                    .orElseThrow();
            try {
                found.invoke(of, argument);
            } catch (InvocationTargetException e) {
                throw new AssertionError(e.getCause());
            }
        }
    }
}

package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Designs;
import jasperwing.Samples;
import jasperwing.classes.java.Compiling;
import jasperwing.model.Design;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class PlainClassesTest {
    private static List<Compiling.Remark> remarks(Design design) {
        Map<String, String> sources = new LinkedHashMap<>();
        Target.JAVA_PLAIN.generate(design).forEach(f -> sources.put(f.path(), f.text()));
        return Compiling.of(sources).orElseThrow();
    }

    @Test
    void theDemosCompileWithoutWarnings() {
        assertThat(remarks(Samples.demo())).isEmpty();
    }

    @Provide
    Arbitrary<Design> designs() {
        return Designs.all();
    }

    @Property(tries = 60, seed = "42")
    void thoseOfAnyDesignCompile(@ForAll("designs") Design design) {
        assertThat(remarks(design)).isEmpty();
    }
}

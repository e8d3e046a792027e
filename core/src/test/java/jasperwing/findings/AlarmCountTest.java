package jasperwing.findings;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** Each finding in designs that were written for no rule has a verdict; fewer than two in a hundred entities may be false alarms. */
class AlarmCountTest {
    private static final List<String> DESIGNS = List.of(
            "designs/court",
            "designs/film",
            "designs/greenhouse",
            "designs/insurance",
            "designs/league",
            "designs/orchestra",
            "designs/pharmacy",
            "designs/rail",
            "drafts/bicycles",
            "drafts/brewery",
            "drafts/clinic",
            "drafts/conference",
            "drafts/housing",
            "drafts/museum",
            "drafts/podcasts",
            "drafts/school");

    @Test
    void fewerThanTwoInAHundredEntitiesAreFalse() {
        TreeMap<String, String> verdicts = new TreeMap<>();
        text("findings/verdicts.txt")
                .lines()
                .filter(l -> !l.isBlank() && !l.startsWith("#"))
                .map(l -> l.split(" ", 2))
                .forEach(l -> verdicts.put(l[1], l[0]));
        List<String> found = new ArrayList<>();
        int entities = 0;
        for (String name : DESIGNS) {
            Design design = Notation.parse(text(name + ".wing")).value();
            entities += design.entities().size();
            for (Finding finding : Report.of(design, Dialects.POSTGRESQL).findings()) {
                found.add(name + " " + finding.rule().code() + " "
                        + finding.subject().text());
            }
        }
        assertThat(found).as("verdicts are given of what is found").hasSameElementsAs(verdicts.keySet());
        assertThat(verdicts.values()).containsOnly("right", "false");
        long wrong = found.stream().filter(f -> verdicts.get(f).equals("false")).count();
        assertThat(100.0 * wrong / entities).isLessThan(2);
    }

    private static String text(String file) {
        try (InputStream in = AlarmCountTest.class.getResourceAsStream("/jasperwing/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

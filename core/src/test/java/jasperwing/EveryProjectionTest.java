package jasperwing;

import static org.assertj.core.api.Assertions.fail;

import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A design that can be read can be opened, checked, changed, drawn and generated, whatever is missing in it. */
class EveryProjectionTest {
    @Property(tries = 28, seed = "20261129")
    void isMadeOfAnyDesign(@ForAll long seed) {
        makesAll(WideDesigns.text(seed), "seed " + seed);
    }

    @Test
    void isMadeOfTheDemoWithAnyLineLeftOut() {
        String[] lines = Samples.demoText().split("\n");
        for (int left = 0; left < lines.length; left += 19) {
            StringBuilder text = new StringBuilder();
            for (int i = 0; i < lines.length; i++) {
                text.append(i == left ? "" : lines[i] + "\n");
            }
            makesAll(text.toString(), "without line " + (left + 1) + ": " + lines[left]);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                // a formula that leads to an entity without a key
                "entity A\n  n int = count(bs)\nentity B\n  id serial key\n"
                        + "each B must be of one A as a, which may have many B as bs\n",
                // an enum kept as a table, beside whatever is weighed
                "enum Hue kept as a table: red, green\nentity A\n  id serial key\n  hues Hue list\n  tags text(9) list\n"
                        + "entity B\n  id serial key\neach A may know many B as bs, which may be known by many A\n",
                // a kind with a key of its own, in the table of its root
                "entity Trip\n  id serial key\n  kinds kept in one table\nentity Boat is a kind of Trip\n  name text(9)\n"
                        + "entity Diver is a kind of Boat\n  id serial key\n",
                // a list of values of an entity without a key, which has no table for it
                "value Spot\n  east int\nentity A\n  spots Spot list kept as json\n",
                // a formula over a value that a kind of itself has no columns for
                "value Spot\n  east decimal(9,6)\nentity Boat is a kind of Boat\n  spot Spot?\n"
                        + "  twice real = spot.east * 2\n",
                // two computed attributes of one name
                "entity A\n  id serial key\n  n int?\n  m int = n + 1\n  m text(20) = n + 1\n",
                // kinds of each other
                "entity A is a kind of B\n  tags text(9) list\nentity B is a kind of A\n  key (c)\n"
                        + "each B may have one A as c\n",
                // two values of one name with rules
                "value Span\n  first int\n  rule \"a\": first > 1\nvalue Span\n  last int\n  rule \"b\": last > 1\n"
                        + "entity A\n  id serial key\n  span Span\n",
                // an order that people put things in, where the link is the many itself
                "entity A\n  id serial key\nentity B\n  id serial key\n  place int\n"
                        + "each A may show many B as bs in an order kept in place via B, which may be shown by many A\n",
                // a one-of of what others keep in this database
                "entity A\n  id serial key\nentity B\n  id serial key\nentity Log, outside, in table \"logs\"\n"
                        + "  id serial key\neach Log may be about one of A, B as subject\n  kept as a kind and an id\n"
            })
    void isMadeOfWhatOnceBrokeIt(String text) {
        makesAll(text, "");
    }

    private static void makesAll(String text, String about) {
        Parsed<Design> parsed = Notation.parse(text);
        try {
            EveryProjection.of(parsed.value());
        } catch (RuntimeException | AssertionError e) {
            fail(about + "\n" + text, e);
        }
    }

    @Test
    void isMadeOfAnEntityWithTwoReferencesOfOneName() {
        EveryProjection.of(Notation.parse(
                        """
                        design "Twice"
                        entity Trip
                          id  serial  key
                        entity Boat
                          id  serial  key
                        each Boat must make one Trip
                        each Boat must plan one Trip
                        """)
                .value());
    }
}

package jasperwing.notation;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

class TextPositionTest {
    private static String marked(String before, String after) {
        int at = before.indexOf('|');
        int now = TextPosition.follow(before.replace("|", ""), after, at);
        return after.substring(0, now) + "|" + after.substring(now);
    }

    @Test
    void itStaysOnItsLineWhateverComesAboveOrMoves() {
        assertThat(marked("a\nb|c\nd", "new\na\nbc\nd")).isEqualTo("new\na\nb|c\nd");
        assertThat(marked("a\nbc\nd|", "bc\nd")).isEqualTo("bc\nd|");
        assertThat(marked("a\nb|c\nd", "a\nbxc\nd")).isEqualTo("a\nb|xc\nd");
        assertThat(marked("a\nlong|er\nd", "a\nd")).isEqualTo("a\nd|");
    }

    @Property(tries = 300, seed = "20261129")
    void itIsAlwaysAPlaceOfTheText(
            @ForAll @CharRange(from = 'a', to = 'c') @StringLength(max = 9) String one,
            @ForAll @CharRange(from = 'a', to = 'c') @StringLength(max = 9) String other) {
        String before = one.replace('c', '\n');
        String after = other.replace('c', '\n');
        for (int i = 0; i <= before.length(); i++) {
            assertThat(TextPosition.follow(before, after, i)).isBetween(0, after.length());
            assertThat(TextPosition.follow(before, before, i)).isEqualTo(i);
        }
    }
}

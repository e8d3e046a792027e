package jasperwing.launcher;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.model.Design;
import jasperwing.notation.Notation;
import org.junit.jupiter.api.Test;

class WarmUpTest {
    @Test
    void ofALargeDesignABeginningIsEnough() {
        Design design = chain(500);
        Design part = WarmUp.part(design);
        assertThat(part.entities()).hasSizeLessThan(100).isNotEmpty();
        assertThat(part.relationships()).hasSize(part.entities().size() - 1);
        assertThat(WarmUp.part(chain(20))).isEqualTo(chain(20));
    }

    private static Design chain(int length) {
        StringBuilder text = new StringBuilder("design \"Chain\"\n");
        for (int i = 0; i < length; i++) {
            text.append("entity Link").append(i).append("\n  id serial key\n");
        }
        for (int i = 1; i < length; i++) {
            text.append("each Link" + i + " must follow one Link" + (i - 1) + "\n");
        }
        return Notation.parse(text.toString()).value();
    }
}

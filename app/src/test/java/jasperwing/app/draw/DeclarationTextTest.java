package jasperwing.app.draw;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import org.junit.jupiter.api.Test;

class DeclarationTextTest {
    private static final Design DESIGN = Samples.design(
            "area Hives ochre",
            "enum Mood: calm, cross",
            "value Span",
            "  first date",
            "  last date",
            "trait Stamped",
            "  writtenAt timestamp",
            "entity Hive in Hives with Stamped",
            "  id serial key",
            "  mood Mood",
            "  kept Span?");

    private static String text(String name, String typed) {
        Parsed<Design> parsed = DeclarationText.with(DESIGN, name, typed);
        assertThat(parsed.problems()).isEmpty();
        return Notation.print(parsed.value());
    }

    @Test
    void whatIsDeclaredIsItsLines() {
        assertThat(DeclarationText.of(DESIGN, "Mood")).contains("enum Mood: calm, cross");
        assertThat(DeclarationText.of(DESIGN, "Span").orElseThrow().lines()).hasSize(3);
        assertThat(DeclarationText.of(DESIGN, "Hives")).contains("area Hives ochre");
        assertThat(DeclarationText.of(DESIGN, "Hive")).isEmpty();
    }

    @Test
    void whatUsesANameFollowsIt() {
        assertThat(text("Mood", "enum Temper: calm, cross, wild")).contains("mood        Temper");
        assertThat(text("Span", "value Period\n  first date\n  last date")).contains("kept        Period?");
        assertThat(text("Stamped", "trait Dated\n  writtenAt timestamp")).contains("entity Hive in Hives with Dated");
        assertThat(text("Hives", "area Apiary moss")).contains("entity Hive in Apiary");
    }

    @Test
    void problemsCountLinesFromTheFirst() {
        assertThat(DeclarationText.with(DESIGN, "Span", "value Span\n  first date\n  last dat(3)")
                        .problems())
                .extracting(p -> p.line())
                .containsExactly(3);
        assertThat(DeclarationText.with(DESIGN, "Mood", "").isSound()).isFalse();
    }
}

package jasperwing.say;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.notation.Notation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class KindSpeechTest {
    private final Design design =
            Samples.design("entity Gear", "  id serial key", "entity Net", "  id serial key", "  mesh int");

    @ParameterizedTest
    @ValueSource(
            strings = {
                "each Trap is a kind of Gear",
                "a trap is a kind of gear",
                "Traps are kinds of gear.",
                "a trap is a sort of Gear"
            })
    void whatIsSaidToBeAKindBecomesOneWithoutAKeyOfItsOwn(String said) {
        Understanding understood = Say.understand(design, said);
        assertThat(understood.sentences()).containsExactly("entity Trap is a kind of Gear");
        Design after = understood.edit().on(design);
        assertThat(after.parent("Trap")).map(Entity::name).contains("Gear");
        assertThat(Report.of(after, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
    }

    @Test
    void severalAreSaidAtOnceAndOneThereIsLosesItsCountedKey() {
        Design after = Say.understand(design, "nets and traps are kinds of gear")
                .edit()
                .on(design);
        assertThat(after.kinds("Gear")).extracting(Entity::name).containsExactly("Net", "Trap");
        assertThat(after.entity("Net").orElseThrow().attribute("id")).isEmpty();
    }

    @Test
    void whatThereIsAKindOfIsAddedToo() {
        Design after =
                Say.understand(design, "a dinghy is a kind of boat").edit().on(design);
        assertThat(after.parent("Dinghy")).map(Entity::name).contains("Boat");
        assertThat(after.entity("Boat").orElseThrow().key().names()).containsExactly("id");
    }

    @Test
    void nothingBecomesAKindOfItselfOrOfItsOwnKind() {
        Design net = Say.understand(design, "a net is a kind of gear").edit().on(design);
        assertThat(Say.understand(net, "gear is a kind of net").problem())
                .isEqualTo("Gear cannot be a kind of Net, which is a kind of it.");
        assertThat(Say.understand(net, "a net is a kind of net").problem())
                .isEqualTo("Net cannot be a kind of Net, which it is itself.");
    }

    @Test
    void anEntityStatementMayMakeAKindAndOneTypedOnACardHasNoKey() {
        assertThat(Say.understand(design, "entity Trap is a kind of Gear")
                        .edit()
                        .on(design)
                        .parent("Trap"))
                .map(Entity::name)
                .contains("Gear");
        Entity typed = Notation.entity("entity Trap is a kind of Gear").value().orElseThrow();
        assertThat(typed.attributes()).isEmpty();
        assertThat(Notation.entity("entity Trap").value().orElseThrow().key().names())
                .containsExactly("id");
    }
}

package jasperwing.say;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.SortingDesign;
import jasperwing.model.Design;
import jasperwing.model.SortedReading;
import jasperwing.notation.Notation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Orders, spans that keep apart, and pairs that forbid to delete what they pair, in spoken words. */
class OrderSpeechTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "the singers of a choir are sorted by given date, newest first |",
                "the singers of a choir come in order of their family name and joined | in order of familyName, joined",
                "the singers of a choir are sorted by joined, latest first | in falling order of joined",
                "all singers in a choir are listed in descending order of town | in falling order of home.town",
                "the singers of the choir must come ordered by town and falling family name | in order of home.town, falling familyName",
                "the songs of a concert are in an order kept in their place | in an order kept in place",
                "the songs of a concert are in an order kept in their title |",
                "songs of a concert come in order of title, encore, falling place | in order of title, encore, falling place",
                "the singers of a concert come in order of family name |",
                "the verses of a song are ordered by words, lowest first | in order of words"
            })
    void ordersAreUnderstoodWhereTheyCanBe(String said, String order) {
        Design choir = SortingDesign.CHOIR;
        Understanding understood = Say.understand(choir, said);
        if (order == null) {
            assertThat(understood.changes()).isFalse();
            return;
        }
        Design after = understood.edit().on(choir);
        assertThat(SortedReading.of(after))
                .extracting(s -> s.sorting().words(n -> n))
                .contains(order);
        assertThat(Notation.parse(Notation.print(after)).value()).isEqualTo(after);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "no two bookings of the same room may overlap | must not overlap another of its room | apart(startsAt, endsAt, room)",
                "bookings of the same room must not overlap | must not overlap another of its room | apart(startsAt, endsAt, room)",
                "two bookings of the same room and floor must never overlap | must not overlap another of its room and floor | apart(startsAt, endsAt, room, floor)",
                "no two bookings of the same chair may overlap | |",
                "no two shifts of the same room may overlap | |"
            })
    void rowsKeepApart(String said, String message, String condition) {
        Design hotel = Samples.design(
                "entity Room",
                "  id int key",
                "entity Booking",
                "  id int key",
                "  floor int",
                "  startsAt timestamp",
                "  endsAt timestamp",
                "entity Shift",
                "  id int key",
                "  day date",
                "each Booking must be of one Room as room",
                "each Shift must be in one Room as room");
        Understanding understood = Say.understand(hotel, said);
        assertThat(understood.changes()).isEqualTo(message != null);
        if (message != null) {
            assertThat(Notation.print(understood.edit().on(hotel)))
                    .contains("rule \"" + message + "\": " + condition + "\n");
        }
    }

    @Test
    void pairsCanForbidToDelete() {
        Design wine = Samples.design(
                "entity Grape",
                "  id int key",
                "entity Blend",
                "  id int key",
                "each Blend may contain many Grape as grapes, which may go into many Blend as blends");
        Understanding refused = Say.understand(wine, "a grape cannot be deleted while it has blends");
        assertThat(Notation.rules(refused.edit().on(wine).relationships().get(0)))
                .containsExactly("deleting Grape is refused");
        assertThat(Say.understand(wine, "deleting a blend deletes its grapes").changes())
                .isFalse();
        assertThat(Say.understand(wine, "when a blend is deleted, its grapes stay")
                        .changes())
                .isFalse();
    }
}

package jasperwing.say;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a row has that says nothing, and how numbers are counted up, in spoken words. */
class DefaultSpeechTest {
    private static final Design LENDING = Samples.design(
            "entity Loan",
            "  number   serial     key",
            "  due      date",
            "  endsAt   timestamp",
            "  token    uuid",
            "  note     text(80)",
            "  renewals int");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "the due of a loan defaults to today plus 14 days | due date default today + 14 days",
                "the due of a loan defaults to today + two weeks | due date default today + 2 weeks",
                "the due of a loan is 14 days from now by default | due date default today + 14 days",
                "the due of a loan defaults to one month after the day it is written | due date default today + 1 month",
                "a loan's due defaults to 3 days later | due date default today + 3 days",
                "the due of a loan defaults to today | due date default today",
                "the endsAt of a loan defaults to now plus 2 hours | endsAt timestamp default now + 2 hours",
                "the endsAt of a loan defaults to in 90 minutes | endsAt timestamp default now + 90 minutes",
                "the endsAt of a loan defaults to one day ago | endsAt timestamp default now - 1 day",
                "the endsAt of a loan defaults to the current time | endsAt timestamp default now",
                "the token of a loan defaults to a new uuid | token uuid default uuid",
                "the token of a loan defaults to a uuid of version 7 | token uuid default uuid version 7",
                "the token of a loan defaults to a new uuid in order of time | token uuid default uuid version 7",
                "the renewals of a loan default to 0 |",
                "the renewals of a loan defaults to 0 | renewals int default 0",
                "the number of a loan starts at 1000 | number serial key counted from 1000",
                "the number of a loan is counted from 1000 by 10 | number serial key counted from 1000 by 10",
                "the number of a loan counts up from 500 in steps of five | number serial key counted from 500 by 5",
                "a loan's number is numbered from 7 | number serial key counted from 7",
                "the renewals of a loan are counted up from 3 | renewals serial counted from 3",
                "the number of a loan is counted from zero |",
                "the number of a loan is counted from the top |",
                "the due of a loan defaults to 14 moons from now |",
                "the due of a loan defaults to some days from now |"
            })
    void itIsUnderstoodWhereItCanBe(String said, String line) {
        Understanding understood = Say.understand(LENDING, said);
        if (line == null) {
            assertThat(understood.changes()).isFalse();
            return;
        }
        Design after = understood.edit().on(LENDING);
        String printed = Notation.print(after);
        assertThat(printed.replaceAll(" +", " ")).contains("\n " + line + "\n");
        assertThat(Notation.parse(printed).value()).isEqualTo(after);
    }
}

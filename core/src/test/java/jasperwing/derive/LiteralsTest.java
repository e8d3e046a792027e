package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Which constants suit which types. */
class LiteralsTest {
    private final Design design = Samples.design("enum Duty: leader, recorder");

    private Attribute attribute(String line) {
        return Notation.attribute("x " + line).value().orElseThrow().attribute();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "int default 7",
                "int default -7",
                "small int default 32767",
                "big int default 9000000000",
                "decimal(5,2) default 999.99",
                "decimal(5,2) default 7",
                "decimal(5,2) default 1.50",
                "real default 1.5",
                "duration default 1500",
                "boolean default true",
                "text(3) default \"abc\"",
                "long text default \"anything at all\"",
                "date default today",
                "date default 2026-02-28",
                "timestamp default now",
                "timestamp default \"2026-03-01T08:00:00Z\"",
                "local timestamp default \"2026-03-01T08:00\"",
                "time default now",
                "time default \"08:00\"",
                "uuid default \"123e4567-e89b-12d3-a456-426614174000\"",
                "Duty default leader"
            })
    void suit(String line) {
        Attribute attribute = attribute(line);
        assertThat(Literals.fits(
                        design, attribute.type(), attribute.defaultValue().orElseThrow()))
                .isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "int default 1.5",
                "int default 3000000000",
                "int default \"7\"",
                "small int default 40000",
                "serial default 1",
                "decimal(5,2) default 1000",
                "decimal(5,2) default 1.505",
                "boolean default yes",
                "boolean default 1",
                "text(3) default \"abcd\"",
                "text(3) default abc",
                "date default now",
                "date default 2026-02-30",
                "timestamp default today",
                "timestamp default 2026-03-01",
                "time default \"8 o'clock\"",
                "uuid default \"123\"",
                "Duty default cook",
                "Duty default \"leader\"",
                "Unknown default leader",
                "json default \"{}\"",
                "binary default \"x\""
            })
    void doNotSuit(String line) {
        Attribute attribute = attribute(line);
        assertThat(Literals.fits(
                        design, attribute.type(), attribute.defaultValue().orElseThrow()))
                .isFalse();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "int from 1 to 9",
                "int from 1",
                "real up to 0.5",
                "decimal(4,1) from -1 to -1",
                "date from 2026-01-01 to 2026-12-31"
            })
    void rangesSuit(String line) {
        Attribute attribute = attribute(line);
        assertThat(Literals.rangeFits(attribute.type(), attribute.range().orElseThrow()))
                .isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "int from 9 to 1",
                "text(3) from 1",
                "date from 1 to 9",
                "int from 2026-01-01",
                "date from 2026-13-01",
                "boolean up to 1"
            })
    void rangesDoNotSuit(String line) {
        Attribute attribute = attribute(line);
        assertThat(Literals.rangeFits(attribute.type(), attribute.range().orElseThrow()))
                .isFalse();
    }
}

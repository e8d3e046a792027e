package jasperwing;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Designs the tests share. */
public final class Samples {
    private Samples() {}

    /** The demo, as it lies in the checkout. */
    public static Design demo() {
        return parse(demoText());
    }

    public static String demoText() {
        try {
            return Files.readString(Path.of(System.getProperty("jasperwing.root"), "demo", "saltmarsh.wing"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The design of a text that must be sound; the first line is put before it. */
    public static Design design(String... lines) {
        return parse("design \"Test\"\n" + String.join("\n", lines) + "\n");
    }

    private static Design parse(String text) {
        Parsed<Design> parsed = Notation.parse(text);
        assertThat(parsed.problems()).isEmpty();
        return parsed.value();
    }

    /** Lists, keys, links and kinds in ways that the demo does not keep them. */
    public static Design ways() {
        return design(
                "entity Dive",
                "  id      serial  key",
                "  tags    text(9) list  kept as json",
                "  depths  int list  kept as json",
                "  marks   int list  kept as an array",
                "entity Log",
                "  text  long text",
                "  key (dive)",
                "entity Person",
                "  id    serial    key",
                "  name  text(20)",
                "entity Duty",
                "  task  text(9)",
                "entity Animal",
                "  id    serial    key",
                "  name  text(20)",
                "entity Fish is a kind of Animal",
                "  fins  int",
                "entity Sample",
                "  id     uuid     key",
                "  label  text(9)",
                "  kinds kept in a complete table each",
                "entity Core is a kind of Sample",
                "  depth  int",
                "each Log must be of one Dive as dive, which may have one Log as log",
                "  deleting Dive deletes Log too",
                "each Dive may have many Person as crew via Duty, which may have many Dive as dives",
                "each Fish may be seen on one Dive as dive, which may have many Fish as fish",
                "each Core may be of one Fish as fish, which may have many Core as cores");
    }

    /** Rules over a row, of values, lists of values, a trait, kinds in one table, and one that looks at another row. */
    public static Design rules() {
        return design(
                "value Heat",
                "  least  int",
                "  most   int",
                "  rule \"must rise\": least <= most",
                "trait Dated",
                "  madeOn  date",
                "  soldOn  date?",
                "  rule \"must be sold after it is made\": soldOn >= madeOn",
                "entity Kiln",
                "  id       int  key",
                "  hottest  int",
                "entity Firing with Dated",
                "  id         int         key",
                "  startedAt  timestamp",
                "  endedAt    timestamp?",
                "  heat       Heat",
                "  reheat     Heat?",
                "  stages     Heat list",
                "  rule \"must end after it starts\": endedAt is null or endedAt > startedAt",
                "  rule \"must not be hotter than its kiln\": heat.most <= kiln.hottest",
                "entity Pot",
                "  id     int       key",
                "  glaze  text(9)?",
                "  kinds kept in one table",
                "entity Jug is a kind of Pot",
                "  holds  int",
                "  rule \"must be glazed to hold {more} than $1\": holds <= 1 or glaze is not null",
                "entity Tile is a kind of Pot",
                "  edge  int",
                "entity Shelf",
                "  room    text(4)",
                "  number  int",
                "  key (room, number)",
                "entity Box",
                "  id      int      key",
                "  label   text(9)",
                "  nested  boolean  = parent is not null",
                "  rule \"must not be in itself\": parent.id <> id",
                "  rule \"must be kept somewhere\": parent is not null or shelf is not null",
                "  rule \"must not lie on shelf 0\": shelf.number > 0",
                "  unique (label) where parent is null",
                "each Firing must be in one Kiln as kiln, which may have many Firing as firings",
                "each Box may be in one Box as parent, which may have many Box as parts",
                "each Box may stand on one Shelf as shelf, which may have many Box as boxes",
                "  deleting Shelf empties it");
    }
}

package jasperwing.derive;

import jasperwing.Samples;
import jasperwing.model.Design;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Designs with all kinds of keys, attributes and relationships; some have errors. The same seed gives the same design. */
final class AnyModels {
    private static final List<String> NAMES = List.of("Boat", "Diver", "Trip", "Harbour", "Permit", "Chart");

    private static final List<String> TYPES = List.of(
            "text(40)",
            "long text",
            "int from 3 to 9",
            "small int",
            "big int?",
            "decimal(8,2) from 0.5",
            "real",
            "boolean",
            "date from 2020-01-01 to 2030-01-01",
            "time",
            "timestamp",
            "local timestamp",
            "duration",
            "binary",
            "json",
            "uuid",
            "Hue",
            "Hue default red",
            "Spot",
            "Spot?",
            "text(9) list",
            "Spot list",
            "int list kept as json",
            "text(9) list kept as an array",
            "text(12) longer than 3",
            "int default 4",
            "uuid default uuid",
            "uuid default uuid version 7",
            "date default today + 2 weeks",
            "timestamp default now - 1 month",
            "timestamp set on insert",
            "text(14) unique ignoring case",
            "text(20) sorted as sv",
            "text(12) unique sorted as de",
            "int = 2 + 3");

    private static final List<String> KINDS =
            List.of("kinds kept in one table", "kinds kept in a table each", "kinds kept in a complete table each");

    private static final List<String> WAYS = List.of("", " kept as a type", " kept as a table");

    private final Random random;
    private final List<String> lines = new ArrayList<>();
    private final List<String> inside = new ArrayList<>();
    private final int count;

    private AnyModels(long seed) {
        random = new Random(seed);
        count = 2 + random.nextInt(5);
    }

    static Design of(long seed) {
        return new AnyModels(seed).design();
    }

    private Design design() {
        lines.add("enum Hue" + WAYS.get(random.nextInt(WAYS.size())) + ": red, green");
        lines.add("value Spot");
        lines.add("  east decimal(9,6)");
        lines.add("  north decimal(9,6)?");
        lines.add("trait Stamped");
        lines.add("  madeAt timestamp set on insert");
        for (int i = 0; i < count; i++) {
            entity(NAMES.get(i), i);
        }
        for (int i = 0; i < 1 + random.nextInt(5); i++) {
            relationship(i);
        }
        return Samples.design(lines.toArray(String[]::new));
    }

    private void entity(String name, int index) {
        if (index > 0 && random.nextInt(5) == 0) {
            kind(name, index);
            return;
        }
        boolean outside = index > 0 && random.nextInt(12) == 0;
        if (!outside) {
            inside.add(name);
        }
        String standing = outside ? ", outside" : random.nextInt(6) == 0 ? ", only its kinds" : "";
        lines.add("entity " + name + (standing.isEmpty() && random.nextInt(4) == 0 ? " with Stamped" : standing));
        switch (random.nextInt(outside ? 2 : 6)) {
            case 0 -> lines.add("  code text(8) key");
            case 1 -> lines.add("  id uuid key");
            case 2 -> {
                lines.add("  code text(8)");
                lines.add("  part small int");
                lines.add("  key (code, part)");
            }
            default -> lines.add("  id serial key");
        }
        if (!outside && random.nextInt(3) == 0) {
            lines.add("  " + KINDS.get(random.nextInt(KINDS.size())));
        }
        int attributes = outside ? 0 : random.nextInt(5);
        for (int i = 0; i < attributes; i++) {
            lines.add("  f" + (char) ('A' + i) + "x " + TYPES.get(random.nextInt(TYPES.size())));
        }
        if (attributes > 0 && random.nextInt(4) == 0) {
            lines.add("  level int?");
            lines.add(random.nextBoolean() ? "  index (level) where level > 3" : "  unique (level) where level < 9");
        }
    }

    /** A kind of an earlier entity, which may itself be one. */
    private void kind(String name, int index) {
        lines.add("entity " + name + " is a kind of " + inside.get(random.nextInt(inside.size())));
        inside.add(name);
        if (random.nextBoolean()) {
            lines.add("  own" + index + " text(9) list");
        }
        lines.add("  mark" + index + " int");
    }

    private String any() {
        return NAMES.get(random.nextInt(count));
    }

    private void relationship(int index) {
        String from = any();
        String to = any();
        String role = " as r" + index;
        String back = " as s" + index;
        String must = random.nextInt(3) == 0 ? " must " : " may ";
        switch (random.nextInt(7)) {
            case 0, 1 -> lines.add(
                    "each " + from + must + "be near one " + to + role + ", which may have many " + from + back);
            case 2 -> {
                lines.add("each " + from + must + "be of one " + to + role + ", which may have many " + from + back);
                lines.add("  deleting " + to + (random.nextBoolean() ? " deletes " + from + " too" : " empties it"));
            }
            case 3 -> lines.add(
                    "each " + from + " may have one " + to + role + ", which" + must + "belong to one " + from + back);
            case 4 -> lines.add(
                    "each " + from + " may know many " + to + role + ", which may be known by many " + from + back);
            default -> oneOf(index, must);
        }
    }

    private void oneOf(int index, String must) {
        String other = NAMES.get(1 + random.nextInt(count - 1));
        lines.add("each " + any() + must + "show one of " + NAMES.get(0) + ", " + other + " as r" + index);
        if (random.nextInt(3) == 0) {
            lines.add("  kept as a kind and an id");
        }
    }
}

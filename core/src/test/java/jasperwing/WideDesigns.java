package jasperwing;

import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.TargetOption;
import jasperwing.classes.targets.Targets;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * Designs that use every feature of the notation, in combinations nobody drew: sound ones, wrong ones and ones that somebody is still
 * typing. The same seed gives the same text. A feature that is added to the notation is added here.
 */
public final class WideDesigns {
    private final Random random;
    private final List<String> lines = new ArrayList<>();
    private final List<String> names = new ArrayList<>();

    private WideDesigns(long seed) {
        random = new Random(seed);
    }

    /** What a parser makes of {@link #text}, whatever is wrong in it. */
    public static Design of(long seed) {
        return Notation.parse(text(seed)).value();
    }

    /** A text that is mostly sound for an even seed, and damaged here and there for an odd one. */
    public static String text(long seed) {
        WideDesigns wide = new WideDesigns(seed);
        wide.write();
        if (seed % 2 != 0) {
            wide.damage();
        }
        return String.join("\n", wide.lines) + "\n";
    }

    private void write() {
        int count = 1 + random.nextInt(6);
        for (int i = 0; i < count; i++) {
            names.add(WideWords.ENTITIES.get((i + random.nextInt(2)) % WideWords.ENTITIES.size()));
        }
        lines.add("design " + pick(List.of("\"Wide\"", "\"Ä 9\"", "\"\"")));
        naming();
        declarations();
        names.forEach(this::entity);
        for (int i = 0; i < random.nextInt(7); i++) {
            relationship(i);
        }
        if (random.nextInt(3) == 0) {
            routes();
        }
        standings();
    }

    /** Names and places in the database. */
    private void naming() {
        if (random.nextInt(4) == 0) {
            lines.add("database");
            for (String line : WideWords.NAMING) {
                lines.add("  " + maybe(line, 3));
            }
        }
    }

    /** Two routes to the same. */
    private void routes() {
        lines.add("entity Yard" + maybe(" with Stamped", 3));
        lines.add("  " + pick(List.of("id serial key", "code text(8) key", "id uuid key", "key (no, part)")));
        lines.add("  no int");
        lines.add("  part text(4)");
        lines.add("entity Slip" + maybe(" is a kind of Yard", 9));
        lines.add("  " + pick(List.of("id serial key", "key (yard, code)", "no int key")));
        lines.add("  code text(8)");
        lines.add("entity Stay");
        lines.add("  id serial key");
        String held = pick(List.of("", "", ", held by triggers", ", held by classes"));
        lines.add("  rule \"must have the yard of its slip\": slip.yard is yard" + held);
        lines.add("  " + maybe("rule \"must follow one in its yard\": yard is before.yard", 2));
        lines.add("each Slip " + pick(List.of("must", "must", "may")) + " be in one Yard as yard");
        lines.add("each Stay " + must() + " be in one Yard as yard" + maybe(", which may have one Stay as stay", 5));
        lines.add("each Stay " + must() + " be at one Slip as slip");
        if (random.nextInt(3) == 0) {
            lines.add("  deleting Slip " + pick(List.of("deletes Stay too", "empties it")));
        }
        lines.add("each Stay may follow one Stay as before");
    }

    private void declarations() {
        lines.add("area Sea sea" + maybe(" in schema \"deep sea\"", 5) + " \"Deep\"");
        lines.add("area Land moss");
        lines.add(
                "enum Hue" + pick(List.of("", " kept as a type", " kept as a table")) + ": red, green \"Grün\", `2 b`");
        if (random.nextBoolean()) {
            lines.add("  \"What it looks like\"");
            lines.add("  red         retired \"no longer made\"");
            lines.add("  `2 b`       was black");
        }
        lines.add("enum Grade" + pick(List.of("", " kept as a table")) + ": A, a, class");
        lines.add("value Spot");
        lines.add("  east decimal(9,6) from -180 to 180");
        lines.add("  north decimal(9,6)?" + maybe(" default 1", 3));
        lines.add("  hue Hue?" + maybe(" default red", 3));
        lines.add("  " + maybe("rule \"must be north of east\": north is null or north > east", 2));
        lines.add("value Extent");
        lines.add("  inner Spot" + maybe("?", 3));
        lines.add("  " + pick(List.of("wide int", "wide Extent", "tags text(9) list", "wide Gone")));
        lines.add("trait Stamped");
        lines.add("  madeAt timestamp set on insert");
        lines.add("  version int set on update");
        lines.add("  " + maybe("rule \"must have a version\": version >= 0", 3));
    }

    private void entity(String name) {
        boolean kind = random.nextInt(4) == 0;
        String of = kind ? " is a kind of " + quoted(any()) : "";
        String standing = pick(List.of(
                "",
                "",
                "",
                "",
                " in Sea",
                " in Nowhere",
                ", outside",
                ", outside, in table \"kept_by_others\"",
                ", only its kinds"));
        lines.add("entity " + quoted(name) + of + standing + maybe(" with Stamped", 4) + maybe(" was Elder", 9));
        if (!kind || random.nextInt(5) == 0) {
            key();
        }
        for (int i = 0; i < random.nextInt(6); i++) {
            attribute(pick(List.of(
                    "a" + i,
                    "b" + i,
                    "dive_id",
                    "price",
                    "kind",
                    "phone" + i,
                    "sku",
                    "boatName",
                    "tripCount",
                    "totalAmount")));
        }
        for (String usual : List.of("name text(40)", "amount int?", "day date", "spot Spot?", "hue Hue")) {
            if (random.nextInt(3) > 0) {
                lines.add("  " + usual);
            }
        }
        List.of("draft boolean", "isSent boolean", "paid boolean default true")
                .subList(0, Math.max(0, random.nextInt(9) - 5))
                .forEach(state -> lines.add("  " + state));
        for (int i = 0; i < random.nextInt(3); i++) {
            String formula = pick(WideWords.FORMULAS).replace("%s", role());
            lines.add("  " + pick(List.of("sum" + i, "sum2")) + " " + pick(List.of("int", "int?", "text(20)", "real"))
                    + " = " + formula);
        }
        members();
    }

    private void key() {
        switch (random.nextInt(10)) {
            case 0 -> lines.add("  key (name, " + role() + ")");
            case 1 -> lines.add("  key (" + role() + ")");
            case 2 -> lines.add("  code text(8) key");
            case 3 -> lines.add("  id uuid key");
            case 4 -> lines.add("  hue2 Hue key");
            case 5 -> lines.add("  key (spot, gone)");
            case 6 -> lines.add("  # no key yet");
            default -> lines.add("  id serial key");
        }
    }

    private void attribute(String name) {
        String type = pick(WideWords.TYPES);
        StringBuilder line = new StringBuilder("  " + name + " " + type);
        boolean list = random.nextInt(5) == 0;
        if (list) {
            line.append(" list").append(pick(List.of("", " kept as an array", " kept as json")));
        } else if (random.nextInt(3) == 0) {
            line.append("?");
        }
        for (int i = 0; i < random.nextInt(3); i++) {
            line.append(' ').append(pick(WideWords.RULES));
        }
        if (!list && random.nextInt(3) == 0) {
            line.append(ownType(type));
        }
        lines.add(line.toString());
    }

    /** A type of its own in some databases. */
    private static String ownType(String type) {
        return switch (type) {
            case "text(40)" -> " as \"varchar(60)\" in postgresql as \"varchar(60)\" in mariadb";
            case "int" -> " as \"numeric(12)\" in postgresql as \"bigint\" in mariadb as \"bigint\" in h2";
            default -> "";
        };
    }

    private void members() {
        List<String> any = List.of("name", "amount", "day", "spot", "hue", "gone", role());
        for (int i = 0; i < random.nextInt(3); i++) {
            String two = pick(any) + ", " + pick(any);
            lines.add("  "
                    + pick(List.of(
                            "unique (" + two + ")",
                            "unique (" + pick(any) + ") where amount > 3",
                            "unique (" + two + ") named \"" + pick(WideWords.CONSTRAINTS) + "\"",
                            "index (" + two + ") named \"" + pick(WideWords.CONSTRAINTS) + "\" where amount > 4",
                            "rule \"" + pick(WideWords.MESSAGES) + "\" named \"" + pick(WideWords.CONSTRAINTS) + "\": "
                                    + pick(WideWords.CONDITIONS).replace("%s", role()),
                            "index (" + two + ") where name <> \"x\"",
                            "index (" + pick(any) + ") with (amount)",
                            "shown as " + pick(any),
                            "label \"People see\"",
                            "table \"Odd table\"",
                            "kinds kept in one table",
                            "kinds kept in a complete table each",
                            "index (hue) where hue = \"red\"",
                            "unique (" + pick(any) + ") where " + role() + " is null",
                            "rule \"" + pick(WideWords.MESSAGES) + "\": "
                                    + pick(WideWords.CONDITIONS).replace("%s", role()),
                            "rule \"" + pick(WideWords.MESSAGES) + "\": "
                                    + pick(WideWords.CONDITIONS).replace("%s", role()))));
        }
    }

    private String order() {
        return maybe(" " + pick(WideWords.ORDERS), 3);
    }

    private void relationship(int index) {
        String from = quoted(any());
        String to = quoted(any());
        String there = " as " + role();
        String back = ", which " + must() + " have " + pick(List.of("many ", "many ", "one ", "at most 2 ")) + from
                + maybe(" as " + role(), 2) + order();
        String each = "each " + from + " " + must() + " ";
        switch (random.nextInt(6)) {
            case 0, 1 -> lines.add(each + "be near one " + to + there + maybe(back, 2));
            case 2 -> lines.add(each + "know " + pick(List.of("many ", "many ", "at most 3 ")) + to + there + order()
                    + maybe(" via " + quoted(any()), 2) + back);
            case 3 -> lines.add(each + "have many " + to + there + maybe(", which must belong to one " + from, 2));
            default -> lines.add(
                    each + "show one of " + to + ", " + quoted(any()) + ", " + quoted(any()) + there + maybe(back, 2));
        }
        for (int i = 0; i < random.nextInt(3); i++) {
            lines.add("  "
                    + pick(List.of(
                            "deleting " + to + " deletes " + from + " too",
                            "deleting " + to + " empties it",
                            "deleting " + from + " is refused",
                            "changing the key of " + to + " is followed",
                            "changing the key of " + to + " empties it",
                            "changing the key of " + from + " is refused",
                            "checked at the end",
                            "key held by " + to,
                            "kept as a kind and an id",
                            "kept as a column for each",
                            "table \"odd_join" + index + "\"",
                            "columns \"c" + index + "\", \"d" + index + "\"",
                            "foreign key \"odd_key" + index + "\"",
                            "label \"L" + index + "\"",
                            "\"documented\"")));
        }
    }

    private void standings() {
        lines.add("sheet Main: " + quoted(any()) + ", Gone");
        if (random.nextBoolean()) {
            lines.add("accept no-key on " + quoted(any()) + maybe(".name", 2) + " \"because\"");
        }
        for (Target target : Targets.all()) {
            lines.add("classes " + target.word() + maybe(" into \"out\"", 2));
            for (TargetOption option : target.options()) {
                if (!option.choices().isEmpty() && random.nextInt(3) == 0) {
                    lines.add("  " + option.word() + " " + pick(option.choices()));
                }
            }
        }
        lines.add("places");
        lines.add("  " + quoted(any()) + " 10,-20 on Main");
        lines.add("  Gone 1,1");
    }

    /** What a text is like while somebody edits it. */
    private void damage() {
        for (int i = 0; i < 1 + random.nextInt(4); i++) {
            int at = random.nextInt(lines.size());
            String line = lines.get(at);
            switch (random.nextInt(5)) {
                case 0 -> lines.remove(at);
                case 1 -> lines.set(at, line.substring(0, random.nextInt(line.length() + 1)));
                case 2 -> lines.add(at, line);
                case 3 -> lines.set(at, line.replaceFirst("\\S+\\s*$", ""));
                default -> lines.set(at, line.replaceFirst("^  ", ""));
            }
        }
    }

    private String role() {
        return pick(List.of("r", "s", "t", "rs", "ss"));
    }

    private String must() {
        return random.nextInt(3) == 0 ? "must" : "may";
    }

    private String any() {
        return pick(names);
    }

    private static String quoted(String name) {
        return Notation.name(name);
    }

    private String maybe(String text, int oneIn) {
        return random.nextInt(oneIn) == 0 ? text : "";
    }

    private <T> T pick(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }
}

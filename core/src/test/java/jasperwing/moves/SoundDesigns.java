package jasperwing.moves;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.KindsKept;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Designs without errors, of a few entities with everything moves care about; the same seed gives the same design. */
final class SoundDesigns {
    private static final List<String> ENTITIES = List.of("Boat", "Diver", "Trip", "Harbour", "Permit", "Log");
    private static final List<String> TYPES =
            List.of("text(40)", "text(40)?", "int", "int?", "date?", "decimal(8,2)", "text(20) list", "boolean");

    private final Random random;
    private final List<String> lines = new ArrayList<>();

    private final boolean kinds;

    private SoundDesigns(long seed, boolean kinds) {
        random = new Random(seed);
        this.kinds = kinds;
    }

    static Design of(long seed) {
        return new SoundDesigns(seed, false).design();
    }

    /** In which some entities are kinds of others. */
    static Design withKinds(long seed) {
        return new SoundDesigns(seed, true).design();
    }

    private Design design() {
        int count = 2 + random.nextInt(4);
        lines.add("area Sea sea");
        lines.add("area Land moss");
        lines.add("enum Kind: boat, diver");
        for (int i = 0; i < count; i++) {
            entity(i);
        }
        for (int i = 0; i < 2 + random.nextInt(4); i++) {
            relationship(i, count);
        }
        lines.add("sheet Main: " + String.join(", ", ENTITIES.subList(0, 1 + random.nextInt(count))));
        lines.add("places");
        for (int i = 0; i < count; i++) {
            lines.add("  " + ENTITIES.get(i) + " " + i * 300 + "," + random.nextInt(500));
        }
        Design design = Samples.design(lines.toArray(String[]::new));
        return kinds ? kept(design) : design;
    }

    /** Each family in one of the ways it can be kept, and some roots only their kinds. */
    private Design kept(Design design) {
        Design result = design;
        for (Entity entity : design.entities()) {
            KindsKept way = KindsKept.values()[random.nextInt(3)];
            boolean only = random.nextBoolean();
            Move keep = new KeepKinds(entity.name(), way);
            result = keep.on(result);
            result = new OnlyKinds(entity.name(), only).on(result);
        }
        return result;
    }

    private void entity(int index) {
        String name = ENTITIES.get(index);
        if (kinds && index > 0 && random.nextBoolean()) {
            kind(name, ENTITIES.get(random.nextInt(index)));
            return;
        }
        lines.add("entity " + name + " in " + (random.nextBoolean() ? "Sea" : "Land"));
        lines.add(random.nextInt(4) > 0 ? "  id serial key" : "  code text(8) key");
        attributes(name);
        if (kinds) {
            return;
        }
        if (random.nextInt(3) == 0) {
            lines.add("  phone1 text(20)?");
            lines.add("  phone2 text(20)?");
        }
        if (random.nextInt(4) == 0) {
            lines.add("  aboutKind Kind");
            lines.add("  aboutId big int");
        }
        if (random.nextInt(3) == 0) {
            lines.add("  nick text(30)");
            lines.add("  unique (nick)");
            lines.add("  shown as nick");
        }
    }

    private void kind(String name, String parent) {
        lines.add("entity " + name + " is a kind of " + parent + " in Sea");
        attributes(name);
    }

    private void attributes(String name) {
        int attributes = 2 + random.nextInt(5);
        for (int i = 0; i < attributes; i++) {
            if (random.nextInt(5) == 0) {
                lines.add("  # about " + i);
            }
            lines.add("  " + name.toLowerCase(java.util.Locale.ROOT) + (char) ('A' + i) + " "
                    + TYPES.get(random.nextInt(TYPES.size()))
                    + (random.nextInt(6) == 0 ? " label \"L" + i + "\"" : ""));
        }
    }

    private void relationship(int index, int count) {
        String from = ENTITIES.get(random.nextInt(count));
        String to = ENTITIES.get(random.nextInt(count));
        String role = " as r" + index;
        String back = " as s" + index;
        switch (random.nextInt(from.equals(to) ? 2 : 5)) {
            case 0 -> lines.add(
                    "each " + from + " may be near one " + to + role + ", which may have many " + from + back);
            case 1 -> lines.add(
                    "each " + from + " may know many " + to + role + ", which may be known by many " + from + back);
            case 2 -> lines.add("each " + from + " may have one " + to + role + ", which "
                    + (random.nextBoolean() ? "must" : "may") + " belong to one " + from + back);
            case 3 -> {
                lines.add("each " + from + " may be of one " + to + role + ", which may have many " + from + back);
                lines.add("  deleting " + to + " empties it");
            }
            default -> lines.add(
                    "each " + from + " may have many " + to + ", which may have many " + from + " as s" + index);
        }
    }
}

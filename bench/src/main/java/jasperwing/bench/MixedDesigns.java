package jasperwing.bench;

import jasperwing.model.Design;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Designs as people draw them: four to forty entities, in areas or in none, with every kind of relationship. */
final class MixedDesigns {
    private static final List<String> COLORS = List.of("moss", "sea", "ochre", "slate", "plum");

    private final Random random;
    private final List<String> lines = new ArrayList<>();
    private final List<String> names = new ArrayList<>();

    private MixedDesigns(long seed) {
        random = new Random(seed);
    }

    static Design of(long seed) {
        MixedDesigns mixed = new MixedDesigns(seed);
        mixed.write();
        return Notation.parse(String.join("\n", mixed.lines) + "\n").value();
    }

    private void write() {
        lines.add("design \"Mixed\"");
        int areas = random.nextInt(6);
        for (int i = 0; i < areas; i++) {
            lines.add("area Part" + i + " " + COLORS.get(i));
        }
        int entities = 4 + random.nextInt(37);
        for (int i = 0; i < entities; i++) {
            entity(i, areas);
        }
        for (int i = 1; i < entities; i++) {
            relationship(i, random.nextInt(3) == 0 ? random.nextInt(i) : Math.max(0, i - 1 - random.nextInt(4)));
        }
        for (int i = 0; i < entities / 4; i++) {
            relationship(random.nextInt(entities), random.nextInt(entities));
        }
        for (int i = 0; i < random.nextInt(3); i++) {
            lines.add("each %s must be about one of %s, %s, %s as subject%d".formatted(any(), any(), any(), any(), i));
        }
    }

    private void entity(int index, int areas) {
        String name =
                List.of("Thing", "Measurement", "Ox", "RegistrationOfVessels").get(random.nextInt(4)) + index;
        boolean kind = index > 0 && random.nextInt(12) == 0;
        String of = kind ? " is a kind of " + any() : "";
        names.add(name);
        lines.add("entity " + name + of + (areas == 0 ? "" : " in Part" + index * areas / 41));
        if (!kind) {
            lines.add("  id  serial  key");
        }
        for (int i = 0; i < random.nextInt(8); i++) {
            lines.add("  " + List.of("name", "startedOn", "quantity", "remark").get(random.nextInt(4)) + i + "  "
                    + List.of("text(40)", "date?", "decimal(10,2)", "int").get(random.nextInt(4)));
        }
    }

    private String any() {
        return names.get(random.nextInt(names.size()));
    }

    private void relationship(int one, int other) {
        String from = names.get(one);
        String to = names.get(other);
        String role = random.nextInt(3) == 0 ? " as role" + lines.size() : "";
        String back = " as back" + lines.size();
        switch (random.nextInt(5)) {
            case 0 -> lines.add("each %s may know many %s as others%d, which may know many %s%s"
                    .formatted(from, to, lines.size(), from, back));
            case 1 -> lines.add("each %s may have one %s as single%d, which must belong to one %s%s"
                    .formatted(from, to, lines.size(), from, back));
            default -> lines.add(
                    "each %s must belong to one %s%s, which may have many %s%s".formatted(from, to, role, from, back));
        }
    }
}

package jasperwing.bench;

import jasperwing.model.Design;
import jasperwing.notation.Notation;
import java.util.Random;

/** Designs shaped as large ones are: areas of sixteen entities around a few that many point to, and some ties between areas. */
final class LargeDesign {
    private static final int AREA = 16;
    private static final String[] TYPES = {
        "text(40)", "int", "timestamp", "decimal(10,2)", "boolean", "date?", "text(120)?", "uuid"
    };
    private static final String[] COLORS = {"moss", "sea", "ochre", "slate", "plum"};

    private LargeDesign() {}

    /** @param attributes how many each entity has, its key included */
    static Design of(int entities, int attributes, int relationships) {
        return Notation.parse(text(entities, attributes, relationships)).value();
    }

    static String text(int entities, int attributes, int relationships) {
        Random random = new Random(1);
        StringBuilder text = new StringBuilder("design \"Large\"\n\n");
        int areas = (entities + AREA - 1) / AREA;
        for (int i = 0; i < areas; i++) {
            text.append("area Area")
                    .append(i)
                    .append(' ')
                    .append(COLORS[i % COLORS.length])
                    .append('\n');
        }
        for (int i = 0; i < entities; i++) {
            text.append("\nentity Thing%d in Area%d\n  id  serial  key\n".formatted(i, i / AREA));
            for (int a = 1; a < attributes; a++) {
                text.append("  field")
                        .append(a)
                        .append("  ")
                        .append(TYPES[random.nextInt(TYPES.length)])
                        .append('\n');
            }
        }
        text.append('\n');
        for (int k = 0, i = 0; k < relationships; i++) {
            int from = i < entities ? i : random.nextInt(entities);
            int base = from / AREA * AREA;
            int near = base + (int) Math.abs(random.nextGaussian() * 3) % AREA;
            int to = i < entities || random.nextInt(10) < 8 ? near : random.nextInt(areas) * AREA;
            if (to != from && to < entities) {
                text.append("each Thing%d must belong to one Thing%d as up%d, which may have many Thing%d as downs%d\n"
                        .formatted(from, to, k, from, k));
                k++;
            }
        }
        return text.toString();
    }
}

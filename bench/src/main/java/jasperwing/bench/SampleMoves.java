package jasperwing.bench;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.moves.Move;
import jasperwing.moves.Rename;
import jasperwing.moves.RenameRole;
import jasperwing.moves.SplitOff;
import jasperwing.moves.TextToEntity;
import jasperwing.moves.TextToEnum;
import jasperwing.moves.ToArea;
import jasperwing.moves.ToTrait;
import jasperwing.moves.ToValue;
import java.util.List;
import java.util.stream.Stream;

/** Moves of every sort on a large design, each on entities of its own. */
final class SampleMoves {
    private static final int TURNS = 20;

    private SampleMoves() {}

    /** How many sorts of moves there are. */
    static final int SORTS = 8;

    /** The n-th of the moves, by turns of the sorts, that the design allows. */
    static Move of(Design design, int n) {
        for (int i = 0; i < TURNS; i++) {
            Move move = of(design, n % SORTS, 1 + (n / SORTS + i) % TURNS);
            if (move.hindrance(design).isEmpty()) {
                return move;
            }
        }
        throw new IllegalStateException("no move of sort " + n % SORTS + ": "
                + of(design, n % SORTS, 1).hindrance(design).orElse(""));
    }

    private static Move of(Design design, int sort, int entity) {
        String name = "Thing" + entity;
        return switch (sort) {
            case 0 -> new SplitOff(name, List.of("field3", "field4"), "Further", false);
            case 1 -> new ToValue(name, List.of("field3", "field4"), "Pair", "pair");
            case 2 -> new ToArea(List.of(name), "Area40");
            case 3 -> new Rename(name, "", "Renamed");
            case 4 -> new RenameRole(design.relationshipsOf(name).get(0), true, "upwards");
            case 5 -> new TextToEntity(name, text(design, name), "Word");
            case 6 -> new TextToEnum(name, text(design, name), "State", List.of("open", "closed"));
            default -> shared(design, name);
        };
    }

    private static String text(Design design, String entity) {
        return design.entity(entity).orElseThrow().attributes().stream()
                .filter(a -> a.type().isText())
                .map(Attribute::name)
                .findFirst()
                .orElse("id");
    }

    /** A trait of an attribute that three entities have. */
    private static Move shared(Design design, String entity) {
        Attribute attribute = design.entity(entity).orElseThrow().attributes().get(5);
        List<String> others = design.entities().stream()
                .filter(e -> !e.name().equals(entity) && e.attributes().contains(attribute))
                .map(Entity::name)
                .limit(2)
                .toList();
        return new ToTrait(
                Stream.concat(Stream.of(entity), others.stream()).toList(), List.of(attribute.name()), "Common");
    }
}

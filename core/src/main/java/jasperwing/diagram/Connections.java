package jasperwing.diagram;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.naming.Roles;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Tells which lines a sheet needs. */
final class Connections {
    private Connections() {}

    /** The lines between cards that are on the sheet, those from kinds to what they are kinds of last; one-of relationships are drawn as fans instead. */
    static List<Connection> of(Design design, Map<String, Card> cards) {
        List<Connection> all = new ArrayList<>();
        for (Relationship relationship : design.relationships()) {
            if (relationship instanceof BinaryRelationship binary) {
                Card from = cards.get(binary.from());
                Card to = cards.get(binary.to());
                Card link = cards.get(binary.via());
                if (binary.shape() == BinaryRelationship.Shape.LINKED && link != null) {
                    halves(all, design, binary, from, to, link);
                } else if (from != null && to != null) {
                    all.add(whole(design, binary, from, to));
                }
            }
        }
        for (Card card : cards.values()) {
            design.parent(card.entity())
                    .map(p -> cards.get(p.name()))
                    .ifPresent(p -> all.add(
                            new Connection(Optional.empty(), card, p, false, false, false, false, false, false, "")));
        }
        return all;
    }

    private static Connection whole(Design design, BinaryRelationship binary, Card from, Card to) {
        boolean backMust = binary.back().map(Reading::must).orElse(false);
        return new Connection(
                Optional.of(binary),
                from,
                to,
                backMust,
                binary.backMany(),
                binary.forward().must(),
                binary.forward().many(),
                binary.fromHolds(),
                identifies(design, binary),
                label(binary));
    }

    private static void halves(
            List<Connection> all, Design design, BinaryRelationship binary, Card from, Card to, Card link) {
        boolean identifies = identifies(design, binary);
        if (from != null) {
            boolean must = binary.forward().must();
            all.add(new Connection(Optional.of(binary), from, link, true, false, must, true, false, identifies, ""));
        }
        if (to != null) {
            boolean must = binary.back().map(Reading::must).orElse(false);
            all.add(new Connection(Optional.of(binary), link, to, must, true, true, false, true, identifies, ""));
        }
    }

    /** Whether the key of what holds the reference contains it. Most keys are made of attributes alone, which is seen at once. */
    private static boolean identifies(Design design, BinaryRelationship binary) {
        Entity holder = design.entity(binary.via().isEmpty() ? binary.holder() : binary.via())
                .orElse(null);
        if (holder == null || binary.isOfPairsAlone() || isOfAttributes(holder)) {
            return false;
        }
        return Roles.of(binary).stream().anyMatch(role -> holder.key().names().contains(role.name()))
                || holder.key().isEmpty() && design.isLink(holder.name());
    }

    private static boolean isOfAttributes(Entity entity) {
        for (String name : entity.key().names()) {
            if (entity.attribute(name).isEmpty()) {
                return false;
            }
        }
        return !entity.key().isEmpty();
    }

    /** The name of the collection, if there is one; else of what the first entity points to. */
    private static String label(BinaryRelationship binary) {
        boolean backCollection =
                !binary.forward().many() && binary.back().map(Reading::many).orElse(false);
        return backCollection && !binary.isSelf() ? Roles.back(binary) : Roles.forward(binary);
    }
}

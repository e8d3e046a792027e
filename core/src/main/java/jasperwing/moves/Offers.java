package jasperwing.moves;

import jasperwing.model.Area;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import jasperwing.model.Type;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import java.util.Arrays;
import java.util.List;

/** The moves a selection allows, the likeliest first. */
public final class Offers {
    private final Design design;
    private final OfferList offers;

    private Offers(Design design) {
        this.design = design;
        this.offers = new OfferList(design);
    }

    /** What one entity could become. */
    public static List<Offer> ofEntity(Design design, String entity) {
        Offers offers = new Offers(design);
        design.entity(entity).ifPresent(offers::entity);
        return offers.offers.offers();
    }

    /** What several entities could become: two can be merged. */
    public static List<Offer> ofEntities(Design design, List<String> entities) {
        Offers offers = new Offers(design);
        if (entities.size() == 2) {
            offers.merges(entities.get(0), entities.get(1));
        }
        GroupOffers.ofEntities(offers.offers, entities);
        KindOffers.ofEntities(offers.offers, entities);
        offers.areas(entities);
        return offers.offers.offers();
    }

    public static List<Offer> ofRelationship(Design design, Relationship relationship) {
        Offers offers = new Offers(design);
        RelationshipOffers.of(offers.offers, relationship);
        return offers.offers.offers();
    }

    private void entity(Entity entity) {
        if (!entity.outside()) {
            repeats(entity);
            pairs(entity);
            entity.attributes().stream().filter(Attribute::list).forEach(a -> list(entity, a));
            splits(entity);
            GroupOffers.ofEntity(offers, entity);
            KindOffers.ofEntity(offers, entity);
            texts(entity);
        }
        for (Relationship relationship : design.relationshipsOf(entity.name())) {
            if (relationship instanceof BinaryRelationship binary
                    && binary.shape() == BinaryRelationship.Shape.ONE_TO_ONE) {
                RelationshipOffers.of(offers, binary);
            }
        }
        renames(entity);
        areas(List.of(entity.name()));
    }

    private void renames(Entity entity) {
        offers.add(
                "Rename and remember",
                "Everywhere, and the design keeps the former name, so that a database is changed and not emptied.",
                List.of(),
                List.of(),
                "Its new name",
                entity.name(),
                (chosen, said) -> new Rename(entity.name(), "", said));
        List<String> attributes =
                entity.attributes().stream().map(Attribute::name).toList();
        if (!attributes.isEmpty()) {
            offers.add(
                    "Rename an attribute and remember",
                    "Choose one. The design keeps its former name.",
                    attributes,
                    attributes.subList(0, 1),
                    "Its new name",
                    attributes.get(0),
                    (chosen, said) -> chosen.size() == 1
                            ? new Rename(entity.name(), chosen.get(0), said)
                            : new UnansweredMove("Choose one attribute."));
        }
    }

    private void splits(Entity entity) {
        List<String> movable = entity.attributes().stream()
                .filter(a -> !entity.isKey(a) && !a.isComputed())
                .map(Attribute::name)
                .toList();
        if (movable.size() < 2) {
            return;
        }
        String name = offers.free(entity.name() + "Details");
        List<String> last = movable.subList(movable.size() - 1, movable.size());
        offers.add(
                "Split attributes off",
                "Into an entity of its own, one for each " + entity.name() + ", which goes with it.",
                movable,
                last,
                "Its name",
                name,
                (chosen, said) -> new SplitOff(entity.name(), chosen, said, false));
        offers.add(
                "Split attributes off, shared",
                "Into an entity that many " + Plurals.plural(entity.name()) + " can share.",
                movable,
                last,
                "Its name",
                name,
                (chosen, said) -> new SplitOff(entity.name(), chosen, said, true));
    }

    private void texts(Entity entity) {
        List<String> texts = entity.attributes().stream()
                .filter(a -> a.type().isText() && !a.list() && !entity.isKey(a) && !isUnique(entity, a))
                .map(Attribute::name)
                .toList();
        if (texts.isEmpty()) {
            return;
        }
        for (String text : texts) {
            offers.add(
                    "Give " + text + " a table",
                    "Each " + text + " is said once, in an entity of its own to which every " + entity.name()
                            + " points.",
                    List.of(),
                    List.of(),
                    "Its name",
                    offers.free(OfferList.pascal(text, "Word")),
                    (chosen, said) -> new TextToEntity(entity.name(), text, said));
        }
        texts.forEach(t -> close(entity, t));
    }

    private void close(Entity entity, String text) {
        offers.add(
                "Close the list of " + Plurals.plural(text),
                text + " becomes one of an enum's values.",
                List.of(),
                List.of(),
                "Name: values",
                offers.free(entity.name() + OfferList.pascal(text, "Word")) + ": ",
                (chosen, said) -> closed(entity.name(), text, said));
    }

    /** What is said once already would gain nothing by a table or a closed list. */
    private static boolean isUnique(Entity entity, Attribute attribute) {
        return attribute.unique()
                || entity.uniques().stream().anyMatch(u -> u.names().equals(List.of(attribute.name())));
    }

    private static Move closed(String entity, String text, String said) {
        int colon = said.indexOf(':');
        String name = (colon < 0 ? said : said.substring(0, colon)).strip();
        String values = colon < 0 ? "" : said.substring(colon + 1).strip();
        List<String> all = values.isEmpty()
                ? List.of()
                : Arrays.stream(values.split(",", -1)).map(String::strip).toList();
        return new TextToEnum(entity, text, name, all);
    }

    private void list(Entity entity, Attribute list) {
        String name = offers.free(OfferList.pascal(Plurals.singular(list.name()), "Element"));
        offers.add(
                "Make " + list.name() + " entities",
                "Each " + entity.name() + " has its own, which go with it.",
                List.of(),
                List.of(),
                "Their name",
                name,
                (chosen, said) -> new ListToEntity(entity.name(), list.name(), said, false));
        offers.add(
                "Make " + list.name() + " entities, shared",
                "Each is said once; many " + Plurals.plural(entity.name()) + " can have the same.",
                List.of(),
                List.of(),
                "Their name",
                name,
                (chosen, said) -> new ListToEntity(entity.name(), list.name(), said, true));
        if (list.type().isText()) {
            close(entity, list.name());
        }
    }

    private void repeats(Entity entity) {
        for (NumberedAttributes repeats : NumberedAttributes.of(entity)) {
            offers.add(
                    "Gather " + String.join(", ", repeats.names()),
                    "One attribute of an entity of its own, as many rows as are needed.",
                    List.of(),
                    List.of(),
                    "Its name",
                    offers.free(OfferList.pascal(repeats.stem(), "Repeat")),
                    (chosen, said) -> new RepeatsToEntity(entity.name(), repeats.stem(), said));
        }
    }

    private void pairs(Entity entity) {
        List<String> all = design.entities().stream()
                .map(Entity::name)
                .filter(e -> !e.equals(entity.name()))
                .toList();
        for (List<String> pair : ToOneOf.pairs(entity)) {
            List<String> likely = entity.attribute(pair.get(0))
                    .flatMap(a -> design.enumType(typeName(a)))
                    .map(t -> all.stream()
                            .filter(e -> t.values().stream()
                                    .anyMatch(v -> Words.pascal(v.name()).equals(e)))
                            .toList())
                    .orElse(List.of());
            offers.add(
                    "Relate " + pair.get(0) + " and " + pair.get(1),
                    "The pair becomes a one-of relationship to what it can point to.",
                    all,
                    likely,
                    "",
                    "",
                    (chosen, said) -> new ToOneOf(entity.name(), pair.get(0), pair.get(1), chosen));
        }
    }

    private static String typeName(Attribute attribute) {
        return attribute.type() instanceof Type.Named named ? named.name() : "";
    }

    private void merges(String one, String other) {
        for (List<String> pair : List.of(List.of(one, other), List.of(other, one))) {
            offers.add(
                    "Merge " + pair.get(1) + " into " + pair.get(0),
                    "They are the same thing: what both have is kept once, and all that is related to " + pair.get(1)
                            + " is related to " + pair.get(0) + ".",
                    (chosen, said) -> new MergeEntities(pair.get(0), pair.get(1)));
        }
    }

    private void areas(List<String> entities) {
        List<String> now = entities.stream()
                .flatMap(e -> design.entity(e).stream())
                .map(Entity::area)
                .distinct()
                .toList();
        for (Area area : design.areas()) {
            if (!now.equals(List.of(area.name()))) {
                offers.add(
                        "Move to " + area.name(),
                        "To its colour and its package.",
                        (chosen, said) -> new ToArea(entities, area.name()));
            }
        }
    }
}

package jasperwing.moves;

import jasperwing.model.Area;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import jasperwing.model.Tie;
import jasperwing.model.Type;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** The moves a selection allows, the likeliest first. */
public final class Offers {
    private final Design design;
    private final List<Offer> offers = new ArrayList<>();

    private Offers(Design design) {
        this.design = design;
    }

    /** What one entity could become. */
    public static List<Offer> ofEntity(Design design, String entity) {
        Offers offers = new Offers(design);
        design.entity(entity).ifPresent(offers::entity);
        return List.copyOf(offers.offers);
    }

    /** What several entities could become: two can be merged. */
    public static List<Offer> ofEntities(Design design, List<String> entities) {
        Offers offers = new Offers(design);
        if (entities.size() == 2) {
            offers.merges(entities.get(0), entities.get(1));
        }
        offers.areas(entities);
        return List.copyOf(offers.offers);
    }

    public static List<Offer> ofRelationship(Design design, Relationship relationship) {
        Offers offers = new Offers(design);
        if (relationship instanceof Tie tie) {
            offers.tie(tie);
        }
        return List.copyOf(offers.offers);
    }

    private void entity(Entity entity) {
        if (!entity.outside()) {
            repeats(entity);
            pairs(entity);
            entity.attributes().stream().filter(Attribute::list).forEach(a -> list(entity, a));
            splits(entity);
            texts(entity);
        }
        for (Relationship relationship : design.relationshipsOf(entity.name())) {
            if (relationship instanceof Tie tie && tie.shape() == Tie.Shape.ONE_TO_ONE) {
                tie(tie);
            }
        }
        renames(entity);
        areas(List.of(entity.name()));
    }

    private void renames(Entity entity) {
        add(
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
            add(
                    "Rename an attribute and remember",
                    "Choose one. The design keeps its former name.",
                    attributes,
                    attributes.subList(0, 1),
                    "Its new name",
                    attributes.get(0),
                    (chosen, said) -> chosen.size() == 1
                            ? new Rename(entity.name(), chosen.get(0), said)
                            : new Unanswered("Choose one attribute."));
        }
    }

    private void splits(Entity entity) {
        List<String> movable = entity.attributes().stream()
                .filter(a -> !entity.isKey(a))
                .map(Attribute::name)
                .toList();
        if (movable.size() < 2) {
            return;
        }
        String name = free(entity.name() + "Details");
        List<String> last = movable.subList(movable.size() - 1, movable.size());
        add(
                "Split attributes off",
                "Into an entity of its own, one for each " + entity.name() + ", which goes with it.",
                movable,
                last,
                "Its name",
                name,
                (chosen, said) -> new SplitOff(entity.name(), chosen, said, false));
        add(
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
            add(
                    "Give " + text + " a table",
                    "Each " + text + " is said once, in an entity of its own to which every " + entity.name()
                            + " points.",
                    List.of(),
                    List.of(),
                    "Its name",
                    free(pascal(text, "Word")),
                    (chosen, said) -> new TextToEntity(entity.name(), text, said));
        }
        for (String text : texts) {
            add(
                    "Close the list of " + Plurals.plural(text),
                    text + " becomes one of an enum's values.",
                    List.of(),
                    List.of(),
                    "Name: values",
                    free(entity.name() + pascal(text, "Word")) + ": ",
                    (chosen, said) -> closed(entity.name(), text, said));
        }
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
        String name = free(pascal(Plurals.singular(list.name()), "Element"));
        add(
                "Make " + list.name() + " entities",
                "Each " + entity.name() + " has its own, which go with it.",
                List.of(),
                List.of(),
                "Their name",
                name,
                (chosen, said) -> new ListToEntity(entity.name(), list.name(), said, false));
        add(
                "Make " + list.name() + " entities, shared",
                "Each is said once; many " + Plurals.plural(entity.name()) + " can have the same.",
                List.of(),
                List.of(),
                "Their name",
                name,
                (chosen, said) -> new ListToEntity(entity.name(), list.name(), said, true));
    }

    private void repeats(Entity entity) {
        for (Repeats repeats : Repeats.of(entity)) {
            add(
                    "Gather " + String.join(", ", repeats.names()),
                    "One attribute of an entity of its own, as many rows as are needed.",
                    List.of(),
                    List.of(),
                    "Its name",
                    free(pascal(repeats.stem(), "Repeat")),
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
            add(
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

    private void tie(Tie tie) {
        switch (tie.shape()) {
            case ONE_TO_ONE -> {
                add(
                        "Fold " + tie.holder() + " into " + tie.parent(),
                        "One table instead of two; the attributes of " + tie.holder() + " become those of "
                                + tie.parent() + ".",
                        (chosen, said) -> new Fold(tie, -1));
                add(
                        "Let " + tie.parent() + " hold the key",
                        "Now " + tie.holder() + " points to " + tie.parent() + "; turned round.",
                        (chosen, said) -> new Reverse(tie));
            }
            case MANY_TO_MANY -> add(
                    "Give the pairs an entity",
                    "So that a pair of " + tie.from() + " and " + tie.to() + " can say something of its own.",
                    List.of(),
                    List.of(),
                    "Its name",
                    free(tie.from() + tie.to()),
                    (chosen, said) -> new Relink(tie, said));
            case LINKED -> add(
                    "Make it plain",
                    tie.via() + " goes; the pairs are kept in a join table.",
                    (chosen, said) -> new Relink(tie, ""));
            default -> {}
        }
    }

    private void merges(String one, String other) {
        for (List<String> pair : List.of(List.of(one, other), List.of(other, one))) {
            add(
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
                add(
                        "Move to " + area.name(),
                        "To its colour and its package.",
                        (chosen, said) -> new ToArea(entities, area.name()));
            }
        }
    }

    private static String pascal(String name, String otherwise) {
        String pascal = Words.pascal(name);
        return pascal.isEmpty() ? otherwise : pascal;
    }

    /** A name close to the wanted one that no entity and no enum bears. */
    private String free(String wanted) {
        String name = wanted.isBlank() ? "New" : wanted;
        String free = name;
        for (int i = 2; design.entity(free).isPresent() || design.enumType(free).isPresent(); i++) {
            free = name + i;
        }
        return free;
    }

    private void add(String title, String about, Offer.Maker maker) {
        add(title, about, List.of(), List.of(), "", "", maker);
    }

    private void add(
            String title,
            String about,
            List<String> choices,
            List<String> chosen,
            String asks,
            String suggestion,
            Offer.Maker maker) {
        offers.add(new Offer(title, about, choices, chosen, asks, suggestion, maker));
    }
}

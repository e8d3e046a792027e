package jasperwing.app.draw;

import jasperwing.model.Attribute;
import jasperwing.model.Entity;
import jasperwing.notation.AttributeLine;
import jasperwing.notation.EntityDetails;
import jasperwing.notation.Notation;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Finds which attribute a line was that does not parse any more: one of those there were when the card was opened, by the name or as the one
 * after the line before; else one that was added since, by the name.
 */
final class LastGood {
    private final List<Attribute> known;
    private final Entity now;
    private final Set<String> said = new HashSet<>();
    private int next;

    /**
     * @param opened the entity as it was
     * @param now as it is
     * @param text all lines, of which those that parse name their attributes
     */
    LastGood(Entity opened, Entity now, String text) {
        this.known = opened.attributes();
        this.now = now;
        text.lines()
                .filter(l -> !EntityDetails.isDetail(l))
                .flatMap(l -> Notation.attribute(l).value().map(AttributeLine::attribute).stream())
                .forEach(a -> said.add(a.name()));
    }

    /** Goes on behind a line that parses. */
    void passed(String attribute) {
        int index = known.stream().map(Attribute::name).toList().indexOf(attribute);
        next = index < 0 ? next : index + 1;
    }

    /** What a line was; empty for one that never was an attribute. Each attribute is found once. */
    Optional<Attribute> of(String line) {
        String first = line.strip().split("\\s+", 2)[0];
        Optional<Attribute> following = next < known.size() ? Optional.of(known.get(next)) : Optional.empty();
        Optional<Attribute> found = named(known, first)
                .or(() -> named(now.attributes(), first))
                .or(() -> following)
                .filter(a -> said.add(a.name()));
        found.ifPresent(a -> passed(a.name()));
        return found;
    }

    private static Optional<Attribute> named(List<Attribute> all, String word) {
        return all.stream()
                .filter(a -> a.name().equals(word) || Notation.name(a.name()).equals(word))
                .findFirst();
    }
}

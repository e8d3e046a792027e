package jasperwing.app.draw;

import jasperwing.model.Attribute;
import jasperwing.model.Entity;
import jasperwing.notation.AttributeLine;
import jasperwing.notation.EntityDetails;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import jasperwing.notation.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads the lines of a card: attributes, and what else its entity says. Used once. */
final class CardReader {
    private final Entity opened;
    private final List<String> untouched;
    private final List<String> before;
    private final String text;
    private final List<Attribute> attributes = new ArrayList<>();
    private final List<String> key = new ArrayList<>();
    private final List<String> details = new ArrayList<>();
    private final List<String> broken = new ArrayList<>();
    private String wrong = "";
    private int wrongLine = -1;

    /**
     * @param opened the entity as it was when the card was opened
     * @param untouched its details as they stand on the card unless somebody typed on them
     */
    CardReader(Entity opened, List<String> untouched, String text) {
        this.opened = opened;
        this.untouched = untouched;
        this.before = EntityDetails.print(opened);
        this.text = text;
    }

    /** What is wrong with a line; empty when it can be read. */
    static Optional<Problem> problem(String line) {
        return EntityDetails.isDetail(line)
                ? EntityDetails.problem(line)
                : Notation.attribute(line).problems().stream().findFirst();
    }

    CardLines.Read read() {
        lines(Optional.empty());
        return new CardLines.Read(attributes, key, details, wrong, wrongLine);
    }

    /** The same, where a line that does not parse says what it said before. @param now the entity as it is by then */
    CardLines.Read readLastGood(Entity now) {
        lines(Optional.of(now));
        return new CardLines.Read(attributes, key, withBroken(), wrong, wrongLine);
    }

    private void lines(Optional<Entity> now) {
        Optional<LastGood> last = now.map(n -> new LastGood(opened, n, text));
        String[] lines = text.split("\n", -1);
        for (int i = 0; i < lines.length; i++) {
            String line = lines[i];
            Optional<Problem> problem = line.isBlank() ? Optional.empty() : problem(line);
            if (problem.isPresent() && wrong.isEmpty()) {
                wrong = "Line " + (i + 1) + ": " + problem.get().sentence();
                wrongLine = i;
            }
            if (line.isBlank()) {
                continue;
            }
            if (EntityDetails.isDetail(line)) {
                detail(line.strip(), problem.isPresent());
            } else {
                attribute(line, last, now);
            }
        }
    }

    private void detail(String line, boolean isBroken) {
        int index = untouched.indexOf(line);
        (isBroken ? broken : details).add(index < 0 ? line : before.get(index));
    }

    private void attribute(String line, Optional<LastGood> last, Optional<Entity> now) {
        Parsed<Optional<AttributeLine>> parsed = Notation.attribute(line);
        if (parsed.value().isPresent()) {
            Attribute attribute = parsed.value().get().attribute();
            attributes.add(keepComments(attribute));
            if (parsed.value().get().key()) {
                key.add(attribute.name());
            }
            last.ifPresent(l -> l.passed(attribute.name()));
            return;
        }
        Optional<Attribute> good = last.flatMap(l -> l.of(line));
        good.ifPresent(attributes::add);
        good.filter(a -> opened.isKey(a) || now.filter(n -> n.isKey(a)).isPresent())
                .ifPresent(a -> key.add(a.name()));
        if (good.isEmpty()) {
            broken.add(line.strip());
        }
    }

    private Attribute keepComments(Attribute attribute) {
        return opened.attribute(attribute.name())
                .map(old -> attribute.withNotes(
                        attribute.notes().withComments(old.notes().comments())))
                .orElse(attribute);
    }

    /** With what broken lines were: of the details that are missing the first that begins alike, else the first. */
    private List<String> withBroken() {
        List<String> all = new ArrayList<>(details);
        for (String line : broken) {
            List<String> missing = before.stream().filter(l -> !all.contains(l)).toList();
            missing.stream()
                    .filter(l -> l.charAt(0) == line.charAt(0))
                    .findFirst()
                    .or(() -> missing.stream().findFirst())
                    .ifPresent(all::add);
        }
        return all;
    }
}

package jasperwing.notation;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;

/**
 * Reads a text again and again while it is typed. It gives what {@link Notation#parse} gives; statements whose text has not changed since the
 * last time are not read again, and give the same objects. Confined to one thread.
 *
 * <pre>{@code
 * DesignReader reader = new DesignReader();
 * Design before = reader.read(text).value();
 * Design after = reader.read(text.replace("depth", "height")).value(); // one entity is another object
 * }</pre>
 */
public final class DesignReader {
    /** What was read the last time. */
    private List<StatementText> statements = List.of();

    /** Linear in the text's length, with little to do for what has not changed. */
    public Parsed<Design> read(String text) {
        statements = StatementTexts.of(text, statements);
        Optional<Problem> newer =
                statements.stream().findFirst().map(s -> Outline.of(s.text())).flatMap(DesignParser::newer);
        if (newer.isPresent()) {
            return new Parsed<>(Design.named(""), List.of(newer.get()));
        }
        DesignParser parser = new DesignParser();
        int line = 0;
        for (StatementText statement : statements) {
            if (statement.begins("design") || statement.begins("notation") || !parser.hasBegun()) {
                parser.add(Outline.of(statement.text()), line);
            } else {
                parser.add(statement.read(), line);
            }
            line += statement.lines();
        }
        return parser.parsed();
    }

    /** Gives the entities and relationships of a design from now on where those that were read last are equal to them. */
    public void adopt(Design design) {
        Iterator<Entity> entities = design.entities().iterator();
        Iterator<Relationship> relationships = design.relationships().iterator();
        statements.forEach(s -> s.adopt(entities, relationships));
    }
}

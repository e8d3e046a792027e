package jasperwing.notation;

import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Notes;
import jasperwing.model.RowRule;
import java.util.ArrayList;
import java.util.List;

/** Reads a value or a trait and its block. A line that cannot be read is a problem of its own and leaves the others standing. */
final class GroupParser {
    private final List<Problem> problems;
    private final List<Attribute> attributes = new ArrayList<>();
    private final List<RowRule> rules = new ArrayList<>();
    private Notes notes = Notes.NONE;

    GroupParser(List<Problem> problems) {
        this.problems = problems;
    }

    AttributeGroup read(AttributeGroup.Kind kind, Outline.Statement statement) throws SyntaxException {
        Cursor cursor = statement.head().cursor();
        cursor.words(kind.word());
        String name = cursor.name("the name of the " + kind.word());
        notes = Notes.of(statement.head().comments());
        if (cursor.takeWord("was")) {
            notes = notes.withWas(cursor.name("the former name of the " + kind.word()));
        }
        cursor.end();
        statement.eachLine(problems, i -> line(kind, i));
        return new AttributeGroup(kind, name, attributes, rules, notes);
    }

    private void line(AttributeGroup.Kind kind, Outline.Item item) throws SyntaxException {
        Cursor cursor = item.cursor();
        Token first = cursor.peek();
        if (first.kind() == Token.Kind.STRING) {
            notes = Merge.comments(notes.withDoc(cursor.next().text()), item.comments());
        } else if (EntityParser.beginsRule(cursor)) {
            rules.add(EntityParser.rule(cursor, item.comments()));
        } else {
            AttributeLine line = new AttributeParser(cursor, item.comments()).read();
            if (line.key()) {
                throw cursor.wrong(first, "a " + kind.word() + " has no key: only entities are identified", "");
            }
            attributes.add(line.attribute());
        }
        cursor.end();
    }
}

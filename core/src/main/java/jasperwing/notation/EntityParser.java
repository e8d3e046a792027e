package jasperwing.notation;

import jasperwing.model.Attribute;
import jasperwing.model.Comments;
import jasperwing.model.Entity;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import java.util.ArrayList;
import java.util.List;

/** Reads an entity and its block. A line that cannot be read is a problem of its own and leaves the others standing. */
final class EntityParser {
    private static final String MEMBER = "the name of an attribute or role";

    private final List<Problem> problems;
    private final List<Attribute> attributes = new ArrayList<>();
    private final List<String> flagged = new ArrayList<>();
    private final List<Members> uniques = new ArrayList<>();
    private Members key = Members.NONE;
    private Members shown = Members.NONE;
    private Notes notes = Notes.NONE;

    EntityParser(List<Problem> problems) {
        this.problems = problems;
    }

    Entity read(Outline.Statement statement) throws SyntaxException {
        Cursor cursor = statement.head().cursor();
        cursor.words("entity");
        String name = cursor.name("the name of the entity");
        Entity entity = head(cursor, Entity.of(name));
        notes = entity.notes().withComments(statement.head().comments());
        for (Outline.Item item : statement.body()) {
            try {
                line(item);
            } catch (SyntaxException e) {
                problems.add(e.problem());
            }
        }
        Members wholeKey = key.isEmpty() ? new Members(flagged, Comments.NONE) : key;
        return entity.withAttributes(attributes)
                .withKey(wholeKey)
                .withUniques(uniques)
                .withShown(shown)
                .withNotes(notes);
    }

    /** What may follow the name in an entity's first line. */
    static Entity head(Cursor cursor, Entity entity) throws SyntaxException {
        Entity result = entity;
        Token token = cursor.peek();
        if (token.isWord("is")) {
            throw cursor.notYet(token, "subtypes");
        }
        if (cursor.takeWord("in")) {
            result = result.withArea(cursor.name("the name of an area"));
        }
        if (cursor.takeSymbol(",")) {
            cursor.words("outside");
            result = result.withOutside(true);
        }
        if (cursor.takeWord("with")) {
            result = result.withTraits(names(cursor, "the name of a trait"));
        }
        if (cursor.takeWord("was")) {
            result = result.withNotes(result.notes().withWas(cursor.name("the former name of the entity")));
        }
        cursor.end();
        return result;
    }

    private void line(Outline.Item item) throws SyntaxException {
        Cursor cursor = item.cursor();
        Token first = cursor.peek();
        Token second = cursor.peek(1);
        if (first.kind() == Token.Kind.STRING) {
            notes = Merge.comments(notes.withDoc(cursor.next().text()), item.comments());
        } else if (first.isWord("label") && second.kind() == Token.Kind.STRING) {
            cursor.next();
            notes = Merge.comments(notes.withLabel(cursor.next().text()), item.comments());
        } else if (first.isWord("table") && second.kind() == Token.Kind.STRING) {
            cursor.next();
            notes = Merge.comments(notes.withPhysical(cursor.next().text()), item.comments());
        } else if ((first.isWord("unique") || first.isWord("key")) && second.isSymbol("(")) {
            combination(cursor, item.comments());
        } else if (cursor.takeWords("shown", "as")) {
            shown = new Members(names(cursor, MEMBER), item.comments());
        } else {
            attribute(cursor, item.comments());
        }
        cursor.end();
    }

    private void combination(Cursor cursor, Comments comments) throws SyntaxException {
        Token word = cursor.next();
        cursor.symbol("(");
        Members members = new Members(names(cursor, MEMBER), comments);
        cursor.symbol(")");
        if (word.isWord("unique")) {
            uniques.add(members);
        } else if (key.isEmpty() && flagged.isEmpty()) {
            key = members;
        } else {
            throw cursor.wrong(word, "the key is said twice", "one 'key (…)' or 'key' after attributes, not both");
        }
    }

    private void attribute(Cursor cursor, Comments comments) throws SyntaxException {
        Token at = cursor.peek();
        AttributeLine line = new AttributeParser(cursor, comments).read();
        attributes.add(line.attribute());
        if (line.key()) {
            if (!key.isEmpty()) {
                throw cursor.wrong(at, "the key is said twice", "one 'key (…)' or 'key' after attributes, not both");
            }
            flagged.add(line.attribute().name());
        }
    }

    private static List<String> names(Cursor cursor, String what) throws SyntaxException {
        List<String> names = new ArrayList<>();
        do {
            names.add(cursor.name(what));
        } while (cursor.takeSymbol(","));
        return names;
    }
}

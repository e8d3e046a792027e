package jasperwing.notation;

import jasperwing.model.Comments;
import jasperwing.model.DatabaseNaming;
import jasperwing.model.Relationship;
import jasperwing.model.StorageNotes;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Reads what is said of names in the database: of all of them below {@code database}, and of single ones. */
final class NamingParser {
    private DatabaseNaming naming = DatabaseNaming.USUAL;

    /** @param problems what is wrong with a line is added to */
    static DatabaseNaming read(Outline.Statement statement, List<Problem> problems) throws SyntaxException {
        Cursor cursor = statement.head().cursor();
        cursor.words("database");
        cursor.end();
        NamingParser parser = new NamingParser();
        Comments comments = statement.eachLineGathered(problems, i -> parser.line(i.cursor()));
        return parser.naming.withComments(comments);
    }

    private void line(Cursor cursor) throws SyntaxException {
        Token at = cursor.peek();
        if (cursor.takeWord("schema")) {
            once(cursor, at, naming.schema().isEmpty());
            naming = naming.withSchema(cursor.string("the name of the schema in double quotes"));
        } else if (cursor.takeWords("tables", "begin", "with")) {
            once(cursor, at, naming.prefix().isEmpty());
            naming = naming.withPrefix(cursor.string("what their names begin with, in double quotes"));
        } else {
            DatabaseNaming.Rule rule = rule(cursor);
            once(cursor, at, !naming.has(rule));
            naming = naming.with(rule, true);
        }
        cursor.end();
    }

    private static void once(Cursor cursor, Token at, boolean first) throws SyntaxException {
        if (!first) {
            throw cursor.wrong(at, "this is said twice", "");
        }
    }

    private static DatabaseNaming.Rule rule(Cursor cursor) throws SyntaxException {
        for (DatabaseNaming.Rule rule : DatabaseNaming.Rule.values()) {
            if (cursor.takeWords(rule.words().split(" "))) {
                return rule;
            }
        }
        throw cursor.unexpected("'schema', 'tables begin with', "
                + Arrays.stream(DatabaseNaming.Rule.values())
                        .map(r -> "'" + r.words() + "'")
                        .collect(Collectors.joining(" or ")));
    }

    /** The name of a constraint or index, where one is given. */
    static String named(Cursor cursor) throws SyntaxException {
        return cursor.takeWord("named") ? filled(cursor, "the name in the database, in double quotes") : "";
    }

    private static String filled(Cursor cursor, String what) throws SyntaxException {
        Token at = cursor.peek();
        String text = cursor.string(what);
        if (text.isBlank()) {
            throw cursor.wrong(at, "the name is empty", what);
        }
        return text;
    }

    /** What stands behind {@code as}: the type of the column in one database. */
    static StorageNotes type(StorageNotes stored, Cursor cursor) throws SyntaxException {
        Token at = cursor.peek();
        String type = cursor.string("the type as the database writes it, in double quotes");
        if (!StorageNotes.isType(type)) {
            throw cursor.wrong(at, "this is no type of a column", "words, digits and brackets, such as \"citext\"");
        }
        cursor.words("in");
        Token database = cursor.peek();
        if (database.kind() != Token.Kind.WORD || !StorageNotes.DATABASES.contains(database.text())) {
            throw cursor.unexpected(String.join(", ", StorageNotes.DATABASES));
        }
        if (stored.types().containsKey(database.text())) {
            throw cursor.wrong(database, "its type in " + database.text() + " is said twice", "");
        }
        return stored.withType(cursor.next().text(), type);
    }

    /** A line below a relationship; empty when it says no names. */
    static Optional<Relationship> line(Relationship relationship, Cursor cursor) throws SyntaxException {
        Token at = cursor.peek();
        StorageNotes stored = relationship.notes().stored();
        StorageNotes said;
        if (cursor.takeWord("table")) {
            once(cursor, at, stored.name().isEmpty());
            said = stored.withName(filled(cursor, "the name of the join table in double quotes"));
        } else if (cursor.takeWord("column") || cursor.takeWord("columns")) {
            once(cursor, at, stored.columns().isEmpty());
            said = stored.withColumns(names(cursor, "the name of a column in double quotes"));
        } else if (cursor.takeWords("foreign", "key") || cursor.takeWords("foreign", "keys")) {
            once(cursor, at, stored.constraints().isEmpty());
            said = stored.withConstraints(names(cursor, "the name of a foreign key in double quotes"));
        } else {
            return Optional.empty();
        }
        return Optional.of(relationship.withNotes(relationship.notes().withStored(said)));
    }

    private static List<String> names(Cursor cursor, String what) throws SyntaxException {
        List<String> names = new ArrayList<>(List.of(filled(cursor, what)));
        while (cursor.takeSymbol(",")) {
            names.add(filled(cursor, what));
        }
        return names;
    }
}

package jasperwing.notation;

import jasperwing.model.EnumKept;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Notes;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Reads an enum, its values, and the lines below that say more of it and of them. A line that cannot be read leaves the others standing. */
final class EnumParser {
    private final List<Problem> problems;
    private final List<EnumValue> values = new ArrayList<>();
    private final Set<String> described = new HashSet<>();
    private String name = "";
    private Notes notes = Notes.NONE;

    EnumParser(List<Problem> problems) {
        this.problems = problems;
    }

    EnumType read(Outline.Statement statement) throws SyntaxException {
        Cursor cursor = statement.head().cursor();
        cursor.words("enum");
        name = cursor.name("the name of the enum");
        notes = Notes.of(statement.head().comments());
        Optional<EnumKept> kept = cursor.takeWords("kept", "as") ? Optional.of(kept(cursor)) : Optional.empty();
        cursor.symbol(":");
        do {
            String value = cursor.name("a value");
            values.add(new EnumValue(
                    value,
                    cursor.peek().kind() == Token.Kind.STRING ? cursor.next().text() : ""));
        } while (cursor.takeSymbol(","));
        cursor.end();
        statement.eachLine(problems, this::line);
        return new EnumType(name, kept, values, notes);
    }

    private static EnumKept kept(Cursor cursor) throws SyntaxException {
        for (EnumKept each : EnumKept.values()) {
            if (cursor.takeWords(each.words().split(" "))) {
                return each;
            }
        }
        throw cursor.unexpected("'a check', 'a type' or 'a table'");
    }

    private void line(Outline.Item item) throws SyntaxException {
        Cursor cursor = item.cursor();
        Token first = cursor.peek();
        if (first.kind() == Token.Kind.STRING) {
            notes = Merge.comments(notes.withDoc(cursor.next().text()), item.comments());
            cursor.end();
            return;
        }
        String value = cursor.name("one of its values, or what it means in double quotes");
        int index = indexOf(value);
        if (index < 0) {
            throw cursor.wrong(first, name + " has no value " + value, "one of its values");
        }
        if (described.contains(value)) {
            throw cursor.wrong(first, "more is said of " + value + " twice", "");
        }
        values.set(index, described(cursor, values.get(index), item));
        described.add(value);
    }

    private int indexOf(String value) {
        for (int i = 0; i < values.size(); i++) {
            if (values.get(i).name().equals(value)) {
                return i;
            }
        }
        return -1;
    }

    private static EnumValue described(Cursor cursor, EnumValue value, Outline.Item item) throws SyntaxException {
        boolean retired = false;
        Notes said = value.notes().withComments(item.comments());
        while (!cursor.atEnd()) {
            if (!retired && cursor.takeWord("retired")) {
                retired = true;
            } else if (said.was().isEmpty() && cursor.takeWord("was")) {
                said = said.withWas(cursor.name("the former name of the value"));
            } else if (said.doc().isEmpty() && cursor.peek().kind() == Token.Kind.STRING) {
                said = said.withDoc(cursor.next().text());
            } else {
                throw cursor.unexpected("'retired', 'was' or what it means in double quotes");
            }
        }
        return new EnumValue(value.name(), retired, said);
    }
}

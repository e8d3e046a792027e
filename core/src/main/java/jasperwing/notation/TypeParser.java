package jasperwing.notation;

import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.TypeAliases;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Reads a type: {@code text(40)}, {@code decimal(5,1)}, one or two words for a scalar, a declared name, or what SQL calls it. Aliases of one
 * word without numbers are left as names, since they may be declared; see {@link TypeAliases#resolved}.
 */
final class TypeParser {
    /** Longest first, so that {@code local timestamp} is not taken for the name {@code local}. */
    private static final List<Words> SCALARS = Arrays.stream(Scalar.values())
            .sorted(Comparator.comparing((Scalar s) -> -s.words().length()))
            .map(s -> new Words(s, s.words().split(" ")))
            .toList();

    private record Words(Scalar scalar, String[] words) {}

    private TypeParser() {}

    static Type read(Cursor cursor) throws SyntaxException {
        Token first = cursor.peek();
        if (first.kind() == Token.Kind.QUOTED_NAME) {
            return new Type.Named(cursor.next().text());
        }
        if (first.kind() != Token.Kind.WORD) {
            throw cursor.unexpected("a type such as text(40), int or timestamp");
        }
        if (first.text().equals("text") && !cursor.peek(1).isSymbol("(")) {
            cursor.next();
            return Type.of(Scalar.LONG_TEXT);
        }
        if (first.text().equals("text") || first.text().equals("decimal")) {
            cursor.next();
            return sized(cursor, first);
        }
        for (String words : TypeAliases.OF_WORDS) {
            if (cursor.takeSql(words)) {
                return TypeAliases.of(words, cursor.peek().isSymbol("(") ? numbers(cursor) : List.of())
                        .orElseThrow(() -> cursor.unexpected("a type such as text(40), int or timestamp"));
            }
        }
        if (cursor.peek(1).isSymbol("(")) {
            return alias(cursor);
        }
        for (Words each : SCALARS) {
            if (cursor.takeWords(each.words())) {
                return Type.of(each.scalar());
            }
        }
        return new Type.Named(cursor.next().text());
    }

    /** A type of SQL with numbers behind it. */
    private static Type alias(Cursor cursor) throws SyntaxException {
        Token word = cursor.next();
        return TypeAliases.of(word.text(), numbers(cursor))
                .orElseThrow(() -> cursor.wrong(
                        word,
                        "there is no type '" + word.text() + "' with numbers",
                        "a type such as text(40) or decimal(8,2)"));
    }

    private static List<String> numbers(Cursor cursor) throws SyntaxException {
        List<String> numbers = new ArrayList<>();
        cursor.symbol("(");
        do {
            numbers.add(String.valueOf(cursor.wholeNumber("a length, or digits and decimals")));
        } while (cursor.takeSymbol(","));
        cursor.symbol(")");
        return numbers;
    }

    private static Type sized(Cursor cursor, Token word) throws SyntaxException {
        List<Integer> numbers = new ArrayList<>();
        String form =
                word.text().equals("text") ? "a length, as in text(40)" : "digits and decimals, as in decimal(8,2)";
        if (!cursor.takeSymbol("(")) {
            throw cursor.unexpected(form);
        }
        do {
            numbers.add(cursor.wholeNumber(form));
        } while (cursor.takeSymbol(","));
        cursor.symbol(")");
        try {
            if (word.text().equals("text") && numbers.size() == 1) {
                return new Type.Text(numbers.get(0));
            }
            if (word.text().equals("decimal") && numbers.size() <= 2) {
                return new Type.Decimal(numbers.get(0), numbers.size() == 2 ? numbers.get(1) : 0);
            }
        } catch (IllegalArgumentException e) {
            throw cursor.wrong(word, e.getMessage(), "");
        }
        throw cursor.wrong(word, "too many numbers after '" + word.text() + "'", form);
    }
}

package jasperwing.notation;

import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** Reads a type: {@code text(40)}, {@code decimal(5,1)}, one or two words for a scalar, or a declared name. */
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
        if (first.text().equals("text") || first.text().equals("decimal")) {
            cursor.next();
            return sized(cursor, first);
        }
        for (Words each : SCALARS) {
            if (cursor.takeWords(each.words())) {
                return Type.of(each.scalar());
            }
        }
        return new Type.Named(cursor.next().text());
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

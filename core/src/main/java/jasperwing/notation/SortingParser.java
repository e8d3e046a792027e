package jasperwing.notation;

import jasperwing.model.SortKey;
import jasperwing.model.Sorting;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads the order of many: {@code in order of day, falling number} or {@code in an order kept in position}. */
final class SortingParser {
    private SortingParser() {}

    static Optional<Sorting> sorting(Cursor cursor, boolean many) throws SyntaxException {
        Token at = cursor.peek();
        boolean kept = cursor.takeWords("in", "an", "order", "kept", "in");
        boolean falling = !kept && cursor.takeWords("in", "falling", "order", "of");
        if (!kept && !falling && !cursor.takeWords("in", "order", "of")) {
            return Optional.empty();
        }
        if (!many) {
            throw cursor.wrong(at, "only many have an order", "");
        }
        return Optional.of(
                kept
                        ? Sorting.keptIn(cursor.name("the attribute that numbers them"))
                        : new Sorting(keys(cursor, falling), false));
    }

    /** @param falling whether those fall that do not say otherwise */
    private static List<SortKey> keys(Cursor cursor, boolean falling) throws SyntaxException {
        List<SortKey> keys = new ArrayList<>(List.of(key(cursor, falling)));
        while (cursor.peek().isSymbol(",") && !cursor.peek(1).isWord("which")) {
            cursor.next();
            Token at = cursor.peek();
            boolean falls = cursor.takeWord("falling") || !cursor.takeWord("rising") && falling;
            SortKey key = key(cursor, falls);
            if (keys.stream().anyMatch(k -> k.path().equals(key.path()))) {
                throw cursor.wrong(at, key.words() + " is said twice in this order", "");
            }
            keys.add(key);
        }
        return keys;
    }

    private static SortKey key(Cursor cursor, boolean falling) throws SyntaxException {
        List<String> path = new ArrayList<>(List.of(cursor.name("the attribute they are in order of")));
        while (cursor.peek().isSymbol(".") && cursor.peek(1).isName()) {
            cursor.next();
            path.add(cursor.name("the part they are in order of"));
        }
        return new SortKey(path, falling);
    }
}

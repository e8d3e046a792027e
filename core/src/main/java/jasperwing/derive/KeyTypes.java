package jasperwing.derive;

import jasperwing.model.Design;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.List;

/** What entities are keyed by, and whether the subjects of a one-of are keyed alike. */
public final class KeyTypes {
    private KeyTypes() {}

    /** The key type of each subject that has a key of one column; a generated number counts as a number. In their order. */
    public static List<Type> types(Design design, List<String> subjects) {
        KeyColumns keys = new KeyColumns(design, 0);
        return subjects.stream()
                .map(keys::of)
                .filter(k -> k.size() == 1)
                .map(k -> k.get(0).type())
                .map(KeyTypes::plain)
                .toList();
    }

    /** The types of the columns an entity is identified by, in order; a generated number counts as a number. */
    public static List<Type> keyOf(Design design, String entity) {
        return new KeyColumns(design, 0)
                .of(entity).stream().map(k -> plain(k.type())).toList();
    }

    private static Type plain(Type type) {
        return type.is(Scalar.SERIAL) ? Type.of(Scalar.BIG_INT) : type;
    }

    /** The type one id column needs: that of the keys when they agree, else text that holds any of them. */
    public static Type idType(Design design, List<String> subjects) {
        return alike(design, subjects) ? types(design, subjects).get(0) : Type.of(Scalar.LONG_TEXT);
    }

    /** Whether every subject has a key of one column and all are of one type. */
    public static boolean alike(Design design, List<String> subjects) {
        List<Type> types = types(design, subjects);
        return !types.isEmpty()
                && types.size() == subjects.size()
                && types.stream().allMatch(types.get(0)::equals);
    }
}

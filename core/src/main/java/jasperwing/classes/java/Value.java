package jasperwing.classes.java;

import jasperwing.formula.Kind;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A part of a formula as Java.
 *
 * @param guards conditions that are tested in order; where one holds there is nothing
 * @param code what there is otherwise: a {@code long} for whole numbers, a {@code double} for real ones, else an object
 */
record Value(List<String> guards, String code, Kind kind) {
    private static final String NOTHING = " == null";

    Value {
        guards = List.copyOf(guards);
    }

    static Value of(String code, Kind kind) {
        return new Value(List.of(), code, kind);
    }

    /** Something that has to be there before this one is. */
    static List<String> guards(List<Value> values) {
        LinkedHashSet<String> all = new LinkedHashSet<>();
        values.forEach(v -> all.addAll(v.guards()));
        return new ArrayList<>(all);
    }

    Value with(String newCode, Kind newKind) {
        return new Value(guards, newCode, newKind);
    }

    Value guarded(String guard) {
        List<String> more = new ArrayList<>(guards);
        more.add(guard);
        return new Value(more, code, kind);
    }

    /** When there is nothing, as a condition in one piece. */
    String isMissing() {
        return guards.isEmpty()
                ? "false"
                : guards.size() == 1 ? guards.get(0) : "(" + String.join(" || ", guards) + ")";
    }

    /** When there is something, as conditions that all hold. */
    String isThere() {
        return guards.isEmpty() ? "true" : guards.stream().map(Value::negated).collect(Collectors.joining(" && "));
    }

    private static String negated(String guard) {
        boolean plain = guard.endsWith(NOTHING) && guard.indexOf(' ') == guard.length() - NOTHING.length();
        return plain ? guard.substring(0, guard.length() - NOTHING.length()) + " != null" : "!(" + guard + ")";
    }

    /** When it is there and true. */
    String isTrue() {
        return guards.isEmpty() ? code : isThere() + " && " + code;
    }

    /** What there is, or null, to be assigned. */
    String orNull() {
        return guards.isEmpty() ? code : String.join(" || ", guards) + " ? null : " + code;
    }
}

package jasperwing.classes.java;

import java.util.ArrayList;
import java.util.List;

/** Where lines of Java may be broken; what binds the least is first. */
enum LineBreak {
    THROWS(true, " throws "),
    CHOICE(false, " ? ", " : ") {
        /** A colon alone is that of a loop. */
        @Override
        List<Integer> places(String text, BracketDepths depths, int depth) {
            List<Integer> places = super.places(text, depths, depth);
            return places.stream().anyMatch(p -> text.startsWith(" ? ", p)) ? places : List.of();
        }
    },
    EITHER(false, " || "),
    BOTH(false, " && "),
    SUM(true, " + "),
    CALL(true, ").") {
        @Override
        int offset() {
            return 1;
        }
    },
    COMMA(true, ", ") {
        @Override
        int offset() {
            return 1;
        }

        /** What is in the brackets can begin on a line of its own. */
        @Override
        List<Integer> places(String text, BracketDepths depths, int depth) {
            List<Integer> places = super.places(text, depths, depth);
            int first = places.isEmpty() ? -1 : opening(text, depths, places.get(0) - 1);
            if (first > 0) {
                places.add(0, first);
            }
            return places;
        }

        @Override
        boolean filled(String text, List<Integer> places) {
            return places.stream().noneMatch(p -> text.startsWith("@", p) || text.startsWith(" @", p));
        }
    };

    private final boolean filled;
    private final List<String> before;

    LineBreak(boolean filled, String... before) {
        this.filled = filled;
        this.before = List.of(before);
    }

    /** How far behind the start of what is looked for the line is cut. */
    int offset() {
        return 0;
    }

    /** Whether a line takes as much as it can hold; else each piece has one of its own. */
    boolean filled(String text, List<Integer> places) {
        return filled;
    }

    /** Where a text is cut at a depth, in order; nowhere when it has nothing of this. */
    List<Integer> places(String text, BracketDepths depths, int depth) {
        List<Integer> places = new ArrayList<>();
        for (int at = 1; at < text.length(); at++) {
            if (depths.depth(at) == depth && !depths.isText(at) && startsAny(text, at)) {
                places.add(at + offset());
            }
        }
        return places;
    }

    private boolean startsAny(String text, int at) {
        return before.stream().anyMatch(b -> text.startsWith(b, at));
    }

    /** Behind the bracket that is open before a place; -1 when there is none. */
    private static int opening(String text, BracketDepths depths, int at) {
        for (int i = at - 1; i >= 0; i--) {
            if (depths.depth(i) < depths.depth(at)) {
                return "({".indexOf(text.charAt(i)) >= 0 ? i + 1 : -1;
            }
        }
        return -1;
    }
}

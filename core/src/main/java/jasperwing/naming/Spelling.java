package jasperwing.naming;

import java.util.Collection;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;

/** Finds what a misspelled name was likely meant to be. */
public final class Spelling {
    private static final int SHORT = 3;
    private static final int LONG = 8;

    private Spelling() {}

    /** The name that differs least and by few letters; empty when none is near, and for short names. */
    public static Optional<String> nearest(String said, Collection<String> names) {
        int most = said.length() < SHORT ? 0 : said.length() < LONG ? 1 : 2;
        return names.stream()
                .filter(n -> !n.equalsIgnoreCase(said) && Math.abs(n.length() - said.length()) <= most)
                .filter(n -> distance(n.toLowerCase(Locale.ROOT), said.toLowerCase(Locale.ROOT)) <= most)
                .min(Comparator.comparingInt(n -> distance(n.toLowerCase(Locale.ROOT), said.toLowerCase(Locale.ROOT))));
    }

    /**
     * How many letters must be added, left out, changed or swapped with their neighbour to make one of the other: the optimal string alignment
     * distance (Damerau 1964, Levenshtein 1966).
     */
    static int distance(String one, String other) {
        int[][] cost = new int[one.length() + 1][other.length() + 1];
        for (int i = 0; i <= one.length(); i++) {
            for (int j = 0; j <= other.length(); j++) {
                if (i == 0 || j == 0) {
                    cost[i][j] = i + j;
                    continue;
                }
                int changed = cost[i - 1][j - 1] + (one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1);
                cost[i][j] = Math.min(changed, 1 + Math.min(cost[i - 1][j], cost[i][j - 1]));
                boolean swapped = i > 1
                        && j > 1
                        && one.charAt(i - 1) == other.charAt(j - 2)
                        && one.charAt(i - 2) == other.charAt(j - 1);
                if (swapped) {
                    cost[i][j] = Math.min(cost[i][j], cost[i - 2][j - 2] + 1);
                }
            }
        }
        return cost[one.length()][other.length()];
    }
}

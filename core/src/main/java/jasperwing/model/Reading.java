package jasperwing.model;

import java.util.Arrays;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * One direction of a relationship, as it is read aloud: <i>must belong to one Expedition as expedition</i>.
 *
 * @param must whether there has to be at least one
 * @param verb the words between must or may and one or many, such as {@code belong to}; single spaces
 * @param many whether there can be more than one
 * @param role what the far end is called from here, or empty when it follows from the far end's name
 */
public record Reading(boolean must, String verb, boolean many, String role) {
    private static final Set<String> COUNTS = Set.of("one", "many");
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}_'-]+");

    public Reading {
        Objects.requireNonNull(role);
        if (!isVerb(verb)) {
            throw new IllegalArgumentException(
                    "a verb is one or more words, none of them 'one' or 'many', but was '" + verb + "'");
        }
    }

    public static boolean isVerb(String text) {
        return !text.isEmpty()
                && Arrays.stream(text.split(" ", -1))
                        .allMatch(w -> WORD.matcher(w).matches() && !COUNTS.contains(w));
    }

    public Reading withMust(boolean nowMust) {
        return new Reading(nowMust, verb, many, role);
    }

    public Reading withMany(boolean nowMany) {
        return new Reading(must, verb, nowMany, role);
    }

    public Reading withVerb(String newVerb) {
        return new Reading(must, newVerb, many, role);
    }

    public Reading withRole(String newRole) {
        return new Reading(must, verb, many, newRole);
    }
}

package jasperwing.model;

import java.util.Arrays;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * One direction of a relationship, as it is read aloud: <i>must belong to one Expedition as expedition</i>.
 *
 * @param must whether there has to be at least one
 * @param verb the words between must or may and one or many, such as {@code belong to}; single spaces
 * @param many whether there can be more than one
 * @param role what the far end is called from here, or empty when it follows from the far end's name
 * @param was the role it had where it has not been changed yet, or empty
 * @param sorting the order in which many are read; empty when any will do, and for one
 * @param most how many there can be of many, at least 2; 0 for any number, and for one
 */
public record Reading(
        boolean must, String verb, boolean many, String role, String was, Optional<Sorting> sorting, int most) {
    private static final Set<String> COUNTS = Set.of("one", "many");
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}_'-]+");

    public Reading {
        Objects.requireNonNull(role);
        if (role.isEmpty() && !was.isEmpty()) {
            throw new IllegalArgumentException(
                    "a role that is not said has no former name, but was given '" + was + "'");
        }
        if (!isVerb(verb)) {
            throw new IllegalArgumentException(
                    "a verb is one or more words, none of them 'one' or 'many', but was '" + verb + "'");
        }
        if (most < 0 || most == 1 || most > 0 && !many) {
            throw new IllegalArgumentException("at most 2 or more there can be of many, but it was " + most);
        }
        if (!many && sorting.isPresent()) {
            throw new IllegalArgumentException("one thing has no order, but was to be in order of "
                    + sorting.get().keys().get(0).words());
        }
    }

    /** A reading of any number of things. */
    public Reading(boolean must, String verb, boolean many, String role, String was, Optional<Sorting> sorting) {
        this(must, verb, many, role, was, sorting, 0);
    }

    /** A reading of things in any order. */
    public Reading(boolean must, String verb, boolean many, String role) {
        this(must, verb, many, role, "", Optional.empty());
    }

    public static boolean isVerb(String text) {
        return !text.isEmpty()
                && Arrays.stream(text.split(" ", -1))
                        .allMatch(w -> WORD.matcher(w).matches() && !COUNTS.contains(w));
    }

    public Reading withMust(boolean nowMust) {
        return new Reading(nowMust, verb, many, role, was, sorting, most);
    }

    public Reading withMany(boolean nowMany) {
        return new Reading(must, verb, nowMany, role, was, sorting.filter(o -> nowMany), nowMany ? most : 0);
    }

    public Reading withVerb(String newVerb) {
        return new Reading(must, newVerb, many, role, was, sorting, most);
    }

    public Reading withRole(String newRole) {
        return new Reading(must, verb, many, newRole, newRole.isEmpty() ? "" : was, sorting, most);
    }

    public Reading withWas(String formerRole) {
        return new Reading(must, verb, many, role, formerRole, sorting, most);
    }

    public Reading withSorting(Optional<Sorting> newSorting) {
        return new Reading(must, verb, many, role, was, newSorting, most);
    }

    /** @param newMost at least 2; 0 for any number */
    public Reading withMost(int newMost) {
        return new Reading(must, verb, many, role, was, sorting, newMost);
    }

    /** How many there can be, as the notation says it: {@code one}, {@code many} or {@code at most 8}. */
    public String count() {
        return most > 0 ? "at most " + most : many ? "many" : "one";
    }
}

package jasperwing.weigh;

import java.util.Objects;

/** Something a way gives or costs, in a few words. */
public record Fact(Weight weight, String text) {
    /** How it weighs. */
    public enum Weight {
        /** What one would want. */
        GOOD,
        /** What is paid for it. */
        COST,
        /** What it lacks. */
        LACK
    }

    public Fact {
        Objects.requireNonNull(weight);
        Objects.requireNonNull(text);
    }

    static Fact good(String text) {
        return new Fact(Weight.GOOD, text);
    }

    static Fact cost(String text) {
        return new Fact(Weight.COST, text);
    }

    static Fact lack(String text) {
        return new Fact(Weight.LACK, text);
    }

    /** Good where it holds, else a lack. */
    static Fact of(boolean good, String whenGood, String otherwise) {
        return good ? good(whenGood) : lack(otherwise);
    }
}

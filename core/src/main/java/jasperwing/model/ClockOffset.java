package jasperwing.model;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A day or a moment so long after or before a row is written: {@code today + 14 days}, {@code now - 2 hours}.
 *
 * @param today whether it is a day; else a moment
 * @param amount of the unit; negative for before
 */
public record ClockOffset(boolean today, int amount, Unit unit) {
    /** What time is counted in. */
    public enum Unit {
        MINUTE,
        HOUR,
        DAY,
        WEEK,
        MONTH,
        YEAR;

        /** As one of them is called. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** Whether days are made of it, so that it can be added to one. */
        public boolean isOfDays() {
            return compareTo(DAY) >= 0;
        }

        /** By the word for one or for several; empty for any other word. */
        public static Optional<Unit> of(String word) {
            return Arrays.stream(values())
                    .filter(u -> word.equals(u.word()) || word.equals(u.word() + "s"))
                    .findFirst();
        }
    }

    private static final Pattern WRITTEN = Pattern.compile("(now|today) ([+-]) (\\d{1,9}) (\\w+)");

    /** Reads what {@link #text} writes; empty for any other text. */
    public static Optional<ClockOffset> of(String text) {
        Matcher written = WRITTEN.matcher(text);
        return written.matches()
                ? Unit.of(written.group(4))
                        .map(u -> new ClockOffset(
                                written.group(1).equals("today"),
                                Integer.parseInt(written.group(2) + written.group(3)),
                                u))
                : Optional.empty();
    }

    /** As the notation writes it. */
    public String text() {
        return (today ? "today" : "now") + (amount < 0 ? " - " : " + ") + length();
    }

    /** How long, whichever way: {@code 14 days}. */
    public String length() {
        return Math.abs(amount) + " " + unit.word() + (Math.abs(amount) == 1 ? "" : "s");
    }
}

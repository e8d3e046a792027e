package jasperwing.findings;

import java.util.Locale;

/** How bad a finding is. */
public enum Level {
    /** Will not work. */
    ERROR,
    /** Works, and will hurt. */
    WARNING;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}

package jasperwing.findings;

import java.util.Locale;

/** How bad a finding is. */
public enum Level {
    /** Will not work. */
    FAULT,
    /** Works, and will hurt. */
    CAUTION;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}

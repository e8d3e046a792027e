package jasperwing.model;

import java.util.Locale;

/** The five quiet colours an area can have. */
public enum AreaColor {
    MOSS,
    SEA,
    OCHRE,
    PLUM,
    SLATE;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}

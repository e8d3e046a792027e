package jasperwing.model;

import java.util.Locale;

/** The quiet colours an area can have. Also those who see no red or no green can tell any two apart. */
public enum AreaColor {
    MOSS,
    SEA,
    OCHRE,
    PLUM,
    SLATE,
    UMBER,
    INDIGO,
    FERN,
    ROSE;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}

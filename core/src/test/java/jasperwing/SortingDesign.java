package jasperwing;

import jasperwing.model.Design;

/** A design whose many come in all kinds of orders. */
public final class SortingDesign {
    public static final Design CHOIR = Samples.design(
            "value Address",
            "  town text(40)",
            "  street text(60)?",
            "trait Dated",
            "  joined date",
            "entity Person",
            "  id int key",
            "  familyName text(40)",
            "entity Singer is a kind of Person with Dated",
            "  home Address?",
            "entity Choir",
            "  id int key",
            "entity Tour",
            "  id int key",
            "entity Concert",
            "  id int key",
            "entity Song",
            "  id int key",
            "  title text(40)",
            "entity Slot",
            "  key (concert, song)",
            "  place small int",
            "  encore boolean default false",
            "entity Verse",
            "  id int key",
            "  number int",
            "  words text(80)",
            "each Choir may have many Singer as singers in order of familyName, falling joined, which must sing in one Choir as choir",
            "each Tour may take many Singer as singers in falling order of home.town, rising joined, which may go on many Tour as tours",
            "each Concert may open with many Song as songs in an order kept in place via Slot, which may be sung at many Concert as concerts in order of encore, falling id",
            "each Song may have many Verse as verses in an order kept in number, which must be of one Song as song");

    private SortingDesign() {}
}

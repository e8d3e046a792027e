package jasperwing.notation;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Relationship;
import java.util.LinkedHashMap;
import java.util.Map;

/** Which entity's rows point to which, for the rules on deleting. */
final class Holders {
    private Holders() {}

    /** From an entity that is pointed to, to the one that points; in the order of the sentence. */
    static Map<String, String> of(Relationship relationship) {
        Map<String, String> holders = new LinkedHashMap<>();
        relationship.visit(
                tie -> put(holders, tie), oneOf -> oneOf.subjects().forEach(s -> holders.put(s, oneOf.from())));
        return holders;
    }

    private static void put(Map<String, String> holders, BinaryRelationship tie) {
        switch (tie.shape()) {
            case LINKED -> {
                holders.put(tie.from(), tie.via());
                holders.put(tie.to(), tie.via());
            }
            case MANY_TO_MANY -> {
                holders.put(tie.from(), tie.to());
                holders.put(tie.to(), tie.from());
            }
            default -> holders.put(tie.parent(), tie.holder());
        }
    }
}

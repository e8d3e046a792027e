package jasperwing.notation;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Relationship;
import java.util.LinkedHashMap;
import java.util.Map;

/** Which entity's rows point to which, for the rules on deleting. */
final class ReferenceHolders {
    private ReferenceHolders() {}

    /** From an entity that is pointed to, to the one that points; in the order of the sentence. */
    static Map<String, String> of(Relationship relationship) {
        Map<String, String> holders = new LinkedHashMap<>();
        relationship.visit(
                binary -> put(holders, binary), oneOf -> oneOf.subjects().forEach(s -> holders.put(s, oneOf.from())));
        return holders;
    }

    private static void put(Map<String, String> holders, BinaryRelationship binary) {
        switch (binary.shape()) {
            case LINKED -> {
                holders.put(binary.from(), binary.via());
                holders.put(binary.to(), binary.via());
            }
            case MANY_TO_MANY -> {
                holders.put(binary.from(), binary.to());
                holders.put(binary.to(), binary.from());
            }
            default -> holders.put(binary.parent(), binary.holder());
        }
    }
}

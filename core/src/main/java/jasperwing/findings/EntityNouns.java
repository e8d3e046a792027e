package jasperwing.findings;

import java.util.List;

/** Names in sentences. */
final class EntityNouns {
    /** A sentence with more names is not read. */
    private static final int MOST = 8;

    private EntityNouns() {}

    /** The names in their order; of many the first and how many more there are. */
    static String all(List<String> names) {
        return names.size() <= MOST
                ? String.join(", ", names)
                : String.join(", ", names.subList(0, MOST)) + " and " + (names.size() - MOST) + " more";
    }
}

package jasperwing.model;

import java.util.List;

/**
 * What designs that become of each other by edits hand on, so that what an edit has left as it was is not found out anew. Safe for several
 * threads.
 */
final class DerivationCache {
    private final ResolvedEntities wholes = new ResolvedEntities();
    private volatile Relations last = Relations.NONE;

    Design whole(Design design) {
        return wholes.of(design);
    }

    /** The same instance as long as the list of relationships is. */
    Relations relations(List<Relationship> relationships) {
        Relations known = last;
        if (known.all() != relationships) {
            known = known.then(relationships);
            last = known;
        }
        return known;
    }
}

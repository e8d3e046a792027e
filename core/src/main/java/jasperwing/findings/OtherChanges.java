package jasperwing.findings;

import java.util.Collections;
import java.util.Set;

/**
 * What has changed besides an entity.
 *
 * @param aspects of the design
 * @param near the entities a changed one can be reached from within {@link RouteRules#LONGEST} references
 * @param beside the entities that refer to a changed one or that a changed one refers to
 */
record OtherChanges(Set<Aspect> aspects, Set<String> near, Set<String> beside) {
    /** With these entities changed. */
    static OtherChanges of(Checked checked, Set<Aspect> aspects, Set<String> entities) {
        return new OtherChanges(
                aspects, RouteRules.near(checked, entities), StoredTwiceRules.beside(checked, entities));
    }

    boolean changed(Aspect aspect) {
        return aspects.contains(aspect);
    }

    /** Whether any of these has changed. */
    boolean changed(Set<Aspect> any) {
        return !Collections.disjoint(aspects, any);
    }
}

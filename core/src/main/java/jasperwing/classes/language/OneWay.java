package jasperwing.classes.language;

import jasperwing.classes.Association;
import jasperwing.classes.ModelClass;
import jasperwing.formula.Formula;
import jasperwing.formula.Term;
import jasperwing.naming.Step;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Classes that know each other only where the key is. */
final class OneWay {
    private static final Set<Step.Way> FORWARD =
            EnumSet.of(Step.Way.REFERENCE, Step.Way.LINKED_FROM, Step.Way.LINKED_TO);

    private OneWay() {}

    static ModelClass of(ModelClass both) {
        return new ModelClass(
                both.entity(),
                both.name(),
                both.table(),
                both.properties(),
                both.computed().stream().filter(c -> isForward(c.formula())).toList(),
                both.rules().stream().filter(r -> isForward(r.formula())).toList(),
                both.associations().stream().flatMap(OneWay::forward).toList(),
                both.subjectOf(),
                both.hierarchy());
    }

    /** Whether what is computed looks at nothing that only the other end knows. */
    private static boolean isForward(Formula formula) {
        return formula.term()
                .all()
                .noneMatch(t -> t instanceof Term.Aggregate
                        || t instanceof Term.Member m && m.steps().stream().anyMatch(s -> !FORWARD.contains(s.way())));
    }

    private static Stream<Association> forward(Association association) {
        if (association instanceof Association.ToOne one) {
            return Stream.of(forward(one));
        }
        if (association instanceof Association.Joined joined) {
            return Stream.of(new Association.Joined(
                    joined.name(),
                    joined.target(),
                    joined.table(),
                    joined.here(),
                    joined.there(),
                    Optional.empty(),
                    joined.onDelete(),
                    joined.order(),
                    joined.most()));
        }
        if (association instanceof Association.OneOfEach each) {
            List<Association.ToOne> subjects =
                    each.subjects().stream().map(OneWay::forward).toList();
            return Stream.of(
                    new Association.OneOfEach(each.name(), subjects, each.outside(), each.must(), Optional.empty()));
        }
        boolean back = association instanceof Association.Inverse
                || association instanceof Association.JoinedInverse
                || association instanceof Association.ThroughLink;
        return back ? Stream.empty() : Stream.of(association);
    }

    private static Association.ToOne forward(Association.ToOne one) {
        return new Association.ToOne(
                one.name(),
                one.target(),
                one.foreignKey(),
                one.must(),
                one.unique(),
                one.key(),
                Optional.empty(),
                one.doc());
    }
}

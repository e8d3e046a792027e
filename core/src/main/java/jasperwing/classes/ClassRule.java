package jasperwing.classes;

import jasperwing.formula.Formula;
import jasperwing.formula.Term;
import jasperwing.model.Expression;
import jasperwing.naming.Step;
import java.util.List;
import java.util.Optional;

/**
 * A condition that every object of a class fulfils.
 *
 * @param name as that of a member, such as {@code endAfterItStarts}
 * @param message what is said of an object that breaks it, such as {@code must end after it starts}
 * @param condition as the design states it
 * @param formula the condition, which is sound; an object for which it gives nothing fulfils it
 * @param inherited whether it is stated of what the class is a kind of
 */
public record ClassRule(String name, String message, Expression condition, Formula formula, boolean inherited) {
    /**
     * That what a reference leads to leads on to what another reference leads to, such as {@code berth.harbour is harbour}.
     *
     * @param reference {@code berth}
     * @param further {@code harbour} of a berth
     * @param same {@code harbour} of the object itself
     */
    public record Agreement(Step reference, Step further, Step same) {}

    /** What it says of two routes; empty where it says something else, or of longer routes. */
    public Optional<Agreement> agreement() {
        if (!(condition instanceof Expression.Call call) || !call.function().equals("is")) {
            return Optional.empty();
        }
        List<Integer> lengths = call.names().map(n -> n.path().size()).toList();
        List<Term.Member> ends = formula.term()
                .all()
                .filter(Term.Member.class::isInstance)
                .map(Term.Member.class::cast)
                .limit(2)
                .toList();
        int longer = lengths.indexOf(2);
        if (longer < 0 || !lengths.contains(1)) {
            return Optional.empty();
        }
        List<Step> far = ends.get(longer).steps();
        return Optional.of(new Agreement(
                far.get(0), far.get(1), ends.get(1 - longer).steps().get(0)));
    }
}

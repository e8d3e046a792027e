package jasperwing.formula;

import jasperwing.model.Attribute;
import jasperwing.model.Literal;
import jasperwing.model.Type;
import jasperwing.naming.Step;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How messages name the parts of a formula: {@code name (a text) and 3 (a whole number)}. */
final class TermWords {
    private TermWords() {}

    /** All of them. */
    static String of(List<Term> terms) {
        List<String> each = terms.stream().map(TermWords::of).toList();
        int last = each.size() - 1;
        return last < 1 ? String.join("", each) : String.join(", ", each.subList(0, last)) + " and " + each.get(last);
    }

    /** An attribute with the roles that lead to it, or what is written, with its type; the type alone of what is computed. */
    static String of(Term term) {
        return term.match(
                constant -> constant.kind() == Kind.NOTHING
                        ? "null"
                        : literal(constant.literal()) + " (" + constant.kind().words() + ")",
                member -> path(member) + " (" + type(member) + ")",
                apply -> apply.kind().words(),
                aggregate -> aggregate.kind().words());
    }

    private static String literal(Literal literal) {
        return literal.kind() == Literal.Kind.TEXT ? "\"" + literal.text() + "\"" : literal.text();
    }

    static String path(Term.Member member) {
        return Stream.concat(
                        member.steps().stream().map(Step::name),
                        member.path().stream().map(Attribute::name))
                .collect(Collectors.joining("."));
    }

    /** What a formula does not count with is told by what it is. */
    static String type(Term.Member member) {
        if (member.kind() != Kind.OTHER) {
            return member.kind().words();
        }
        if (member.path().stream().anyMatch(Attribute::list)) {
            return "a list";
        }
        return member.leaf().type() instanceof Type.Plain plain
                ? "of type " + plain.scalar().words()
                : "a value of several parts";
    }
}

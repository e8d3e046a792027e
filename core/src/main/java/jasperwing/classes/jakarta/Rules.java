package jasperwing.classes.jakarta;

import jasperwing.derive.Literals;
import jasperwing.model.Attribute;
import jasperwing.model.Literal;
import jasperwing.model.Range;
import jasperwing.model.Type;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the values of an attribute have to keep to, as Jakarta Validation says it. */
final class Rules {
    static final Annotation NOT_NULL = Annotation.rule("NotNull");
    static final Annotation VALID = new Annotation("jakarta.validation", "Valid", Map.of());

    private Rules() {}

    /** All but whether there must be one. */
    static List<Annotation> of(Attribute attribute) {
        List<Annotation> all = new ArrayList<>();
        size(attribute).ifPresent(all::add);
        if (Literals.textConstraintFits(attribute)
                && !attribute.textConstraint().matching().isEmpty()) {
            all.add(Annotation.rule("Pattern")
                    .with("regexp", attribute.textConstraint().matching()));
        }
        if (attribute.type().isNumeric() && !attribute.list()) {
            attribute
                    .range()
                    .filter(r -> Literals.rangeFits(attribute.type(), r))
                    .ifPresent(r -> all.addAll(bounds(attribute.type(), r)));
        }
        return all;
    }

    private static Optional<Annotation> size(Attribute attribute) {
        Annotation size = Annotation.rule("Size");
        Optional<Integer> over = Literals.textConstraintFits(attribute)
                ? attribute.textConstraint().longerThan()
                : Optional.empty();
        if (over.isPresent()) {
            size = size.with("min", over.get() + 1);
        }
        if (attribute.type() instanceof Type.Text text && !attribute.list()) {
            size = size.with("max", text.length());
        }
        return Optional.of(size).filter(s -> !s.members().isEmpty());
    }

    private static List<Annotation> bounds(Type type, Range range) {
        boolean whole = type instanceof Type.Plain plain && plain.scalar().isInteger();
        List<Annotation> bounds = new ArrayList<>();
        range.from().ifPresent(l -> bounds.add(bound(whole, "Min", l)));
        range.to().ifPresent(l -> bounds.add(bound(whole, "Max", l)));
        return bounds;
    }

    private static Annotation bound(boolean whole, String end, Literal literal) {
        boolean integer = whole && !literal.text().contains(".");
        return integer
                ? Annotation.rule(end).with("value", new BigDecimal(literal.text()))
                : Annotation.rule("Decimal" + end).with("value", literal.text());
    }
}

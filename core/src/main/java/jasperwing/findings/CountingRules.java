package jasperwing.findings;

import jasperwing.derive.Literals;
import jasperwing.dialect.Dialect;
import jasperwing.model.Attribute;
import jasperwing.model.Counting;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Members;
import jasperwing.model.Range;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Numbers that the database counts up otherwise than is said, or not at all. */
final class CountingRules {
    private CountingRules() {}

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        Dialect dialect = checked.dialect();
        for (Attribute attribute : entity.attributes()) {
            Counting counting = attribute.counting();
            boolean serial = attribute.type().is(Scalar.SERIAL) && !attribute.list();
            if (!serial && !counting.isUsual()) {
                found.accept(noSerial(entity, attribute));
            }
            if (!serial) {
                continue;
            }
            if (!countsUp(checked, entity, attribute)) {
                found.accept(notCounted(entity, attribute, dialect));
            } else if (!entity.outside()) {
                otherwise(entity, attribute, dialect).ifPresent(found);
            }
            if (!entity.outside()) {
                refused(entity, attribute, dialect).ifPresent(found);
            }
        }
    }

    private static Finding noSerial(Entity entity, Attribute attribute) {
        return new Finding(
                Rule.COUNTED_OTHERWISE,
                Subject.of(entity.name(), attribute.name()),
                name(entity, attribute) + " is counted " + attribute.counting().words() + ", and is no serial.",
                "Nothing counts it up.",
                Stream.concat(
                                Stream.of(change(
                                        entity,
                                        attribute,
                                        "Let it not be counted",
                                        a -> a.withCounting(Counting.BY_ONE))),
                                canBeCounted(attribute)
                                        ? Stream.of(change(
                                                entity,
                                                attribute,
                                                "Make it a serial",
                                                a -> a.withType(Type.of(Scalar.SERIAL))))
                                        : Stream.empty())
                        .toList());
    }

    /** Whether a serial can be what it is besides. */
    private static boolean canBeCounted(Attribute attribute) {
        return attribute.type() instanceof Type.Plain plain
                && plain.scalar().isInteger()
                && !attribute.list()
                && attribute.stamp().isEmpty()
                && attribute.defaultValue().isEmpty();
    }

    /** Some databases count up what is the key alone. */
    private static boolean countsUp(Checked checked, Entity entity, Attribute attribute) {
        return checked.dialect().counters().besideKey()
                || entity.outside()
                || entity.key().names().equals(List.of(attribute.name()));
    }

    private static Finding notCounted(Entity entity, Attribute attribute, Dialect dialect) {
        return new Finding(
                Rule.NOT_COUNTED_UP,
                Subject.of(entity.name(), attribute.name()),
                name(entity, attribute) + " is a serial, and not the key alone.",
                dialect.title() + " counts up nothing but a key of one column; every row must be given its number.",
                List.of(
                        change(entity, attribute, "Make it a big int", a -> a.withType(Type.of(Scalar.BIG_INT))
                                .withCounting(Counting.BY_ONE)),
                        new Fix(
                                "Let it be the key alone",
                                EntityEdits.change(entity.name(), e -> e.withKey(Members.of(attribute.name()))))));
    }

    private static Optional<Finding> otherwise(Entity entity, Attribute attribute, Dialect dialect) {
        Counting said = attribute.counting();
        Counting kept = kept(said, dialect);
        if (said.equals(kept)) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                Rule.COUNTED_OTHERWISE,
                Subject.of(entity.name(), attribute.name()),
                name(entity, attribute) + " is to be counted " + said.words() + ", and " + dialect.title()
                        + " counts it " + words(kept) + ".",
                dialect.counters().start()
                        ? "How far apart numbers are is a setting of its server, for all tables."
                        : "A table cannot say what its numbers begin with, or how far apart they are.",
                List.of(change(entity, attribute, "Count it " + words(kept), a -> a.withCounting(kept)))));
    }

    private static Counting kept(Counting said, Dialect dialect) {
        return new Counting(
                dialect.counters().start() ? said.start() : Counting.BY_ONE.start(),
                dialect.counters().step() ? said.step() : Counting.BY_ONE.step());
    }

    private static String words(Counting counting) {
        return "from " + counting.start() + " by " + counting.step();
    }

    /** A range is checked of what is counted as well. */
    private static Optional<Finding> refused(Entity entity, Attribute attribute, Dialect dialect) {
        Counting counting = kept(attribute.counting(), dialect);
        Optional<Long> least = attribute
                .range()
                .filter(r -> Literals.rangeFits(attribute.type(), r))
                .flatMap(Range::from)
                .map(l -> new BigDecimal(l.text()).longValue())
                .filter(l -> l > counting.start());
        return least.map(from -> new Finding(
                Rule.COUNTED_FROM_BELOW,
                Subject.of(entity.name(), attribute.name()),
                name(entity, attribute) + " must be at least " + from + ", and is counted from " + counting.start()
                        + ".",
                "The database refuses the first rows, whose numbers it has made itself.",
                List.of(
                        change(entity, attribute, "Count it from " + from, a -> a.withRange(Optional.empty())
                                .withCounting(new Counting(from, a.counting().step()))),
                        change(entity, attribute, "Remove the range", a -> a.withRange(Optional.empty())))));
    }

    private static String name(Entity entity, Attribute attribute) {
        return entity.name() + "'s " + attribute.name();
    }

    private static Fix change(Entity entity, Attribute attribute, String title, UnaryOperator<Attribute> change) {
        return new Fix(title, EntityEdits.changeAttribute(entity.name(), attribute.name(), change));
    }
}

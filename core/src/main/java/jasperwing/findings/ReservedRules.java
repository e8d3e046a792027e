package jasperwing.findings;

import jasperwing.classes.language.Language;
import jasperwing.classes.targets.Languages;
import jasperwing.derive.PhysicalNames;
import jasperwing.dialect.Dialect;
import jasperwing.formula.Renaming;
import jasperwing.model.Attribute;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Type;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** Names that a database or a language keeps for itself. */
final class ReservedRules {
    private ReservedRules() {}

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        Dialect dialect = checked.dialect();
        String table = PhysicalNames.wantedTable(checked.design(), entity);
        if (!entity.outside() && dialect.reserved().contains(table)) {
            found.accept(table(entity, table, dialect));
        }
        for (Attribute attribute : entity.attributes()) {
            boolean column = !attribute.list() && !entity.outside() && !isValue(checked, attribute);
            (column ? column(checked, entity, attribute) : Optional.<Finding>empty())
                    .or(() -> property(entity, attribute))
                    .ifPresent(found);
        }
    }

    private static Finding table(Entity entity, String table, Dialect dialect) {
        String free = "all_" + table;
        return new Finding(
                Rule.RESERVED_WORD,
                Subject.of(entity.name()),
                entity.name() + " is kept in a table " + table + ", a word " + dialect.title() + " keeps for itself.",
                "It must be quoted in every hand-written statement.",
                List.of(new Fix(
                        "Keep it in a table " + free,
                        EntityEdits.change(
                                entity.name(), e -> e.withNotes(e.notes().withPhysical(free))))));
    }

    /** Whether it is kept in columns named after the parts of its type. */
    private static boolean isValue(Checked checked, Attribute attribute) {
        return attribute.type() instanceof Type.Named named
                && checked.design().value(named.name()).isPresent();
    }

    private static Optional<Finding> column(Checked checked, Entity entity, Attribute attribute) {
        Dialect dialect = checked.dialect();
        String column = PhysicalNames.wantedColumn(checked.design(), entity, attribute);
        if (dialect.reserved().contains(column)) {
            String free = Words.snake(Plurals.singular(entity.name())) + "_" + column;
            return Optional.of(new Finding(
                    Rule.RESERVED_WORD,
                    Subject.of(entity.name(), attribute.name()),
                    entity.name() + "'s " + attribute.name() + " is kept in a column " + column + ", a word "
                            + dialect.title() + " keeps for itself.",
                    "It must be quoted in every hand-written statement.",
                    List.of(new Fix(
                            "Keep it in a column " + free,
                            EntityEdits.changeAttribute(
                                    entity.name(),
                                    attribute.name(),
                                    a -> a.withNotes(a.notes().withPhysical(free)))))));
        }
        return Optional.empty();
    }

    private static Optional<Finding> property(Entity entity, Attribute attribute) {
        return Languages.all().stream()
                .filter(l -> l.isReserved(attribute.name()))
                .findFirst()
                .map(l -> property(entity, attribute, l));
    }

    private static Finding property(Entity entity, Attribute attribute, Language language) {
        String free = Words.camel(Plurals.singular(entity.name())) + Words.pascal(attribute.name());
        return new Finding(
                Rule.RESERVED_WORD,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " is a word " + language.title() + " keeps for itself.",
                "The class calls it " + language.memberName(attribute.name()) + " instead, which nobody will guess.",
                List.of(new Fix("Rename it " + free, Renaming.attribute(entity.name(), attribute.name(), free))));
    }
}

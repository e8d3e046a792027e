package jasperwing.findings;

import jasperwing.derive.PhysicalNames;
import jasperwing.dialect.Dialect;
import jasperwing.formula.Renaming;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Consumer;

/** Names that databases and languages cannot take as they are, or that say something else than they mean. */
final class NamingRules {
    /** Of the name a long one is shortened to; what follows is left for keys and indexes that are named after it. */
    private static final int SHORT = 24;

    private NamingRules() {}

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        Dialect dialect = checked.dialect();
        if (!entity.outside()) {
            tooLong(checked, entity, found);
        }
        if (!isUsable(entity.name())) {
            found.accept(unusable(checked.design(), entity));
        }
        if (Plurals.isPlural(entity.name())) {
            plural(checked.design(), entity, found);
        }
        for (Attribute attribute : entity.attributes()) {
            if (!isUsable(attribute.name())) {
                found.accept(unusable(entity, attribute));
            }
        }
    }

    private static void tooLong(Checked checked, Entity entity, Consumer<Finding> found) {
        Dialect dialect = checked.dialect();
        String table = PhysicalNames.wantedTable(checked.design(), entity);
        if (isTooLong(table, dialect)) {
            String shorter = shortened(table);
            found.accept(tooLong(
                    Subject.of(entity.name()),
                    entity.name() + "'s table",
                    dialect,
                    new Fix(
                            "Keep it in a table " + shorter,
                            EntityEdits.change(
                                    entity.name(), e -> e.withNotes(e.notes().withPhysical(shorter))))));
        }
        for (Attribute attribute : entity.attributes()) {
            String column = PhysicalNames.wantedColumn(checked.design(), entity, attribute);
            if (isTooLong(column, dialect)) {
                String shorter = shortened(column);
                found.accept(tooLong(
                        Subject.of(entity.name(), attribute.name()),
                        entity.name() + "'s column for " + Identifiers.fit(attribute.name(), 40),
                        dialect,
                        new Fix(
                                "Keep it in a column " + shorter,
                                EntityEdits.changeAttribute(
                                        entity.name(),
                                        attribute.name(),
                                        a -> a.withNotes(a.notes().withPhysical(shorter))))));
            }
        }
    }

    private static boolean isTooLong(String name, Dialect dialect) {
        int limit = dialect.nameLimit();
        return limit > 0 && name.length() > limit / 3 && name.getBytes(StandardCharsets.UTF_8).length > limit;
    }

    private static String shortened(String name) {
        return Identifiers.fit(name, SHORT);
    }

    private static Finding tooLong(Subject subject, String what, Dialect dialect, Fix fix) {
        return new Finding(
                Rule.NAME_TOO_LONG,
                subject,
                what + " would have a longer name than " + dialect.title() + " takes.",
                "The name is truncated and gets a hash suffix.",
                List.of(fix));
    }

    /** Whether a word of code can begin with it. */
    private static boolean isUsable(String name) {
        char first = name.charAt(0);
        if (first >= 'a' && first <= 'z' || first >= 'A' && first <= 'Z') {
            return true;
        }
        String snake = Words.snake(name);
        return !snake.isEmpty() && Character.isJavaIdentifierStart(snake.codePointAt(0));
    }

    private static String usable(String kind, String name) {
        return kind + Words.pascal(name);
    }

    private static Finding unusable(Design design, Entity entity) {
        String name = usable("The", entity.name());
        boolean free = !name.equals("The") && design.entity(name).isEmpty();
        return new Finding(
                Rule.NAME_NOT_USABLE,
                Subject.of(entity.name()),
                "No class can be called " + entity.name() + ".",
                "The generated name differs from the one in the design.",
                free ? List.of(new Fix("Rename it " + name, EntityEdits.rename(entity.name(), name))) : List.of());
    }

    private static Finding unusable(Entity entity, Attribute attribute) {
        String name = usable("the", attribute.name());
        boolean free = !name.equals("the") && entity.attribute(name).isEmpty();
        return new Finding(
                Rule.NAME_NOT_USABLE,
                Subject.of(entity.name(), attribute.name()),
                "No property of " + entity.name() + " can be called " + attribute.name() + ".",
                "The generated name differs from the one in the design.",
                free
                        ? List.of(
                                new Fix("Rename it " + name, Renaming.attribute(entity.name(), attribute.name(), name)))
                        : List.of());
    }

    private static void plural(Design design, Entity entity, Consumer<Finding> found) {
        String one = Plurals.singular(entity.name());
        List<Fix> fixes = design.entity(one).isPresent()
                ? List.of()
                : List.of(new Fix("Rename it " + one, EntityEdits.rename(entity.name(), one)));
        found.accept(new Finding(
                Rule.PLURAL_ENTITY,
                Subject.of(entity.name()),
                entity.name() + " is the name of several, and an entity is named after one.",
                "Sentences and classes would speak of each " + entity.name() + ".",
                fixes));
    }
}

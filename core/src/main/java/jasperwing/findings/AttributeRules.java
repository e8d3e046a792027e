package jasperwing.findings;

import jasperwing.dialect.Dialect;
import jasperwing.model.Attribute;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Literal;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/** Attributes whose type does what nobody wants of them. */
final class AttributeRules {
    private static final Set<String> MONEY = Set.of(
            "price",
            "cost",
            "costs",
            "amount",
            "budget",
            "fee",
            "fees",
            "salary",
            "wage",
            "balance",
            "payment",
            "revenue",
            "tax",
            "discount",
            "deposit",
            "vat",
            "rent",
            "fare",
            "premium",
            "turnover",
            "subtotal");

    private static final Set<String> CURRENCIES =
            Set.of("eur", "usd", "gbp", "chf", "sek", "nok", "dkk", "pln", "czk", "jpy", "cents", "net", "gross");

    private static final Set<String> SECRET = Set.of("password", "passwd", "passphrase", "pin", "secret");
    private static final Set<String> GUARDED = Set.of("hash", "hashed", "digest", "encrypted");
    private static final Set<Scalar> UNBOUNDED = Set.of(Scalar.LONG_TEXT, Scalar.BINARY, Scalar.JSON);

    private AttributeRules() {}

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        Dialect dialect = checked.dialect();
        for (Attribute attribute : entity.attributes()) {
            Type type = attribute.type();
            if (type instanceof Type.Plain plain) {
                plain(entity, attribute, plain.scalar(), found);
            }
            if (type.isText() && isSecret(attribute)) {
                found.accept(secret(entity, attribute));
            }
            if (isWide(type, dialect) && !indexedBy(entity, attribute).isEmpty()) {
                indexed(entity, attribute, dialect, found);
            }
            UncheckedRules.check(entity, attribute, dialect, found);
            String language = attribute.textConstraint().sortedAs();
            if (!language.isEmpty() && dialect.collation(language).isEmpty()) {
                found.accept(sortedOtherwise(entity, attribute, dialect));
            }
        }
    }

    private static void plain(Entity entity, Attribute attribute, Scalar scalar, Consumer<Finding> found) {
        if (scalar == Scalar.REAL && isMoney(attribute)) {
            found.accept(money(entity, attribute));
        } else if (scalar == Scalar.BOOLEAN && attribute.optional() && !attribute.list()) {
            found.accept(undecided(entity, attribute));
        } else if (scalar == Scalar.LOCAL_TIMESTAMP) {
            found.accept(noZone(entity, attribute));
        }
    }

    private static Finding sortedOtherwise(Entity entity, Attribute attribute, Dialect dialect) {
        return new Finding(
                Rule.SORTED_OTHERWISE,
                Subject.of(entity.name(), attribute.name()),
                dialect.title() + " knows no order of "
                        + Words.language(attribute.textConstraint().sortedAs()) + " to sort " + entity.name() + "'s "
                        + attribute.name() + " in.",
                dialect.title() + " sorts by character code, so the order will look wrong to "
                        + Words.language(attribute.textConstraint().sortedAs()) + " readers.",
                List.of(change(
                        entity,
                        attribute,
                        "Use the database's own order",
                        a -> a.withTextConstraint(a.textConstraint().withSortedAs("")))));
    }

    static boolean isMoney(Attribute attribute) {
        List<String> words = new ArrayList<>(Words.split(attribute.name()));
        if (words.size() > 1 && CURRENCIES.contains(words.get(words.size() - 1))) {
            words.remove(words.size() - 1);
        }
        String last = words.isEmpty() ? "" : words.get(words.size() - 1);
        return MONEY.contains(last) || last.equals("limit") && words.contains("credit");
    }

    private static boolean isSecret(Attribute attribute) {
        List<String> words = Words.split(attribute.name());
        return !Collections.disjoint(words, SECRET) && Collections.disjoint(words, GUARDED);
    }

    /** What an attribute is indexed by: {@code unique}, {@code in the key}, {@code in index (a, b)}; empty when by nothing. */
    private static List<String> indexedBy(Entity entity, Attribute attribute) {
        List<String> all = new ArrayList<>(0);
        if (attribute.unique()) {
            all.add("unique");
        }
        if (entity.isKey(attribute)) {
            all.add("in the key");
        }
        entity.uniques().stream()
                .filter(u -> u.names().contains(attribute.name()))
                .forEach(u -> all.add("in " + Subject.line("unique", u)));
        entity.indexes().stream()
                .filter(i -> i.named().contains(attribute.name()))
                .forEach(i -> all.add("in " + Subject.ofIndex(entity.name(), i).line()));
        return all;
    }

    private static Finding money(Entity entity, Attribute attribute) {
        return new Finding(
                Rule.MONEY_IN_REAL,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " looks like money and is a real.",
                "A binary floating-point number cannot hold 0.1 exactly, so sums are slightly wrong.",
                List.of(change(entity, attribute, "Make it decimal(12,2)", a -> a.withType(new Type.Decimal(12, 2)))));
    }

    private static Finding undecided(Entity entity, Attribute attribute) {
        return new Finding(
                Rule.OPTIONAL_BOOLEAN,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " can be true, false or empty.",
                "Conditions that forget null leave rows out.",
                List.of(decided(entity, attribute)));
    }

    private static Fix decided(Entity entity, Attribute attribute) {
        return attribute.defaultValue().isPresent()
                ? change(entity, attribute, "Make it required", a -> a.withOptional(false))
                : change(entity, attribute, "Make it required, false by default", a -> a.withOptional(false)
                        .withDefault(Optional.of(new Literal(Literal.Kind.WORD, "false"))));
    }

    private static Finding noZone(Entity entity, Attribute attribute) {
        return new Finding(
                Rule.NO_ZONE,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " is a moment without a zone.",
                "Without a time zone the value is ambiguous at clock changes and across zones.",
                List.of(change(entity, attribute, "Make it a timestamp", a -> a.withType(Type.of(Scalar.TIMESTAMP)))));
    }

    private static Finding secret(Entity entity, Attribute attribute) {
        String hash = attribute.name() + (attribute.name().contains("_") ? "_hash" : "Hash");
        return new Finding(
                Rule.SECRET_IN_CLEAR,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " looks like a secret kept as it is.",
                "Anyone who reads the table, a backup or a log can use it.",
                List.of(change(entity, attribute, "Keep " + hash + " text(255) instead", a -> a.withName(hash)
                        .withType(new Type.Text(255)))));
    }

    private static void indexed(Entity entity, Attribute attribute, Dialect dialect, Consumer<Finding> found) {
        if (!dialect.canIndex(attribute.type())) {
            found.accept(wide(
                    Rule.CANNOT_INDEX,
                    entity,
                    attribute,
                    dialect.title() + " cannot keep an index of it, and refuses the table."));
        } else {
            found.accept(wide(
                    Rule.UNBOUNDED_IN_INDEX,
                    entity,
                    attribute,
                    "An index entry holds a few thousand bytes; longer values are refused on insert."));
        }
    }

    private static boolean isWide(Type type, Dialect dialect) {
        return type instanceof Type.Plain p && UNBOUNDED.contains(p.scalar()) || !dialect.canIndex(type);
    }

    private static Finding wide(Rule rule, Entity entity, Attribute attribute, String why) {
        List<Fix> fixes = attribute.type().isText()
                ? List.of(change(entity, attribute, "Make it text(190)", a -> a.withType(new Type.Text(190))))
                : List.of(without(entity, attribute));
        return new Finding(
                rule,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " is " + String.join(" and ", indexedBy(entity, attribute))
                        + ", and can be of any length.",
                why,
                fixes);
    }

    private static Fix without(Entity entity, Attribute attribute) {
        return new Fix(
                "Let it not be " + String.join(" or ", indexedBy(entity, attribute)),
                EntityEdits.change(entity.name(), e -> e.withKey(e.key().without(attribute.name()))
                                .withUniques(e.uniques().stream()
                                        .filter(u -> !u.names().contains(attribute.name()))
                                        .toList())
                                .withIndexes(e.indexes().stream()
                                        .filter(i -> !i.named().contains(attribute.name()))
                                        .toList()))
                        .then(EntityEdits.changeAttribute(entity.name(), attribute.name(), a -> a.withUnique(false))));
    }

    private static Fix change(Entity entity, Attribute attribute, String title, UnaryOperator<Attribute> change) {
        return new Fix(title, EntityEdits.changeAttribute(entity.name(), attribute.name(), change));
    }
}

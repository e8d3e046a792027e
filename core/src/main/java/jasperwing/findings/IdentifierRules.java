package jasperwing.findings;

import jasperwing.model.Attribute;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.naming.Words;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/** What identifies a thing outside the database, and may stand in several rows. */
final class IdentifierRules {
    private static final Set<String> IDENTIFYING = WordSet.of(
            "sku isbn issn vin ean gtin upc imei ssn orcid doi slug login login_name username user_name",
            "tax_number tax_id vat_number vat_id passport_number license_plate licence_plate license_number",
            "licence_number registration_number serial_number barcode mac_address social_security_number",
            "inventory_number membership_number");

    private static final Set<String> ENDS =
            IDENTIFYING.stream().map(n -> n.substring(n.length() - 2)).collect(Collectors.toUnmodifiableSet());

    private IdentifierRules() {}

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        if (entity.outside()) {
            return;
        }
        for (Attribute attribute : entity.attributes()) {
            if (isLoose(entity, attribute) && isOnlyOne(checked, entity, attribute)) {
                found.accept(finding(entity, attribute));
            }
        }
    }

    /** Whether what was found of an entity that is as it was holds: another may have got an attribute of the same name. */
    static boolean stands(Checked checked, OtherChanges others, Entity entity, List<Finding> found) {
        return !others.changed(Aspect.ENTITIES) || !checked.hints(entity).identifies();
    }

    /** Whether one of its attributes identifies a thing, and nothing says that no two rows have the same. */
    static boolean identifies(Entity entity) {
        return entity.attributes().stream().anyMatch(a -> isLoose(entity, a));
    }

    private static boolean isLoose(Entity entity, Attribute attribute) {
        return !attribute.unique()
                && !attribute.list()
                && !attribute.isComputed()
                && mayIdentify(attribute.name())
                && IDENTIFYING.contains(Words.snake(attribute.name()))
                && !entity.isKey(attribute)
                && entity.uniques().stream().noneMatch(u -> u.names().contains(attribute.name()))
                && entity.indexes().stream()
                        .noneMatch(i -> i.unique() && i.members().names().contains(attribute.name()));
    }

    /** Whether it ends as one of those names does: that most do not is seen at once. */
    private static boolean mayIdentify(String name) {
        int length = name.length();
        return length > 2 && ENDS.contains(name.substring(length - 2).toLowerCase(Locale.ROOT));
    }

    /** Where several entities have it, one identifies by it, and the others repeat it. */
    private static boolean isOnlyOne(Checked checked, Entity entity, Attribute attribute) {
        String snake = Words.snake(attribute.name());
        return checked.design().entities().stream()
                .filter(e -> e != entity)
                .flatMap(e -> e.attributes().stream())
                .noneMatch(a -> a.name().length() == attribute.name().length()
                        && Words.snake(a.name()).equals(snake));
    }

    private static Finding finding(Entity entity, Attribute attribute) {
        return new Finding(
                Rule.MISSING_UNIQUE,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " identifies one thing, and two rows may have the same.",
                "A second row for the same thing is not noticed, and a search by it finds several.",
                List.of(new Fix(
                        "Make it unique",
                        EntityEdits.changeAttribute(entity.name(), attribute.name(), a -> a.withUnique(true)))));
    }
}

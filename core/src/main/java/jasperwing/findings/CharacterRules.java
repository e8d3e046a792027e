package jasperwing.findings;

import jasperwing.model.Area;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.EnumType;
import jasperwing.naming.Words;
import java.text.Normalizer;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Names of characters that mislead people, or that no file can have. */
final class CharacterRules {
    /** What Windows takes for a device, whatever follows behind a point. */
    private static final Pattern DEVICE = Pattern.compile("(?i)con|prn|aux|nul|com[1-9]|lpt[1-9]");

    private static final Pattern UNSEEN = Pattern.compile("[\\p{Cf}\\p{Mn}&&[^\\u0300-\\u036f]]");

    private CharacterRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        Design design = checked.design();
        Map<String, String> seen = new HashMap<>();
        for (Entity entity : design.entities()) {
            lookAlike(seen, entity.name(), Subject.of(entity.name()), "entities", found);
            if (DEVICE.matcher(Words.pascal(entity.name())).matches() && !entity.outside()) {
                String free = entity.name() + "Record";
                List<Fix> fixes = design.entity(free).isPresent()
                        ? List.of()
                        : List.of(new Fix("Rename it " + free, EntityEdits.rename(entity.name(), free)));
                found.accept(device("entity", entity.name(), fixes));
            }
        }
        Stream.concat(
                        design.enums().stream().map(EnumType::name),
                        design.groups().stream().map(AttributeGroup::name))
                .filter(n -> DEVICE.matcher(Words.pascal(n)).matches())
                .forEach(n -> found.accept(device("type", n, List.of())));
        design.areas().stream()
                .map(Area::name)
                .filter(n -> DEVICE.matcher(n).matches())
                .forEach(n -> found.accept(device("area", n, List.of())));
    }

    static void check(Entity entity, Consumer<Finding> found) {
        Map<String, String> seen = new HashMap<>();
        for (Attribute attribute : entity.attributes()) {
            lookAlike(
                    seen,
                    attribute.name(),
                    Subject.of(entity.name(), attribute.name()),
                    "attributes of " + entity.name(),
                    found);
        }
    }

    private static void lookAlike(
            Map<String, String> seen, String name, Subject subject, String what, Consumer<Finding> found) {
        boolean ascii = name.chars().allMatch(c -> c < 128);
        String shown = ascii
                ? name
                : UNSEEN.matcher(Normalizer.normalize(name, Normalizer.Form.NFKC))
                        .replaceAll("");
        String other = seen.putIfAbsent(shown.toLowerCase(Locale.ROOT), name);
        if (other != null && !other.equalsIgnoreCase(name)) {
            found.accept(new Finding(
                    Rule.LOOK_ALIKE_NAME,
                    subject,
                    "Two " + what + " look the same, " + name + ", but are written with other characters: "
                            + codes(other) + " and " + codes(name) + ".",
                    "People take one for the other; one may have an invisible character or an accent of its own.",
                    List.of()));
        }
    }

    /** The characters beyond ASCII, as Unicode numbers them. */
    private static String codes(String name) {
        List<String> codes = name.codePoints()
                .filter(c -> c > 127)
                .mapToObj(c -> String.format("U+%04X", c))
                .toList();
        return codes.isEmpty() ? "plain letters" : String.join(" ", codes);
    }

    private static Finding device(String kind, String name, List<Fix> fixes) {
        return new Finding(
                Rule.DEVICE_NAME,
                Subject.of(name),
                "The " + kind + " " + name + " would need a file or folder of a name that Windows keeps for a device.",
                "Classes are not written, since nobody on Windows could check them out.",
                fixes);
    }
}

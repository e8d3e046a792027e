package jasperwing.reading;

import jasperwing.model.Area;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.AutoTimestamp;
import jasperwing.model.ClockOffset;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Literal;
import jasperwing.model.Members;
import jasperwing.model.Range;
import jasperwing.model.Relationship;
import jasperwing.model.Scalar;
import jasperwing.model.TextConstraint;
import jasperwing.model.Type;
import jasperwing.naming.Articles;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A design, an area or an entity read out in plain sentences, for someone who does not read diagrams. */
public final class Narration {
    private final Design design;

    private Narration(Design design) {
        this.design = design;
    }

    /**
     * What is said under one heading.
     *
     * @param level 1 for the design, 2 for an area, 3 for an entity
     * @param said sentences, each a paragraph
     * @param facts short lines, one for each attribute
     * @param relations sentences on how it is related
     */
    public record Section(int level, String title, List<String> said, List<String> facts, List<String> relations) {
        public Section {
            said = List.copyOf(said);
            facts = List.copyOf(facts);
            relations = List.copyOf(relations);
        }
    }

    /** The whole design: what it is, then area by area, entity by entity, in the order of the text. */
    public static List<Section> whole(Design design) {
        Narration narration = new Narration(design);
        List<Section> sections = new ArrayList<>();
        sections.add(narration.head());
        design.areas().forEach(a -> sections.addAll(area(design, a.name())));
        List<Entity> homeless = design.entities().stream()
                .filter(e -> design.area(e.area()).isEmpty())
                .toList();
        if (!homeless.isEmpty() && !design.areas().isEmpty()) {
            sections.add(new Section(2, "In no area", List.of(), List.of(), List.of()));
        }
        homeless.forEach(e -> sections.add(narration.entity(e)));
        return sections;
    }

    /** One area; nothing when there is none of that name. */
    public static List<Section> area(Design design, String name) {
        Narration narration = new Narration(design);
        List<Section> sections = new ArrayList<>();
        Optional<Area> area = design.area(name);
        area.ifPresent(a -> {
            String doc = a.notes().doc();
            sections.add(new Section(2, a.name(), doc.isEmpty() ? List.of() : List.of(doc), List.of(), List.of()));
            design.entities().stream()
                    .filter(e -> e.area().equals(name))
                    .forEach(e -> sections.add(narration.entity(e)));
        });
        return sections;
    }

    /** One entity; nothing when there is none of that name. */
    public static List<Section> entity(Design design, String name) {
        Narration narration = new Narration(design);
        return design.entity(name).map(e -> List.of(narration.entity(e))).orElse(List.of());
    }

    private Section head() {
        int entities = design.entities().size();
        int relationships = design.relationships().size();
        List<String> said = new ArrayList<>();
        said.add("It keeps " + count(entities, "kind of thing", "kinds of things") + ", tied by "
                + count(relationships, "relationship", "relationships") + ".");
        for (EnumType type : design.enums()) {
            List<String> values = type.values().stream()
                    .map(v -> shown(v) + (v.retired() ? " (retired)" : ""))
                    .toList();
            said.add(Articles.with(Words.spoken(type.name())).replaceFirst("^a", "A") + " is one of "
                    + list(values, "or") + ".");
            if (!type.notes().doc().isEmpty()) {
                said.add(type.notes().doc());
            }
            type.values().stream()
                    .filter(v -> !v.notes().doc().isEmpty())
                    .forEach(v -> said.add(
                            Words.capitalised(shown(v)) + ": " + v.notes().doc()));
        }
        return new Section(1, design.name(), said, List.of(), List.of());
    }

    private static String shown(EnumValue value) {
        return value.label().isEmpty() ? Words.spoken(value.name()) : value.label();
    }

    private static String count(int count, String one, String many) {
        return count + " " + (count == 1 ? one : many);
    }

    private Section entity(Entity entity) {
        List<String> said = new ArrayList<>();
        if (!entity.notes().doc().isEmpty()) {
            said.add(entity.notes().doc());
        }
        if (entity.outside()) {
            String kept = entity.inSameDatabase()
                    ? "It is kept by others in the table " + entity.notes().physical() + " of the same database"
                    : "It lives in another system";
            said.add(kept + " and is only pointed to.");
        }
        kinds(entity).ifPresent(said::add);
        identity(entity).ifPresent(said::add);
        entity.uniques()
                .forEach(
                        u -> said.add("No two " + Plurals.plural(entity.name()) + " share the same " + words(u) + "."));
        said.addAll(RuleReadings.of(design, entity.name()));
        if (!entity.shown().isEmpty()) {
            said.add("It is shown by its " + words(entity.shown()) + ".");
        }
        entity.traits().stream().flatMap(t -> design.trait(t).stream()).forEach(t -> said.add(trait(entity, t)));
        List<String> facts =
                entity.attributes().stream().map(a -> fact(entity, a)).toList();
        List<String> relations = new ArrayList<>();
        for (Relationship relationship : design.relationshipsOf(entity.name())) {
            relations.add(Readings.text(Readings.from(design, relationship, entity.name())));
        }
        return new Section(3, entity.name(), said, facts, relations);
    }

    /** What it is a kind of, and what kinds of it there are. */
    private Optional<String> kinds(Entity entity) {
        String it = Articles.with(Words.spoken(entity.name())).replaceFirst("^a", "A");
        List<String> kinds = design.kinds(entity.name()).stream()
                .map(k -> Articles.with(Words.spoken(k.name())))
                .toList();
        List<String> said = new ArrayList<>();
        design.parent(entity.name())
                .ifPresent(p -> said.add(it + " is a kind of " + Words.spoken(p.name()) + ", with all that one has."));
        if (!kinds.isEmpty()) {
            said.add((entity.inheritance().onlyKinds()
                            ? "Each " + Words.spoken(entity.name()) + " is "
                            : it + " can be ")
                    + list(kinds, "or") + ".");
        }
        return said.isEmpty() ? Optional.empty() : Optional.of(String.join(" ", said));
    }

    private static String trait(Entity entity, AttributeGroup trait) {
        List<String> names =
                trait.attributes().stream().map(a -> Words.spoken(a.name())).toList();
        return "As everything that is " + Words.spoken(trait.name()) + ", " + Articles.with(Words.spoken(entity.name()))
                + " has its " + list(names, "and") + ".";
    }

    private static Optional<String> identity(Entity entity) {
        if (entity.key().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of("Each is told apart by its " + words(entity.key()) + ".");
    }

    private static String words(Members members) {
        return list(members.names().stream().map(Words::spoken).toList(), "and");
    }

    private static String list(List<String> names, String word) {
        int last = names.size() - 1;
        return last <= 0
                ? String.join("", names)
                : String.join(", ", names.subList(0, last)) + " " + word + " " + names.get(last);
    }

    private String fact(Entity entity, Attribute attribute) {
        StringBuilder fact = new StringBuilder(
                attribute.notes().label().isEmpty()
                        ? Words.spoken(attribute.name())
                        : attribute.notes().label());
        fact.append(" \u2013 ")
                .append(attribute.list() ? "any number of: " : "")
                .append(type(attribute.type()));
        attribute.range().ifPresent(r -> fact.append(range(r)));
        attribute
                .defaultValue()
                .ifPresent(d -> fact.append("; ").append(fallback(d)).append(" unless said otherwise"));
        if (attribute.type().is(Scalar.SERIAL) && !attribute.counting().isUsual()) {
            fact.append(", ").append(attribute.counting().words());
        }
        attribute.stamped().ifPresent(s -> fact.append(stamp(attribute, s)));
        fact.append(form(attribute.textConstraint()));
        attribute.formula().ifPresent(f -> fact.append("; computed as ").append(Notation.print(f)));
        if (attribute.unique()) {
            fact.append("; no two ").append(Plurals.plural(entity.name())).append(" share it");
        }
        if (attribute.optional()) {
            fact.append("; may be left empty");
        }
        if (!attribute.notes().doc().isEmpty()) {
            fact.append(". ").append(attribute.notes().doc());
        }
        return fact.toString();
    }

    private static String form(TextConstraint form) {
        StringBuilder fact = new StringBuilder();
        form.longerThan()
                .ifPresent(l -> fact.append("; longer than ").append(l).append(l == 1 ? " character" : " characters"));
        if (!form.matching().isEmpty()) {
            fact.append("; of the form ").append(form.matching());
        }
        if (form.ignoringCase()) {
            fact.append("; capitals make no difference where it is unique");
        }
        if (!form.sortedAs().isEmpty()) {
            fact.append("; sorted as in ").append(Words.language(form.sortedAs()));
        }
        return fact.toString();
    }

    private static String stamp(Attribute attribute, AutoTimestamp stamp) {
        String what = attribute.type().isNumeric() ? "; counted up" : "; set by itself";
        return what + (stamp == AutoTimestamp.INSERT ? " when it is first kept" : " whenever it is changed");
    }

    private static String fallback(Literal literal) {
        Optional<ClockOffset> clock =
                literal.kind() == Literal.Kind.CLOCK ? ClockOffset.of(literal.text()) : Optional.empty();
        if (clock.isPresent()) {
            return clock.get().length() + (clock.get().amount() < 0 ? " before" : " after") + " it is written";
        }
        return switch (literal.text()) {
            case "now" -> "the moment it is written";
            case "uuid" -> "a new one";
            case "uuid version 7" -> "a new one, in order of time";
            case "today" -> "the day it is written";
            default -> literal.text();
        };
    }

    private static String range(Range range) {
        String low = range.from().map(l -> " of at least " + l.text()).orElse("");
        String high = range.to()
                .map(h -> (low.isEmpty() ? " of" : " and") + " at most " + h.text())
                .orElse("");
        return low + high;
    }

    private String value(AttributeGroup value) {
        List<String> names =
                value.attributes().stream().map(a -> Words.spoken(a.name())).toList();
        return Articles.with(Words.spoken(value.name())) + (names.isEmpty() ? "" : " of " + list(names, "and"));
    }

    private String type(Type type) {
        return type.match(
                text -> "text of at most " + text.length() + " characters",
                decimal -> "a number with " + count(decimal.scale(), "decimal", "decimals"),
                plain -> words(plain.scalar()),
                named -> declared(named.name()));
    }

    private String declared(String name) {
        return design.value(name)
                .map(this::value)
                .orElseGet(() -> design.enumType(name).isPresent() ? Articles.with(Words.spoken(name)) : name);
    }

    private static String words(Scalar scalar) {
        return switch (scalar) {
            case SERIAL -> "a number that is counted up by itself";
            case INT, SMALL_INT, BIG_INT -> "a whole number";
            case UUID -> "an identifier";
            case BOOLEAN -> "yes or no";
            case DATE -> "a day";
            case TIME -> "a time of day";
            case TIMESTAMP, LOCAL_TIMESTAMP -> "a moment";
            case REAL -> "a measured number";
            case LONG_TEXT -> "text of any length";
            case DURATION -> "a length of time";
            case BINARY -> "a file";
            case JSON -> "a structured document";
        };
    }
}

package jasperwing.reading;

import jasperwing.derive.Enforcement;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.Sorting;
import jasperwing.naming.Articles;
import jasperwing.naming.Plurals;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** Reads relationships aloud. */
public final class Readings {
    private Readings() {}

    /** All that is said of a relationship of a design, starting with its first entity: how it is kept and what its ends are called too. */
    public static List<Phrase> whole(Design design, Relationship relationship) {
        List<Phrase> phrases = new ArrayList<>();
        start(phrases, relationship.from());
        forward(phrases, relationship);
        phrases.add(Phrase.plain(". "));
        deleting(phrases, design, relationship, target -> true);
        if (relationship instanceof PolymorphicRelationship oneOf) {
            phrases.add(Phrase.plain("Kept as "));
            phrases.add(Phrase.of(oneOf.kept().words(), Slot.KEEPING));
            phrases.add(Phrase.plain(". "));
        }
        if (relationship instanceof BinaryRelationship binary) {
            linking(phrases, design, binary);
            deletingPairs(phrases, binary, target -> true, true);
        }
        ordered(phrases, relationship, false);
        if (relationship.back().isPresent()) {
            phrases.add(Phrase.plain("Read "));
            phrases.add(Phrase.of("both ways", Slot.READ_BACK));
            phrases.add(Phrase.plain(", as "));
            phrases.add(Phrase.of(Roles.forward(relationship), Slot.ROLE));
            phrases.add(Phrase.plain(" and "));
            phrases.add(Phrase.of(Roles.back(relationship), Slot.BACK_ROLE));
            phrases.add(Phrase.plain("."));
        } else {
            phrases.add(Phrase.plain("Called "));
            phrases.add(Phrase.of(Roles.forward(relationship), Slot.ROLE));
            phrases.add(Phrase.plain("."));
        }
        return List.copyOf(phrases);
    }

    private static void linking(List<Phrase> phrases, Design design, BinaryRelationship binary) {
        if (binary.isOfPairsAlone()) {
            phrases.add(Phrase.plain("Linked by "));
            phrases.add(Phrase.of("pairs alone", Slot.LINK));
            phrases.add(Phrase.plain(". "));
        } else if (binary.shape() == BinaryRelationship.Shape.LINKED) {
            phrases.add(Phrase.plain("Linked by "));
            boolean bare = RelationshipEdits.isBareLink(design, binary.via());
            phrases.add(bare ? Phrase.of(binary.via(), Slot.LINK) : Phrase.plain(binary.via()));
            phrases.add(Phrase.plain(". "));
        }
    }

    /** The relationship as seen from one of its ends, with what deleting a row of that end does. */
    public static List<Phrase> from(Design design, Relationship relationship, String entity) {
        List<Phrase> phrases = new ArrayList<>();
        boolean reversed = relationship instanceof BinaryRelationship binary
                && !binary.from().equals(entity)
                && binary.to().equals(entity)
                && binary.back().isPresent();
        if (reversed) {
            Reading back = relationship.back().orElseThrow();
            start(phrases, relationship.targets().get(0));
            clause(phrases, back, relationship.from(), Slot.BACK_MUST);
            phrases.add(Phrase.plain(back.many() ? ", each of which " : ", which "));
            clause(phrases, relationship.forward(), relationship.targets().get(0), Slot.MUST);
        } else {
            start(phrases, relationship.from());
            forward(phrases, relationship);
        }
        phrases.add(Phrase.plain(". "));
        deleting(phrases, design, relationship, entity::equals);
        deletingPairs(phrases, relationship, entity::equals, false);
        ordered(phrases, relationship, true);
        return List.copyOf(phrases);
    }

    /** The text of phrases, run together. */
    public static String text(List<Phrase> phrases) {
        StringBuilder text = new StringBuilder();
        phrases.forEach(p -> text.append(p.text()));
        return text.toString().strip();
    }

    private static void start(List<Phrase> phrases, String entity) {
        phrases.add(Phrase.plain("Each " + entity + " "));
    }

    private static void forward(List<Phrase> phrases, Relationship relationship) {
        Reading forward = relationship.forward();
        if (relationship instanceof PolymorphicRelationship oneOf) {
            phrases.add(Phrase.of(modal(forward), Slot.MUST));
            phrases.add(Phrase.plain(" "));
            phrases.add(Phrase.of(forward.verb(), Slot.VERB));
            phrases.add(Phrase.plain(" one of " + list(oneOf.subjects())));
        } else {
            clause(phrases, forward, relationship.targets().get(0), Slot.MUST);
        }
        if (relationship.back().isPresent()) {
            phrases.add(Phrase.plain(forward.many() ? ", each of which " : ", which "));
            clause(phrases, relationship.back().get(), relationship.from(), Slot.BACK_MUST);
        } else {
            phrases.add(Phrase.plain("; "));
            phrases.add(Phrase.of("not read back", Slot.READ_BACK));
        }
    }

    private static void clause(List<Phrase> phrases, Reading reading, String entity, Slot must) {
        boolean back = must == Slot.BACK_MUST;
        phrases.add(Phrase.of(modal(reading), must));
        phrases.add(Phrase.plain(" "));
        phrases.add(Phrase.of(reading.verb(), back ? Slot.BACK_VERB : Slot.VERB));
        phrases.add(Phrase.plain(" "));
        phrases.add(Phrase.of(reading.count(), back ? Slot.BACK_COUNT : Slot.COUNT));
        phrases.add(Phrase.plain(" " + (reading.many() ? Plurals.plural(entity) : entity)));
    }

    /** The orders of all that is many, or of those that were said alone. */
    private static void ordered(List<Phrase> phrases, Relationship relationship, boolean saidAlone) {
        Predicate<Reading> told = r -> r.many() && (!saidAlone || r.sorting().isPresent());
        if (told.test(relationship.forward())) {
            ordered(phrases, relationship.forward(), relationship.targets().get(0), Slot.SORTING);
        }
        relationship.back().filter(told).ifPresent(b -> ordered(phrases, b, relationship.from(), Slot.BACK_SORTING));
    }

    private static void ordered(List<Phrase> phrases, Reading reading, String entity, Slot slot) {
        phrases.add(Phrase.plain(Plurals.plural(entity) + " come "));
        phrases.add(new Phrase(sorting(reading.sorting()), slot, entity));
        phrases.add(Phrase.plain(". "));
    }

    static String sorting(Optional<Sorting> sorting) {
        return sorting.map(s -> s.words(n -> n)).orElse("in any order");
    }

    /** What deleting an end does to pairs alone. @param always whether it is told where they just go with it, too */
    private static void deletingPairs(
            List<Phrase> phrases, Relationship relationship, Predicate<String> wanted, boolean always) {
        if (relationship instanceof BinaryRelationship binary && binary.isOfPairsAlone()) {
            binary.pointedTo().stream()
                    .filter(e -> wanted.test(e) && (always || binary.onDelete(e) == DeleteRule.REFUSE))
                    .forEach(e -> phrases.addAll(List.of(
                            Phrase.plain("Deleting " + Articles.with(e) + " "),
                            new Phrase(onPairs(binary.onDelete(e)), Slot.DELETE, e),
                            Phrase.plain(ofPairs(binary.onDelete(e), binary, e) + ". "))));
        }
    }

    static String onPairs(DeleteRule rule) {
        return rule == DeleteRule.REFUSE ? "is refused" : "removes";
    }

    static String ofPairs(DeleteRule rule, BinaryRelationship binary, String entity) {
        String other = binary.from().equals(entity) ? binary.to() : binary.from();
        return rule == DeleteRule.REFUSE ? " while it is paired with any " + other : " its pairs";
    }

    private static void deleting(
            List<Phrase> phrases, Design design, Relationship relationship, Predicate<String> wanted) {
        for (Role role : Roles.of(relationship)) {
            for (String target : role.targets()) {
                if (wanted.test(target)) {
                    phrases.addAll(deleting(role, target, Enforcement.of(design, role, target)));
                }
            }
        }
        relationship.keyChanges().stream()
                .filter(c -> wanted.test(c.entity()))
                .forEach(c -> phrases.addAll(List.of(
                        Phrase.plain("Changing the key of " + Articles.with(c.entity()) + " "),
                        new Phrase(words(c.rule()), Slot.KEY_CHANGE, c.entity()),
                        Phrase.plain(". "))));
    }

    /** What becomes of references to a row whose key changes. */
    static String words(KeyChangeRule rule) {
        return switch (rule) {
            case REFUSE -> "is refused while something refers to it";
            case FOLLOW -> "is followed by what refers to it";
            case EMPTY -> "empties what refers to it";
        };
    }

    /** What the database does; where it does nothing, what a trigger would have to. */
    private static List<Phrase> deleting(Role role, String target, Enforcement enforcement) {
        DeleteRule rule = role.relationship().onDelete(target);
        Phrase start = Phrase.plain("Deleting " + Articles.with(target) + " ");
        return switch (enforcement) {
            case FOREIGN_KEY -> List.of(
                    start,
                    new Phrase(verb(rule), Slot.DELETE, target),
                    Phrase.plain(" " + consequence(rule, role) + ". "));
            case KIND_AND_ID, SEVERAL_TABLES -> List.of(
                    start,
                    Phrase.plain("leaves its " + holders(role) + " referring to nothing unless a trigger "),
                    new Phrase(triggered(rule, role), Slot.DELETE, target),
                    Phrase.plain("; there is no foreign key. "));
            case OUTSIDE -> List.of(
                    start,
                    Phrase.plain("in its own system leaves its " + holders(role)
                            + " referring to nothing; the database does not notice. "));
        };
    }

    private static String holders(Role role) {
        return role.unique() ? role.holder() : Plurals.plural(role.holder());
    }

    private static String triggered(DeleteRule rule, Role role) {
        String them = role.unique() ? "it" : "them";
        return switch (rule) {
            case REFUSE -> "refuses it";
            case DELETE_TOO -> "deletes " + them + " too";
            case EMPTY -> "sets " + (role.unique() ? "its reference" : "their references") + " to null";
        };
    }

    static String verb(DeleteRule rule) {
        return switch (rule) {
            case REFUSE -> "is refused";
            case DELETE_TOO -> "deletes";
            case EMPTY -> "leaves";
        };
    }

    static String consequence(DeleteRule rule, Role role) {
        boolean many = !role.unique();
        String holder = many ? Plurals.plural(role.holder()) : role.holder();
        return switch (rule) {
            case REFUSE -> "while it has " + (many ? "any " + holder : Articles.with(holder));
            case DELETE_TOO -> "its " + holder + " too";
            case EMPTY -> "its " + holder + " without " + (role.targets().size() > 1 ? role.name() : "one");
        };
    }

    /** The verb as said of one thing: {@code belong to} becomes {@code belongs to}, {@code be about} {@code is about}. */
    public static String thirdPerson(String verb) {
        String[] words = verb.split(" ", 2);
        String rest = words.length == 1 ? "" : " " + words[1];
        String first = words[0];
        String said =
                switch (first) {
                    case "be" -> "is";
                    case "have" -> "has";
                    case "do", "go" -> first + "es";
                    default -> first.matches(".*[^aeiou]y")
                            ? first.substring(0, first.length() - 1) + "ies"
                            : first + (first.matches(".*(s|x|z|ch|sh)") ? "es" : "s");
                };
        return said + rest;
    }

    private static String modal(Reading reading) {
        return reading.must() ? "must" : "may";
    }

    private static String list(List<String> names) {
        int last = names.size() - 1;
        return last == 0 ? names.get(0) : String.join(", ", names.subList(0, last)) + " or " + names.get(last);
    }

    /** What a word can be changed to, in the order offered; empty for words that are only read or are typed. */
    public static List<Option> options(Design design, Relationship relationship, Phrase phrase) {
        return ReadingChoices.of(design, relationship, phrase);
    }

    /** The relationship with a verb or a role typed into its place; empty when it can be neither. */
    public static Optional<Relationship> withTyped(Relationship relationship, Slot slot, String typed) {
        String clean = typed.strip().replaceAll("\\s+", " ");
        if (slot == Slot.ROLE || slot == Slot.BACK_ROLE) {
            return clean.isEmpty() ? Optional.empty() : Optional.of(withRole(relationship, slot, clean));
        }
        if (!Reading.isVerb(clean)) {
            return Optional.empty();
        }
        return Optional.of(
                slot == Slot.VERB
                        ? relationship.withForward(relationship.forward().withVerb(clean))
                        : relationship.withBack(relationship.back().map(b -> b.withVerb(clean))));
    }

    private static Relationship withRole(Relationship relationship, Slot slot, String role) {
        return slot == Slot.ROLE
                ? relationship.withForward(relationship.forward().withRole(role))
                : relationship.withBack(relationship.back().map(b -> b.withRole(role)));
    }
}

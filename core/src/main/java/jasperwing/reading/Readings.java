package jasperwing.reading;

import jasperwing.model.DeleteRule;
import jasperwing.model.OneOf;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.Tie;
import jasperwing.naming.Plurals;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Reads relationships aloud. */
public final class Readings {
    private Readings() {}

    /** The relationship as seen from one of its ends; from any other entity, as it was said. */
    public static List<Phrase> from(Relationship relationship, String entity) {
        List<Phrase> phrases = new ArrayList<>();
        boolean reversed = relationship instanceof Tie tie
                && !tie.from().equals(entity)
                && tie.to().equals(entity)
                && tie.back().isPresent();
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
        rest(phrases, relationship);
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
        if (relationship instanceof OneOf oneOf) {
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
        phrases.add(Phrase.of(reading.many() ? "many" : "one", back ? Slot.BACK_COUNT : Slot.COUNT));
        phrases.add(Phrase.plain(" " + (reading.many() ? Plurals.plural(entity) : entity)));
    }

    private static void rest(List<Phrase> phrases, Relationship relationship) {
        for (Role role : Roles.of(relationship)) {
            for (String target : role.targets()) {
                phrases.add(Phrase.plain("Deleting " + article(target) + " "));
                phrases.add(new Phrase(words(relationship.onDelete(target), role), Slot.DELETE, target));
                phrases.add(Phrase.plain(". "));
            }
        }
        if (relationship instanceof OneOf oneOf) {
            phrases.add(Phrase.plain("Kept as "));
            phrases.add(Phrase.of(oneOf.kept().words(), Slot.KEEPING));
            phrases.add(Phrase.plain("."));
        }
        if (relationship instanceof Tie tie && !tie.via().isEmpty()) {
            phrases.add(Phrase.plain("Linked by " + tie.via() + "."));
        }
    }

    static String words(DeleteRule rule, Role role) {
        boolean many = !role.unique();
        String holder = many ? Plurals.plural(role.holder()) : role.holder();
        return switch (rule) {
            case REFUSE -> "is refused while it has " + (many ? "any " + holder : "a " + holder);
            case DELETE_TOO -> "deletes its " + holder + " too";
            case EMPTY -> "leaves its " + holder + " without " + (role.targets().size() > 1 ? role.name() : "one");
        };
    }

    static String article(String entity) {
        boolean vowel = "aeiou".indexOf(entity.toLowerCase(Locale.ROOT).charAt(0)) >= 0;
        return (vowel ? "an " : "a ") + entity;
    }

    private static String modal(Reading reading) {
        return reading.must() ? "must" : "may";
    }

    private static String list(List<String> names) {
        int last = names.size() - 1;
        return last == 0 ? names.get(0) : String.join(", ", names.subList(0, last)) + " or " + names.get(last);
    }

    /** What a word can be changed to, in the order offered; empty for words that are only read or are typed. */
    public static List<Option> options(Relationship relationship, Phrase phrase) {
        return Choices.of(relationship, phrase);
    }

    /** The relationship with a verb typed into one of its clauses; empty when it is no verb. */
    public static Optional<Relationship> withVerb(Relationship relationship, Slot slot, String verb) {
        String clean = verb.strip().replaceAll("\\s+", " ");
        if (!Reading.isVerb(clean)) {
            return Optional.empty();
        }
        return Optional.of(
                slot == Slot.VERB
                        ? relationship.withForward(relationship.forward().withVerb(clean))
                        : relationship.withBack(relationship.back().map(b -> b.withVerb(clean))));
    }
}

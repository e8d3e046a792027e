package jasperwing.say;

import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Family;
import jasperwing.model.KindEdits;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Speech that says what is a kind of what: {@code a sonde is a kind of instrument}, {@code traps and nets are kinds of gear}. */
final class KindSpeech {
    private static final Pattern IS_KIND =
            Pattern.compile("(?i)(?!entity\\b)(.+?)\\s+(?:is an?|are)\\s+(?:kinds?|sorts?|types?)\\s+of\\s+(.+?)\\.?");

    private KindSpeech() {}

    /** Empty when the text says nothing of kinds. */
    static Optional<Understanding> of(Design design, String text) {
        Matcher matcher = IS_KIND.matcher(text.strip());
        if (!matcher.matches()) {
            return Optional.empty();
        }
        Nouns nouns = new Nouns(design);
        Optional<String> parent = nouns.named(matcher.group(2));
        List<String> kinds = new ArrayList<>();
        for (String phrase : matcher.group(1).split("\\s*,\\s*(?:and\\s+)?|\\s+and\\s+")) {
            nouns.named(phrase).ifPresent(kinds::add);
        }
        return parent.isEmpty() || kinds.isEmpty()
                ? Optional.empty()
                : Optional.of(understood(design, kinds, parent.get()));
    }

    private static Understanding understood(Design design, List<String> kinds, String parent) {
        Edit edit = design.entity(parent).isPresent() ? d -> d : EntityEdits.add(Entity.keyed(parent));
        List<String> sentences = new ArrayList<>();
        for (String kind : kinds) {
            boolean circle = kind.equals(parent)
                    || Family.ancestors(design, parent).stream()
                            .anyMatch(a -> a.name().equals(kind));
            if (circle) {
                return Understanding.problem(kind + " cannot be a kind of " + parent
                        + (kind.equals(parent) ? ", which it is itself." : ", which is a kind of it."));
            }
            Edit add = design.entity(kind).isPresent() ? Edit.NOTHING : EntityEdits.add(Entity.of(kind));
            edit = edit.then(add).then(KindEdits.become(kind, parent));
            sentences.add("entity " + Notation.name(kind) + " is a kind of " + Notation.name(parent));
        }
        return new Understanding(edit, sentences, List.of(), List.of(), List.of(), "");
    }
}

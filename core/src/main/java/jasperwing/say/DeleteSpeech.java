package jasperwing.say;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.naming.Roles;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;

/**
 * What is said about deleting and changing keys: {@code items are deleted with their order}, {@code deleting an author deletes its books}, {@code when the
 * key of a boat changes, its trips follow}.
 */
final class DeleteSpeech {
    private record Rule(SentenceForm form, DeleteRule rule) {}

    private record KeyRule(SentenceForm form, KeyChangeRule rule) {}

    private static final String GONE = "(is|are) (deleted|removed|gone)";

    private static final List<Rule> RULES = List.of(
            rule(
                    "C:nouns " + GONE
                            + " (together with|along with|with|when) (its|their|the)? P:noun (is deleted|are deleted|is removed|goes)?",
                    DeleteRule.DELETE_TOO),
            rule(
                    "(deleting|removing) P:noun (deletes|removes|also deletes|also removes) (all)? (its|their|the|of its|of their)? C:nouns (too|as well|with it)?",
                    DeleteRule.DELETE_TOO),
            rule(
                    "(when|if) P:noun " + GONE
                            + " , (then)? (all)? (of)? (its|their|the)? C:nouns (is deleted|are deleted|is removed|are removed|go|goes|must go|disappear|are deleted too|go too|go with it) (too|as well|with it|also)?",
                    DeleteRule.DELETE_TOO),
            rule(
                    "(when|if) P:noun " + GONE
                            + " , (its|their|the)? C:nouns (stay|stays|remain|remains|is kept|are kept|survive|survives)",
                    DeleteRule.EMPTY),
            rule(
                    "C:nouns (stay|stays|remain|remains|is kept|are kept|survive|survives) (when|if) (its|their|the)? P:noun "
                            + GONE,
                    DeleteRule.EMPTY),
            rule(
                    "P:noun (cannot be|can not be|must not be|may not be|can't be) (deleted|removed) (while|if|when|as long as) (it has|it still has|they have|there are|there are still|it is used by) (any)? C:nouns (left|exist)?",
                    DeleteRule.REFUSE),
            rule(
                    "P:noun (with|that has|that have|which has|which have) C:nouns (cannot be|can not be|must not be|may not be|can't be) (deleted|removed)",
                    DeleteRule.REFUSE),
            rule(
                    "(deleting|removing) P:noun is (refused|forbidden|not allowed|prevented) (while|if|when|as long as) (it has|it still has|there are) (any)? C:nouns",
                    DeleteRule.REFUSE),
            rule("(deleting|removing) P:noun is (refused|forbidden|not allowed|prevented)", DeleteRule.REFUSE),
            rule("(deleting|removing) P:noun (empties|clears) (it|them|the reference|references)", DeleteRule.EMPTY));

    private static final List<KeyRule> KEY_RULES = List.of(
            new KeyRule(
                    SentenceForm.of("(when|if) the key of P:noun changes , (then)? (its|their|the)? C:nouns"
                            + " (follow|follows|change too|changes too|follow it|follows it|are changed too)"),
                    KeyChangeRule.FOLLOW),
            new KeyRule(
                    SentenceForm.of(
                            "C:nouns (follow|follows) (the|a)? (key|changed key|changes of the key) of (its|their|the)? P:noun"),
                    KeyChangeRule.FOLLOW),
            new KeyRule(
                    SentenceForm.of(
                            "the key of P:noun (cannot|must not|may not|can not) change (while|if|when|as long as)"
                                    + " (it has|they have|there are) (any)? C:nouns"),
                    KeyChangeRule.REFUSE),
            new KeyRule(SentenceForm.of("changing the key of P:noun is followed"), KeyChangeRule.FOLLOW),
            new KeyRule(SentenceForm.of("changing the key of P:noun is (refused|forbidden)"), KeyChangeRule.REFUSE),
            new KeyRule(SentenceForm.of("changing the key of P:noun empties (it|them)"), KeyChangeRule.EMPTY));

    private final Design design;
    private final SpokenNouns nouns;

    DeleteSpeech(Design design, SpokenNouns nouns) {
        this.design = design;
        this.nouns = nouns;
    }

    private static Rule rule(String form, DeleteRule rule) {
        return new Rule(SentenceForm.of(form), rule);
    }

    Optional<List<ClauseMeaning>> read(List<Token> tokens) {
        Optional<List<ClauseMeaning>> found = Optional.empty();
        for (Rule rule : RULES) {
            found = found.or(() -> rule.form().read(tokens, nouns, m -> meaning(m, rule.rule())));
        }
        for (KeyRule rule : KEY_RULES) {
            found = found.or(() -> rule.form().read(tokens, nouns, m -> meaning(m, rule.rule())));
        }
        return found;
    }

    private Optional<List<ClauseMeaning>> meaning(SentenceForm.Match match, DeleteRule rule) {
        return meaning(
                match,
                rule == DeleteRule.EMPTY,
                (held, parent) -> rule != DeleteRule.REFUSE && held.isOfPairsAlone()
                        ? Optional.empty()
                        : Optional.of(RelationshipEdits.withRule(held, parent, rule)));
    }

    private Optional<List<ClauseMeaning>> meaning(SentenceForm.Match match, KeyChangeRule rule) {
        return meaning(
                match,
                rule == KeyChangeRule.EMPTY,
                (held, parent) -> held.isOfPairsAlone()
                        ? Optional.empty()
                        : Optional.of(RelationshipEdits.withRule(held, parent, rule)));
    }

    /**
     * Where it is not said what refers to it, it must be the only one.
     *
     * @param empties whether the reference is emptied, which one that must be there cannot be
     * @param change the relationship with the rule for the entity it points to; empty where it cannot have that
     */
    private Optional<List<ClauseMeaning>> meaning(
            SentenceForm.Match match,
            boolean empties,
            BiFunction<Relationship, String, Optional<Relationship>> change) {
        return nouns.known(match.text("P")).flatMap(parent -> {
            List<Optional<Relationship>> held = match.get("C").isEmpty()
                    ? List.of(only(parent))
                    : nouns.list(match.get("C")).stream()
                            .map(c -> held(c, parent))
                            .toList();
            List<ClauseMeaning> meanings = new ArrayList<>();
            for (Optional<Relationship> one : held) {
                one.flatMap(h -> change.apply(h, parent).map(now -> empties ? emptied(h, parent, now) : done(h, now)))
                        .ifPresent(meanings::add);
            }
            return meanings.isEmpty() || meanings.size() < held.size() ? Optional.empty() : Optional.of(meanings);
        });
    }

    private static ClauseMeaning emptied(Relationship held, String parent, Relationship now) {
        return Roles.of(held).stream()
                .filter(r -> r.must() && r.targets().contains(parent))
                .findFirst()
                .<ClauseMeaning>map(r -> new ClauseMeaning.Impossible(
                        "Every " + r.holder() + " must have its " + r.name() + ", so it cannot be emptied"))
                .orElseGet(() -> done(held, now));
    }

    private static ClauseMeaning done(Relationship held, Relationship now) {
        return new ClauseMeaning.Done(
                String.join("; ", Notation.rules(now)), RelationshipEdits.replace(held, now), List.of());
    }

    /** The only relationship by which rows refer to those of an entity. */
    private Optional<Relationship> only(String parent) {
        List<Relationship> all = design.relationships().stream()
                .filter(r -> r.match(binary -> binary.pointedTo().contains(parent), one -> one.subjects()
                        .contains(parent)))
                .toList();
        return all.size() == 1 ? Optional.of(all.get(0)) : Optional.empty();
    }

    /** The relationship by which a row of one refers to a row of the other. */
    private Optional<Relationship> held(String child, String parent) {
        List<Relationship> between = design.relationships().stream()
                .filter(r -> r.match(
                        binary -> isHeld(binary, child, parent),
                        one -> one.from().equals(child) && one.subjects().contains(parent)))
                .toList();
        return between.size() == 1 ? Optional.of(between.get(0)) : Optional.empty();
    }

    private static boolean isHeld(BinaryRelationship binary, String child, String parent) {
        return switch (binary.shape()) {
            case ONE_TO_ONE, ONE_TO_MANY -> binary.holder().equals(child)
                    && binary.parent().equals(parent);
            case LINKED -> binary.via().equals(child)
                    && (binary.from().equals(parent) || binary.to().equals(parent));
            case MANY_TO_MANY -> !child.equals(parent) && binary.pointedTo().equals(Set.of(child, parent));
        };
    }
}

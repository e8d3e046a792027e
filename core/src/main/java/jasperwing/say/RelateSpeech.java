package jasperwing.say;

import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.naming.Articles;
import jasperwing.naming.FreeName;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads a clause that ties things to each other: {@code an orchard has many trees}, {@code a note is about a dive or a specimen}. */
final class RelateSpeech {
    private static final List<SentenceForm> MANY_TO_MANY = List.of(
            SentenceForm.of("A:noun and B:noun (are)? (many-to-many|related many-to-many)"),
            SentenceForm.of("(there is)? (a)? many-to-many (relationship|relation)? between A:noun and B:noun"),
            SentenceForm.of("A:noun (has|have) a many-to-many (relationship|relation) (with|to) B:noun"));

    private final Design design;
    private final SpokenNouns nouns;
    private final GuessChoices choices;

    RelateSpeech(Design design, SpokenNouns nouns, GuessChoices choices) {
        this.design = design;
        this.nouns = nouns;
        this.choices = choices;
    }

    /**
     * Who does what, up to whom it is done to.
     *
     * @param several whether more than one of the subject was said to do it with the same: {@code many nurses work on …}
     * @param bare whether it has no article, as in notes
     */
    private record Opening(
            String subject, boolean plural, boolean several, boolean bare, Optional<Boolean> must, VerbPhrase verb) {}

    /** What the object of a clause is, and how many. */
    private record Objects(
            List<String> names, SpokenQuantity quantity, boolean alternatives, boolean bare, boolean counted) {}

    Optional<List<ClauseMeaning>> read(List<Token> tokens) {
        return MANY_TO_MANY.stream()
                .flatMap(f -> f.read(tokens, nouns, this::manyToMany).stream())
                .findFirst()
                .or(() -> clause(tokens));
    }

    private Optional<List<ClauseMeaning>> manyToMany(SentenceForm.Match match) {
        String first = nouns.named(match.text("A")).orElseThrow();
        String second = nouns.named(match.text("B")).orElseThrow();
        Reading many = new Reading(false, "have", true, "");
        return Optional.of(List.of(new ClauseMeaning.Related(
                ClauseMeaning.relationship(first, List.of(second), many, Optional.of(many), ""), List.of())));
    }

    private Optional<List<ClauseMeaning>> clause(List<Token> tokens) {
        Optional<SpokenQuantity> quantity = SpokenQuantity.at(tokens, 0).filter(SpokenQuantity::many);
        int start = quantity.map(SpokenQuantity::words).orElse(0);
        for (int end : Capture.NOUN.ends(tokens, start, nouns)) {
            Optional<List<ClauseMeaning>> found = from(tokens, start, end, quantity.isPresent());
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private Optional<List<ClauseMeaning>> from(List<Token> tokens, int start, int end, boolean several) {
        String phrase = Token.text(tokens.subList(start, end));
        String last = tokens.get(end - 1).low();
        boolean plural = Plurals.isPlural(last) && !phrase.matches("(?i)(?:an?|each|every|one) .*");
        ModalVerb modal = ModalVerb.run(tokens, end);
        boolean isOne = !plural
                && (phrase.matches("(?i)(?:an?|each|every|the|one|any) .*")
                        || nouns.known(phrase).isPresent());
        String subject = nouns.named(phrase).orElseThrow();
        boolean bare = !plural && SpokenNouns.withoutArticle(phrase).equals(phrase);
        for (VerbPhrase verb : VerbPhrase.at(tokens, end + modal.words(), isOne)) {
            Opening opening = new Opening(subject, plural, several, bare, modal.must(), verb);
            Optional<List<ClauseMeaning>> found = object(opening, tokens.subList(verb.end(), tokens.size()));
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** The object, with what may follow it: the other side, a link, attributes of the pair, a role. */
    private Optional<List<ClauseMeaning>> object(Opening opening, List<Token> rest) {
        for (int end = rest.size(); end > 0; end--) {
            Optional<Objects> objects = objects(
                    rest.subList(0, end),
                    opening.bare() && opening.verb().base().contains(" "));
            if (objects.isPresent()) {
                Optional<List<ClauseMeaning>> found =
                        ClauseTail.of(rest.subList(end, rest.size())).flatMap(t -> meaning(opening, objects.get(), t));
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Objects> objects(List<Token> tokens, boolean telegraphic) {
        boolean oneOf =
                tokens.size() > 3 && tokens.get(0).is("one") && tokens.get(1).is("of")
                        || tokens.get(0).is("either");
        if (oneOf) {
            List<String> names = nouns.list(tokens.subList(tokens.get(0).is("either") ? 1 : 2, tokens.size()));
            return names.size() < 2 ? Optional.empty() : Optional.of(new Objects(names, one(), true, false, true));
        }
        Optional<SpokenQuantity> counted = SpokenQuantity.at(tokens, 0);
        List<Token> phrase = tokens.subList(counted.map(SpokenQuantity::words).orElse(0), tokens.size());
        if (phrase.isEmpty() || !phrase.get(phrase.size() - 1).isName()) {
            return Optional.empty();
        }
        boolean or = phrase.stream().anyMatch(t -> t.is("or"));
        List<String> names = nouns.list(phrase);
        boolean measure =
                Lexicon.isMeasure(Plurals.singular(phrase.get(phrase.size() - 1).low()))
                        && nouns.known(Token.text(phrase)).isEmpty();
        if (names.isEmpty() || measure || or && names.size() < 2) {
            return Optional.empty();
        }
        boolean article = phrase.get(0).is("a", "an", "the", "its", "their", "one", "another", "each");
        boolean plural = Plurals.isPlural(phrase.get(phrase.size() - 1).low());
        boolean bare = counted.isEmpty() && !article;
        if (bare && !plural && !telegraphic && nouns.known(Token.text(phrase)).isEmpty() && !or) {
            return Optional.empty();
        }
        SpokenQuantity quantity =
                counted.orElseGet(() -> plural && !or ? new SpokenQuantity(true, Optional.empty(), 0, "") : one());
        return Optional.of(new Objects(names, quantity, or, bare, counted.isPresent()));
    }

    private static SpokenQuantity one() {
        return new SpokenQuantity(false, Optional.empty(), 0, "");
    }

    private Optional<List<ClauseMeaning>> meaning(Opening opening, Objects objects, ClauseTail tail) {
        boolean many = objects.quantity().many();
        boolean must = opening.must().orElse(objects.quantity().least().orElse(!many));
        Reading forward = new Reading(must, opening.verb().base(), many, tail.role())
                .withMost(many ? objects.quantity().most() : 0);
        if (!Reading.isVerb(forward.verb())) {
            return Optional.empty();
        }
        if (objects.alternatives() && objects.names().size() > 1) {
            return tail.isEmpty() && !many ? Optional.of(List.of(oneOf(opening, objects, forward))) : Optional.empty();
        }
        List<ClauseMeaning> all = new ArrayList<>();
        for (String target : objects.names()) {
            Optional<List<ClauseMeaning>> one = clause(opening, objects, forward, target, tail);
            if (one.isEmpty()) {
                return Optional.empty();
            }
            all.addAll(one.get());
        }
        return all.isEmpty() ? Optional.empty() : Optional.of(all);
    }

    private static ClauseMeaning oneOf(Opening opening, Objects objects, Reading forward) {
        Reading back = new Reading(false, "have", true, "");
        return new ClauseMeaning.Related(
                ClauseMeaning.relationship(opening.subject(), objects.names(), forward, Optional.of(back), ""),
                List.of());
    }

    /** Looks first whether the object names a part that another plays, or is described. */
    private Optional<List<ClauseMeaning>> clause(
            Opening opening, Objects objects, Reading forward, String target, ClauseTail tail) {
        ObjectSpeech object = new ObjectSpeech(design, nouns, choices);
        List<String> guesses = new ArrayList<>();
        Optional<String> player =
                forward.many() || objects.names().size() > 1 ? Optional.empty() : object.player(target, tail, guesses);
        if (player.isPresent()) {
            return related(opening, objects, forward.withRole(Words.camel(target)), player.get(), ClauseTail.NONE)
                    .map(m -> guessing(m, guesses));
        }
        if (opening.verb().owns() && object.describes(opening.subject(), target, forward.many(), tail, guesses)) {
            return related(opening, objects, forward, target, ClauseTail.NONE)
                    .flatMap(m -> object.described(guessing(m, guesses), target, tail.attributes()));
        }
        return related(opening, objects, forward, target, tail).map(m -> guessing(m, guesses));
    }

    /** The same, with more that was guessed. */
    private static List<ClauseMeaning> guessing(List<ClauseMeaning> meanings, List<String> guesses) {
        if (guesses.isEmpty()) {
            return meanings;
        }
        List<ClauseMeaning> all = new ArrayList<>(meanings);
        all.set(0, all.get(0).guessing(guesses));
        return all;
    }

    private Optional<List<ClauseMeaning>> related(
            Opening opening, Objects objects, Reading forward, String target, ClauseTail tail) {
        Optional<Reading> back = Optional.empty();
        if (!tail.otherSide().isEmpty()) {
            back = converse(opening.subject(), target, tail);
            if (back.isEmpty()) {
                return further(opening, objects, forward, target, tail);
            }
        }
        boolean linked = !tail.via().isEmpty() || !tail.attributes().isEmpty();
        List<String> guesses = new ArrayList<>();
        if (back.isEmpty() && !opening.verb().isComposing()) {
            Optional<List<ClauseMeaning>> restated =
                    new RestatedRelationship(design, choices).read(opening.subject(), target, forward, tail, guesses);
            if (restated.isPresent()) {
                return restated;
            }
        }
        if (!objects.quantity().unkept().isEmpty()) {
            guesses.add("not kept: how many, " + objects.quantity().unkept());
        }
        Reading other = back.orElseGet(() -> otherSide(opening, objects, target, forward, linked, guesses));
        Reading certain = forward.withMust(must(opening, objects, forward, target, guesses));
        return linked && forward.many()
                ? link(opening, certain, other, target, tail, guesses)
                : linked ? Optional.empty() : Optional.of(List.of(binary(opening, certain, other, target, guesses)));
    }

    /** {@code belongs to an owner} leaves open whether there can be one without; that there cannot is a guess. */
    private boolean must(Opening opening, Objects objects, Reading forward, String target, List<String> guesses) {
        boolean open = !forward.many()
                && opening.must().isEmpty()
                && objects.quantity().least().isEmpty();
        if (!open) {
            return forward.must();
        }
        List<String> ways = List.of(
                "guessed: each " + opening.subject() + " must have one " + target,
                "guessed: each " + opening.subject() + " may have one " + target);
        int way = choices.of(ways);
        guesses.add(ways.get(way));
        return way == 0;
    }

    /** What follows is no other side but something more about the object: {@code … lines, each of which has a quantity}. */
    private Optional<List<ClauseMeaning>> further(
            Opening opening, Objects objects, Reading forward, String target, ClauseTail tail) {
        if (tail.hasSubject()) {
            return Optional.empty();
        }
        Optional<List<ClauseMeaning>> first = related(opening, objects, forward, target, ClauseTail.NONE);
        return first.flatMap(f -> {
            Design then = design;
            for (ClauseMeaning meaning : f) {
                then = meaning.edit().on(then);
            }
            List<Token> clause = new ArrayList<>(Token.of("each " + Notation.name(target)));
            clause.addAll(tail.otherSide());
            return new ClauseReader(then, choices).read(clause).map(more -> {
                List<ClauseMeaning> all = new ArrayList<>(f);
                all.addAll(more);
                return all;
            });
        });
    }

    private static ClauseMeaning binary(
            Opening opening, Reading forward, Reading other, String target, List<String> guesses) {
        Relationship relationship =
                ClauseMeaning.relationship(opening.subject(), List.of(target), forward, Optional.of(other), "");
        boolean whole =
                opening.verb().isComposing() && forward.many() && !other.many() && !target.equals(opening.subject());
        return new ClauseMeaning.Related(
                whole
                        ? RelationshipEdits.withRule(relationship, opening.subject(), DeleteRule.DELETE_TOO)
                        : relationship,
                guesses);
    }

    private Optional<List<ClauseMeaning>> link(
            Opening opening, Reading forward, Reading other, String target, ClauseTail tail, List<String> guesses) {
        String link = tail.via().isEmpty()
                ? FreeName.of(design, LinkNames.of(opening.verb().base(), opening.subject(), target))
                : nouns.named(tail.via()).orElse("");
        if (link.isEmpty()) {
            return Optional.empty();
        }
        Reading back = other.withMany(true).withMust(false).withVerb(other.many() ? other.verb() : "have");
        List<ClauseMeaning> all = new ArrayList<>();
        all.add(new ClauseMeaning.Related(
                ClauseMeaning.relationship(opening.subject(), List.of(target), forward, Optional.of(back), link),
                guesses));
        if (!tail.attributes().isEmpty()) {
            Design then = all.get(0).edit().on(design);
            Optional<List<ClauseMeaning>> attributes =
                    new HavingSpeech(then, new SpokenNouns(then), choices).items(link, tail.attributes());
            boolean plain = attributes.isPresent()
                    && attributes.get().stream().allMatch(ClauseMeaning.Described.class::isInstance);
            if (!plain) {
                return Optional.empty();
            }
            all.addAll(attributes.get());
        }
        return Optional.of(all);
    }

    /** What is said of the other side: {@code which belongs to one orchard}, {@code each of which …}, {@code and each tree …}. */
    private Optional<Reading> converse(String subject, String target, ClauseTail tail) {
        List<Token> whole = new ArrayList<>(tail.hasSubject() ? List.of() : Token.of("each " + Notation.name(target)));
        whole.addAll(tail.otherSide());
        Design then = ClauseMeaning.withEntities(design, List.of(subject, target));
        return new RelateSpeech(then, new SpokenNouns(then), choices)
                .read(whole)
                .filter(m -> m.size() == 1)
                .map(m -> m.get(0))
                .filter(ClauseMeaning.Related.class::isInstance)
                .map(m -> ((ClauseMeaning.Related) m).relationship())
                .filter(r -> r.from().equals(target) && r.targets().equals(List.of(subject)))
                .map(Relationship::forward);
    }

    /** What is likely true the other way round; shown as a guess. */
    private Reading otherSide(
            Opening opening, Objects objects, String target, Reading forward, boolean linked, List<String> guesses) {
        String from = opening.subject();
        if (from.equals(target) && forward.many() && !opening.verb().isNesting()) {
            return new Reading(false, "have", true, "others");
        }
        if (from.equals(target) && !forward.role().isEmpty() && !forward.many()) {
            return new Reading(
                    false, "have", true, forward.role().equals("parent") ? "children" : forward.role() + "Of");
        }
        if (from.equals(target)) {
            return new Reading(false, "have", !forward.many(), forward.many() ? "parent" : "children");
        }
        boolean shared =
                forward.many() && (linked || opening.several() || opening.verb().isShared(target));
        if (opening.several() && shared) {
            return new Reading(false, "have", true, "");
        }
        String several = "guessed: " + Articles.with(target) + " may have many " + Plurals.plural(from);
        if (linked && shared) {
            guesses.add(several);
            return new Reading(false, "have", true, "");
        }
        String one = "guessed: each " + target + " belongs to one " + from;
        boolean many = forward.many() ? shared : !(owns(opening) && objects.counted());
        String optional = "guessed: " + Articles.with(target) + " may belong to one " + from;
        List<String> ways = many ? List.of(several, one, optional) : List.of(one, several, optional);
        String taken = ways.get(choices.of(ways));
        guesses.add(taken);
        return taken.equals(several)
                ? new Reading(false, "have", true, "")
                : new Reading(taken.equals(one), "belong to", false, "");
    }

    private static boolean owns(Opening opening) {
        return opening.verb().owns() || opening.verb().isComposing();
    }
}

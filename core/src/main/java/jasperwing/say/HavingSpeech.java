package jasperwing.say;

import jasperwing.model.Design;
import jasperwing.naming.Plurals;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Reads what an entity is said to have: attributes with or without types, and things, many or one. */
final class HavingSpeech {
    private static final List<SentenceForm> HAS = List.of(
            SentenceForm.of(
                    "(for|of)? E:noun (, we|we) (record|store|keep|need|know|want|save|track|remember|register) (its|their|the)? I:any"),
            SentenceForm.of(
                    "(we|the system|it) (record|store|keep|need|records|stores|keeps|track|tracks|save|saves|remember|remembers) I:any (of|for|about) E:noun"),
            SentenceForm.of("(give|add to) E:noun I:any"),
            SentenceForm.of("add I:any to E:noun"),
            SentenceForm.of("E:noun : I:any"),
            SentenceForm.of(
                    "E:noun (also|each|itself)? (has|have|with|records|stores|carries|bears|holds|keeps) (the following|these)? (attributes|fields|data|columns|details)? (:)? I:any"),
            SentenceForm.of(
                    "E:noun (must have|must always have|always has|always have|shall have|should have|has to have|have to have|needs|need|must record|must store|has got|have got) I:any"),
            SentenceForm.of(
                    "E:noun (is|are) (described by|characterised by|characterized by|recorded with|stored with|kept with) (its|their|the)? I:any"));
    private static final SentenceForm MAY_HAVE = SentenceForm.of(
            "E:noun (may have|can have|might have|could have|may optionally have|can optionally have|optionally has|optionally have|sometimes has|sometimes have|may also have|can also have) I:any");

    private final Design design;
    private final SpokenNouns nouns;
    private final GuessChoices choices;

    HavingSpeech(Design design, SpokenNouns nouns, GuessChoices choices) {
        this.design = design;
        this.nouns = nouns;
        this.choices = choices;
    }

    Optional<List<ClauseMeaning>> read(List<Token> tokens) {
        return MAY_HAVE.read(tokens, nouns, m -> had(m, true))
                .or(() -> SentenceForm.first(HAS, tokens, nouns, m -> had(m, false)));
    }

    private Optional<List<ClauseMeaning>> had(SentenceForm.Match match, boolean may) {
        return nouns.named(match.text("E")).flatMap(e -> items(e, match.get("I"), may));
    }

    Optional<List<ClauseMeaning>> items(String subject, List<Token> list) {
        return items(subject, list, false);
    }

    private Optional<List<ClauseMeaning>> items(String subject, List<Token> list, boolean may) {
        Items items = new Items(subject, may, ClauseMeaning.withEntities(design, List.of(subject)));
        List<List<Token>> parts = split(list);
        for (List<Token> item : parts) {
            if (!(parts.size() > 1 && items.takeCount(item)) && !items.take(item)) {
                return Optional.empty();
            }
        }
        return items.meanings();
    }

    /** What has been read of a list so far. */
    private final class Items {
        private final String subject;
        private final boolean may;
        private final List<ClauseMeaning> meanings = new ArrayList<>();
        private final List<AttributeItem> attributes = new ArrayList<>();
        private Design then;

        Items(String subject, boolean may, Design then) {
            this.subject = subject;
            this.may = may;
            this.then = then;
        }

        /** Among other attributes {@code a number of seats} is one too, unless the design has seats. */
        boolean takeCount(List<Token> item) {
            boolean counts = item.size() > 3 && Token.stand(List.of("a", "number", "of"), item, 0);
            if (!counts || nouns.known(Token.text(item.subList(3, item.size()))).isPresent()) {
                return false;
            }
            Optional<AttributeItem> count = AttributeItem.of(design, item, may, choices);
            count.ifPresent(attributes::add);
            return count.isPresent();
        }

        /** @return whether it was understood */
        boolean take(List<Token> item) {
            Optional<List<ClauseMeaning>> said =
                    clause(then, subject, item, may).or(() -> listed(then, subject, item, may));
            if (said.isPresent()) {
                meanings.addAll(said.get());
                said.get().forEach(m -> then = m.edit().on(then));
                return true;
            }
            Optional<AttributeItem> attribute = AttributeItem.of(design, item, may, choices)
                    .filter(a -> a.typed() || nouns.known(a.attribute().name()).isEmpty());
            attribute.ifPresent(attributes::add);
            return attribute.isPresent();
        }

        Optional<List<ClauseMeaning>> meanings() {
            if (!attributes.isEmpty()) {
                meanings.add(0, described());
            }
            return meanings.isEmpty() ? Optional.empty() : Optional.of(meanings);
        }

        private ClauseMeaning described() {
            return new ClauseMeaning.Described(
                    subject,
                    attributes.stream().map(AttributeItem::attribute).toList(),
                    names(attributes.stream().filter(AttributeItem::key)),
                    names(attributes.stream().filter(AttributeItem::typed)),
                    attributes.stream().flatMap(a -> a.guesses().stream()).toList());
        }

        private static Set<String> names(Stream<AttributeItem> items) {
            return items.map(i -> i.attribute().name()).collect(Collectors.toCollection(LinkedHashSet::new));
        }
    }

    /** An attribute with its values: {@code a priority: low or high}, {@code a state which is open or done}. */
    private Optional<List<ClauseMeaning>> listed(Design then, String subject, List<Token> item, boolean may) {
        for (int i = 1; i < item.size() - 2; i++) {
            int rest = item.get(i).is(":") ? i + 1 : 0;
            boolean relative =
                    item.get(i).is("which", "that") && item.get(i + 1).is("is", "are", "can", "must", "may");
            rest = relative ? i + (item.get(i + 2).is("be") ? 3 : 2) : rest;
            if (rest > 0) {
                List<Token> whole =
                        Token.of("the " + SpokenNouns.withoutArticle(Token.text(item.subList(0, i))) + " of "
                                + Notation.name(subject) + " is one of " + Token.text(item.subList(rest, item.size())));
                boolean several = item.subList(rest, item.size()).stream().anyMatch(t -> t.is("or", ",", "and"));
                return several && !may
                        ? new AttributeSpeech(then, new SpokenNouns(then), choices).read(whole)
                        : Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** A thing among what is had, or something else the subject does: {@code … and belongs to one depot}. */
    private Optional<List<ClauseMeaning>> clause(Design then, String subject, List<Token> item, boolean may) {
        String first = item.get(0).low();
        boolean verb = ModalVerb.at(item, 0).isPresent() && item.size() > 2
                || first.matches("is|are|has|have|belongs?|contains?|includes?|consists?|comprises?")
                || first.matches("\\p{L}+s") && Lexicon.isVerb(first) && item.size() > 1;
        if (verb) {
            List<Token> whole = Token.of("each " + Notation.name(subject));
            whole.addAll(item);
            return new ClauseReader(then, choices).read(whole);
        }
        boolean counted = SpokenQuantity.at(item, 0).isPresent();
        List<Token> bare = Token.of(SpokenNouns.withoutArticle(Token.text(item)));
        if (bare.isEmpty()) {
            return Optional.empty();
        }
        String last = bare.get(bare.size() - 1).low();
        boolean listed = Plurals.isPlural(last) && AttributeItem.isUsuallyListed(Plurals.singular(Token.text(bare)));
        boolean known = nouns.known(Token.text(bare)).isPresent();
        boolean plural = Plurals.isPlural(last) && !Plurals.singular(last).equals(last);
        boolean many =
                plural && !listed && AttributeItem.guessable(Token.text(bare)).isEmpty() && isName(bare);
        boolean thing = Lexicon.isThing(last)
                && AttributeItem.guessable(Token.text(bare)).isEmpty()
                && item.size() > bare.size()
                && isName(bare)
                && item.size() - bare.size() == 1;
        if ((!counted || listed && !known) && !known && !many && !thing && !isPart(item)) {
            return Optional.empty();
        }
        List<Token> whole = Token.of("each " + Notation.name(subject) + (may ? " may have" : " has"));
        whole.addAll(item);
        return new RelateSpeech(then, new SpokenNouns(then), choices).read(whole);
    }

    /** A part that another plays: {@code a leader who is a firefighter}. */
    private static boolean isPart(List<Token> item) {
        return IntStream.range(1, Math.max(1, item.size() - 3))
                .anyMatch(i -> item.get(i).is("who", "which", "that")
                        && item.get(i + 1).is("is")
                        && item.get(i + 2).is("a", "an"));
    }

    private static boolean isName(List<Token> bare) {
        return bare.stream().allMatch(t -> t.isName() && Lexicon.isOfNames(t.low()));
    }

    /** At commas and {@code and}, but not within {@code between 2 and 5}, {@code date and time} or a list of values behind a colon. */
    static List<List<Token>> split(List<Token> list) {
        List<List<Token>> items = new ArrayList<>();
        List<Token> item = new ArrayList<>();
        int depth = 0;
        for (int i = 0; i < list.size(); i++) {
            Token token = list.get(i);
            depth += token.is("(") ? 1 : token.is(")") ? -1 : 0;
            boolean and = token.is("and") && !isWithin(list, i);
            if (depth == 0 && (isChoice(list, i) || isDescription(list, i))) {
                item.addAll(list.subList(i, list.size()));
                break;
            }
            if (token.is(",") && i + 1 < list.size() && list.get(i + 1).is("which", "that", "who")) {
                continue;
            }
            if (depth == 0 && (token.is(",", ";") || and)) {
                if (!item.isEmpty()) {
                    items.add(item);
                }
                item = new ArrayList<>();
            } else {
                item.add(token);
            }
        }
        if (!item.isEmpty()) {
            items.add(item);
        }
        return items;
    }

    /** Whether what is had of a thing follows to the end: {@code rooms with a number and a floor}; not a detail: {@code with 2 decimals}. */
    private static boolean isDescription(List<Token> list, int at) {
        return at > 0
                && at + 2 < list.size()
                && list.get(at).is("with")
                && list.get(at + 1).is("a", "an", "its", "their");
    }

    /** Whether the values of an attribute follow to the end. */
    private static boolean isChoice(List<Token> list, int at) {
        boolean starts = list.get(at).is(":")
                || list.get(at).is("which", "that")
                        && at + 2 < list.size()
                        && list.get(at + 1).is("is", "can", "must", "may");
        return at > 0 && starts && list.subList(at, list.size()).stream().anyMatch(t -> t.is("or"));
    }

    private static boolean isWithin(List<Token> list, int at) {
        boolean numbers = at > 1
                && at + 1 < list.size()
                && Numerals.of(list.get(at - 1)).isPresent()
                && Numerals.of(list.get(at + 1)).isPresent()
                && list.get(at - 2).is("between", "from");
        boolean dateTime = at > 0
                && at + 1 < list.size()
                && list.get(at - 1).is("date")
                && list.get(at + 1).is("time")
                && at + 2 < list.size()
                && list.get(at + 2).is("of");
        return numbers || dateTime;
    }
}

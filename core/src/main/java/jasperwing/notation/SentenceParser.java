package jasperwing.notation;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Comments;
import jasperwing.model.DeleteRule;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.Notes;
import jasperwing.model.OnDelete;
import jasperwing.model.OnKeyChange;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.Sorting;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads a relationship: {@code each … may|must … one|many …, which …}, and the lines indented below it. */
final class SentenceParser {
    private SentenceParser() {}

    /** The far end of a sentence, before it is known which kind of relationship it states. */
    private record Far(boolean must, String verb, Count count, List<String> entities, boolean oneOf) {}

    /** @param most as {@link Reading#most} */
    private record Count(boolean many, int most) {}

    static Relationship sentence(Cursor cursor, Comments comments) throws SyntaxException {
        Token start = cursor.peek();
        cursor.words("each");
        String from = cursor.name("the name of an entity");
        Far far = far(cursor, from);
        String role = role(cursor);
        String was = was(cursor, role);
        Optional<Sorting> sorting = SortingParser.sorting(cursor, far.count().many());
        Token viaAt = cursor.peek();
        String via = cursor.takeWord("via") ? cursor.name("the name of the link entity") : "";
        Optional<Reading> back = cursor.takeSymbol(",") ? Optional.of(back(cursor, from)) : Optional.empty();
        cursor.takeSymbol(".");
        cursor.end();
        Reading forward = new Reading(
                far.must(),
                far.verb(),
                far.count().many(),
                role,
                was,
                sorting,
                far.count().most());
        boolean plural = forward.many() && back.map(Reading::many).orElse(true);
        if (!via.isEmpty() && (far.oneOf() || !plural)) {
            throw cursor.wrong(viaAt, "a link entity needs many at both ends", "");
        }
        try {
            return far.oneOf()
                    ? new PolymorphicRelationship(
                            from, far.entities(), forward, back, Optional.empty(), List.of(), Notes.of(comments))
                    : new BinaryRelationship(
                            from, far.entities().get(0), via, forward, back, List.of(), Notes.of(comments));
        } catch (IllegalArgumentException e) {
            throw cursor.wrong(start, e.getMessage(), "");
        }
    }

    private static Far far(Cursor cursor, String from) throws SyntaxException {
        boolean must = mayOrMust(cursor);
        String verb = verb(cursor);
        Count count = count(cursor);
        if (count.many() || !cursor.takeWord("of")) {
            return new Far(must, verb, count, List.of(cursor.name("the name of an entity")), false);
        }
        List<String> subjects = new ArrayList<>(List.of(cursor.name("the name of an entity")));
        while (moreSubjects(cursor)) {
            subjects.add(cursor.name("the name of another subject"));
        }
        return new Far(must, verb, count, subjects, true);
    }

    private static boolean moreSubjects(Cursor cursor) {
        if (cursor.peek().isSymbol(",") && !cursor.peek(1).isWord("which")) {
            cursor.next();
            cursor.takeWord("or");
            return true;
        }
        return cursor.takeWord("or");
    }

    private static Reading back(Cursor cursor, String from) throws SyntaxException {
        cursor.words("which");
        boolean must = mayOrMust(cursor);
        String verb = verb(cursor);
        Count count = count(cursor);
        Token at = cursor.peek();
        String entity = cursor.name("the name of an entity");
        if (!entity.equals(from)) {
            throw cursor.wrong(at, "the way back must lead to " + from + ", but leads to " + at.shown(), from);
        }
        String role = role(cursor);
        String was = was(cursor, role);
        return new Reading(
                must, verb, count.many(), role, was, SortingParser.sorting(cursor, count.many()), count.most());
    }

    private static String role(Cursor cursor) throws SyntaxException {
        return cursor.takeWord("as") ? cursor.name("the role's name") : "";
    }

    /** A former role can be said where the role is. */
    private static String was(Cursor cursor, String role) throws SyntaxException {
        return !role.isEmpty() && cursor.takeWord("was") ? cursor.name("the former name of the role") : "";
    }

    private static boolean mayOrMust(Cursor cursor) throws SyntaxException {
        if (cursor.takeWord("must")) {
            return true;
        }
        if (!cursor.takeWord("may")) {
            throw cursor.unexpected("'must' or 'may'");
        }
        return false;
    }

    private static String verb(Cursor cursor) throws SyntaxException {
        StringBuilder verb = new StringBuilder();
        while (cursor.peek().kind() == Token.Kind.WORD
                && !cursor.peek().isWord("one")
                && !cursor.peek().isWord("many")
                && !isAtMost(cursor)) {
            verb.append(verb.isEmpty() ? "" : " ").append(cursor.next().text());
        }
        if (verb.isEmpty()) {
            throw cursor.unexpected("a verb, such as 'have' or 'belong to'");
        }
        if (!cursor.peek().isWord("one") && !cursor.peek().isWord("many") && !isAtMost(cursor)) {
            throw cursor.unexpected("'one', 'many', 'at most 8' or 'one of'");
        }
        return verb.toString();
    }

    private static boolean isAtMost(Cursor cursor) {
        return cursor.peek().isWord("at")
                && cursor.peek(1).isWord("most")
                && cursor.peek(2).kind() == Token.Kind.NUMBER;
    }

    private static Count count(Cursor cursor) throws SyntaxException {
        if (cursor.takeWord("many")) {
            return new Count(true, 0);
        }
        if (!cursor.takeWords("at", "most")) {
            cursor.words("one");
            return new Count(false, 0);
        }
        Token at = cursor.peek();
        int most = cursor.wholeNumber("how many there can be");
        if (most < 2) {
            throw cursor.wrong(at, "of many there can be 2 or more; for fewer, say 'one'", "a number from 2 on");
        }
        return new Count(true, most);
    }

    /** One indented line below a sentence. */
    static Relationship detail(Relationship relationship, Cursor cursor, Comments comments) throws SyntaxException {
        Token first = cursor.peek();
        if (cursor.takeWord("deleting")) {
            return withRule(relationship, cursor, comments);
        }
        if (cursor.takeWords("changing", "the", "key", "of")) {
            return withKeyChange(relationship, cursor, comments);
        }
        Optional<Relationship> named = NamingParser.line(relationship, cursor);
        Relationship changed;
        if (named.isPresent()) {
            changed = named.get();
        } else if (cursor.takeWords("kept", "as")) {
            changed = withKeeping(relationship, cursor);
        } else if (cursor.takeWords("checked", "at", "the", "end")) {
            changed = withCheckedAtEnd(relationship, cursor, first);
        } else if (cursor.takeWords("key", "held", "by")) {
            changed = withHolder(relationship, cursor);
        } else if (cursor.takeWord("label")) {
            changed =
                    relationship.withNotes(relationship.notes().withLabel(cursor.string("the label in double quotes")));
        } else if (first.kind() == Token.Kind.STRING) {
            changed = relationship.withNotes(
                    relationship.notes().withDoc(cursor.next().text()));
        } else {
            throw cursor.unexpected(
                    "'deleting', 'changing the key of', 'kept as', 'checked at the end', 'key held by', 'table', 'column', 'foreign key', 'label' or a text in double quotes");
        }
        cursor.end();
        return changed.withNotes(Merge.comments(changed.notes(), comments));
    }

    private static Relationship withCheckedAtEnd(Relationship relationship, Cursor cursor, Token at)
            throws SyntaxException {
        if (relationship.checkedAtEnd()) {
            throw cursor.wrong(at, "when it is checked is said twice", "");
        }
        return relationship.withCheckedAtEnd(true);
    }

    /** Before the rules on deleting, which are about the entity the key points to. */
    private static Relationship withHolder(Relationship relationship, Cursor cursor) throws SyntaxException {
        Token at = cursor.peek();
        String entity = cursor.name("the entity that holds the key");
        Optional<BinaryRelationship> possible = relationship.match(
                t -> Optional.of(t)
                        .filter(o -> o.shape() == BinaryRelationship.Shape.ONE_TO_ONE
                                && !o.isSelf()
                                && o.deletes().isEmpty()
                                && o.keyChanges().isEmpty()),
                o -> Optional.<BinaryRelationship>empty());
        if (possible.isEmpty()) {
            throw cursor.wrong(
                    at,
                    "who holds the key is said of a one-to-one between two entities, before rules on deleting and changing",
                    "");
        }
        BinaryRelationship binary = possible.get();
        if (!entity.equals(binary.from()) && !entity.equals(binary.to())) {
            throw cursor.wrong(at, entity + " is at neither end", binary.from() + " or " + binary.to());
        }
        return binary.holder().equals(entity) ? binary : binary.withTurned(!binary.turned());
    }

    /** The entity a rule is about: one that rows point to because of the relationship. */
    private static String pointedTo(Relationship relationship, Cursor cursor, String what, String rule)
            throws SyntaxException {
        Token at = cursor.peek();
        String entity = cursor.name(what);
        if (!ReferenceHolders.of(relationship).containsKey(entity)) {
            throw cursor.wrong(
                    at,
                    "a rule for " + rule + entity + " says nothing here: no row points to it",
                    String.join(" or ", ReferenceHolders.of(relationship).keySet()));
        }
        return entity;
    }

    private static Relationship withRule(Relationship relationship, Cursor cursor, Comments comments)
            throws SyntaxException {
        Token at = cursor.peek();
        String entity = pointedTo(relationship, cursor, "the entity whose rows are deleted", "deleting ");
        DeleteRule rule;
        if (cursor.takeWords("is", "refused")) {
            rule = DeleteRule.REFUSE;
        } else if (cursor.takeWords("empties", "it")) {
            rule = DeleteRule.EMPTY;
        } else if (cursor.takeWord("deletes")) {
            String holder = ReferenceHolders.of(relationship).get(entity);
            Token given = cursor.peek();
            if (!cursor.name("the entity whose rows go too").equals(holder)) {
                throw cursor.wrong(given, "it is " + holder + " that points to " + entity, holder);
            }
            cursor.words("too");
            rule = DeleteRule.DELETE_TOO;
        } else {
            throw cursor.unexpected("'is refused', 'deletes "
                    + ReferenceHolders.of(relationship).get(entity) + " too' or 'empties it'");
        }
        cursor.end();
        if (relationship.deletes().stream().anyMatch(d -> d.entity().equals(entity))) {
            throw cursor.wrong(at, "what deleting " + entity + " does is said twice", "");
        }
        List<OnDelete> rules = new ArrayList<>(relationship.deletes());
        rules.add(new OnDelete(entity, rule, comments));
        return relationship.withDeletes(rules);
    }

    private static Relationship withKeyChange(Relationship relationship, Cursor cursor, Comments comments)
            throws SyntaxException {
        Token at = cursor.peek();
        String entity = pointedTo(relationship, cursor, "the entity whose key changes", "changing the key of ");
        KeyChangeRule rule;
        if (cursor.takeWords("is", "refused")) {
            rule = KeyChangeRule.REFUSE;
        } else if (cursor.takeWords("is", "followed")) {
            rule = KeyChangeRule.FOLLOW;
        } else if (cursor.takeWords("empties", "it")) {
            rule = KeyChangeRule.EMPTY;
        } else {
            throw cursor.unexpected("'is refused', 'is followed' or 'empties it'");
        }
        cursor.end();
        if (relationship.keyChanges().stream().anyMatch(c -> c.entity().equals(entity))) {
            throw cursor.wrong(at, "what changing the key of " + entity + " does is said twice", "");
        }
        List<OnKeyChange> rules = new ArrayList<>(relationship.keyChanges());
        rules.add(new OnKeyChange(entity, rule, comments));
        return relationship.withKeyChanges(rules);
    }

    private static Relationship withKeeping(Relationship relationship, Cursor cursor) throws SyntaxException {
        Token at = cursor.peek();
        if (relationship instanceof PolymorphicRelationship oneOf) {
            for (PolymorphicMapping keeping : PolymorphicMapping.values()) {
                if (cursor.takeWords(keeping.words().split(" "))) {
                    return oneOf.withKeeping(keeping).withNotes(oneOf.notes());
                }
            }
        }
        for (String later : List.of("a table for each", "a shared parent", "a shared key", "part of")) {
            if (cursor.takeWords(later.split(" "))) {
                throw cursor.notYet(at, "relationships kept as " + later);
            }
        }
        throw cursor.unexpected("'a column for each' or 'a kind and an id' below a one-of relationship");
    }
}

package jasperwing.notation;

import jasperwing.model.Attribute;
import jasperwing.model.Comments;
import jasperwing.model.Entity;
import jasperwing.model.Expression;
import jasperwing.model.Indexing;
import jasperwing.model.KindsKept;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.RowRule;
import jasperwing.model.RuleKept;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Reads an entity and its block. A line that cannot be read is a problem of its own and leaves the others standing. */
final class EntityParser {
    private static final String MEMBER = "the name of an attribute or role";

    private final List<Problem> problems;
    private final List<Attribute> attributes = new ArrayList<>();
    private final List<String> flagged = new ArrayList<>();
    private final List<Members> uniques = new ArrayList<>();
    private final List<Indexing> indexes = new ArrayList<>();
    private final List<RowRule> rules = new ArrayList<>();
    private Members key = Members.NONE;
    private Members shown = Members.NONE;
    private Optional<KindsKept> kinds = Optional.empty();
    private Notes notes = Notes.NONE;

    EntityParser(List<Problem> problems) {
        this.problems = problems;
    }

    Entity read(Outline.Statement statement) throws SyntaxException {
        Cursor cursor = statement.head().cursor();
        cursor.words("entity");
        String name = cursor.name("the name of the entity");
        Entity entity = head(cursor, Entity.of(name));
        notes = entity.notes().withComments(statement.head().comments());
        statement.eachLine(problems, this::line);
        return onto(entity);
    }

    /** An entity with all that was read. */
    Entity onto(Entity entity) {
        Members wholeKey = key.isEmpty() ? new Members(flagged, Comments.NONE) : key;
        return entity.withAttributes(attributes)
                .withKey(wholeKey)
                .withUniques(uniques)
                .withIndexes(indexes)
                .withRules(rules)
                .withShown(shown)
                .withInheritance(entity.inheritance().withKept(kinds))
                .withNotes(notes);
    }

    /** What may follow the name in an entity's first line. */
    static Entity head(Cursor cursor, Entity entity) throws SyntaxException {
        Entity result = entity;
        if (cursor.takeWords("is", "a", "kind", "of")) {
            result = result.withInheritance(result.inheritance().withOf(cursor.name("the entity it is a kind of")));
        }
        if (cursor.takeWord("in")) {
            result = result.withArea(cursor.name("the name of an area"));
        }
        while (cursor.takeSymbol(",")) {
            result = flagged(cursor, result);
        }
        if (cursor.takeWord("with")) {
            result = result.withTraits(names(cursor, "the name of a trait"));
        }
        if (cursor.takeWord("was")) {
            result = result.withNotes(result.notes().withWas(cursor.name("the former name of the entity")));
        }
        cursor.end();
        return result;
    }

    static Entity flagged(Cursor cursor, Entity entity) throws SyntaxException {
        if (!entity.outside() && cursor.takeWord("outside")) {
            return entity.withOutside(true);
        }
        if (!entity.inheritance().onlyKinds() && cursor.takeWords("only", "its", "kinds")) {
            return entity.withInheritance(entity.inheritance().withOnlyKinds(true));
        }
        if (entity.outside() && entity.notes().physical().isEmpty() && cursor.takeWords("in", "table")) {
            return entity.withNotes(entity.notes().withPhysical(cursor.string("the table's name in double quotes")));
        }
        throw cursor.unexpected("'outside' or 'only its kinds'");
    }

    private void line(Outline.Item item) throws SyntaxException {
        Cursor cursor = item.cursor();
        if (!detail(cursor, item.comments())) {
            attribute(cursor, item.comments());
        }
        cursor.end();
    }

    /** Reads a line that is no attribute. @return whether it is none */
    boolean detail(Cursor cursor, Comments comments) throws SyntaxException {
        Token first = cursor.peek();
        Token second = cursor.peek(1);
        if (first.kind() == Token.Kind.STRING) {
            notes = Merge.comments(notes.withDoc(cursor.next().text()), comments);
        } else if (first.isWord("label") && second.kind() == Token.Kind.STRING) {
            cursor.next();
            notes = Merge.comments(notes.withLabel(cursor.next().text()), comments);
        } else if (first.isWord("table") && second.kind() == Token.Kind.STRING) {
            cursor.next();
            notes = Merge.comments(notes.withPhysical(cursor.next().text()), comments);
        } else if ((first.isWord("unique") || first.isWord("key")) && second.isSymbol("(")) {
            combination(cursor, comments);
        } else if (first.isWord("index") && second.isSymbol("(")) {
            index(cursor, comments);
        } else if (beginsRule(cursor)) {
            rules.add(rule(cursor, comments));
        } else if (cursor.takeWords("shown", "as")) {
            shown = new Members(names(cursor, MEMBER), comments);
        } else if (cursor.takeWords("kinds", "kept", "in")) {
            kinds(cursor, first, comments);
        } else {
            return false;
        }
        return true;
    }

    private void combination(Cursor cursor, Comments comments) throws SyntaxException {
        Token word = cursor.next();
        cursor.symbol("(");
        Members members = new Members(names(cursor, MEMBER), comments);
        cursor.symbol(")");
        members = members.withConstraint(NamingParser.named(cursor));
        if (word.isWord("unique") && cursor.takeWord("where")) {
            indexes.add(new Indexing(members, List.of(), Optional.of(new ExpressionParser(cursor).read()), true));
        } else if (word.isWord("unique")) {
            uniques.add(members);
        } else if (key.isEmpty() && flagged.isEmpty()) {
            key = members;
        } else {
            throw cursor.wrong(word, "the key is said twice", "one 'key (…)' or 'key' after attributes, not both");
        }
    }

    private void index(Cursor cursor, Comments comments) throws SyntaxException {
        cursor.words("index");
        cursor.symbol("(");
        Members members = new Members(names(cursor, MEMBER), comments);
        cursor.symbol(")");
        members = members.withConstraint(NamingParser.named(cursor));
        List<String> covered = List.of();
        if (cursor.takeWord("with")) {
            cursor.symbol("(");
            covered = names(cursor, MEMBER);
            cursor.symbol(")");
        }
        Optional<Expression> where =
                cursor.takeWord("where") ? Optional.of(new ExpressionParser(cursor).read()) : Optional.empty();
        indexes.add(new Indexing(members, covered, where, false));
    }

    /** Whether a line is a rule, and not an attribute of that name. */
    static boolean beginsRule(Cursor cursor) {
        return cursor.peek().isWord("rule") && cursor.peek(1).kind() == Token.Kind.STRING;
    }

    static RowRule rule(Cursor cursor, Comments comments) throws SyntaxException {
        cursor.words("rule");
        Token message = cursor.next();
        if (message.text().isBlank()) {
            throw cursor.wrong(message, "the rule does not say what it asks for", "\"must end after it starts\"");
        }
        String named = NamingParser.named(cursor);
        cursor.symbol(":");
        RowRule rule = RowRule.of(message.text(), new ExpressionParser(cursor).read());
        return rule.withKept(ruleKept(cursor)).withConstraint(named).withComments(comments);
    }

    private static RuleKept ruleKept(Cursor cursor) throws SyntaxException {
        if (!cursor.takeSymbol(",")) {
            return RuleKept.CONSTRAINT;
        }
        cursor.words("held", "by");
        Token at = cursor.peek();
        for (RuleKept each : RuleKept.values()) {
            if (cursor.takeWords(each.words().split(" "))) {
                return each;
            }
        }
        throw cursor.wrong(at, "nothing of that name holds rows to a rule", "'triggers' or 'classes'");
    }

    private void attribute(Cursor cursor, Comments comments) throws SyntaxException {
        Token at = cursor.peek();
        AttributeLine line = new AttributeParser(cursor, comments).read();
        attributes.add(line.attribute());
        if (line.key()) {
            if (!key.isEmpty()) {
                throw cursor.wrong(at, "the key is said twice", "one 'key (…)' or 'key' after attributes, not both");
            }
            flagged.add(line.attribute().name());
        }
    }

    private void kinds(Cursor cursor, Token at, Comments comments) throws SyntaxException {
        if (kinds.isPresent()) {
            throw cursor.wrong(at, "how its kinds are kept is said twice", "say it once");
        }
        for (KindsKept each : KindsKept.values()) {
            if (cursor.takeWords(each.words().split(" "))) {
                kinds = Optional.of(each);
                notes = Merge.comments(notes, comments);
                return;
            }
        }
        throw cursor.unexpected(Arrays.stream(KindsKept.values())
                .map(k -> "'" + k.words() + "'")
                .collect(Collectors.joining(" or ")));
    }

    private static List<String> names(Cursor cursor, String what) throws SyntaxException {
        List<String> names = new ArrayList<>();
        do {
            names.add(cursor.name(what));
        } while (cursor.takeSymbol(","));
        return names;
    }
}

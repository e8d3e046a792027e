package jasperwing.notation;

import jasperwing.model.Attribute;
import jasperwing.model.Comments;
import jasperwing.model.Entity;
import jasperwing.model.Indexing;
import jasperwing.model.Inheritance;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.RowRule;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What an entity says besides its attributes, as lines of their own for a card: keys of several members, uniqueness, indexes, rules, what a row is
 * shown as, how kinds are kept; and what stands in the entity's first line in a file ({@code outside}, {@code in Fieldwork},
 * {@code with Stamped}, {@code is a kind of Instrument}, {@code only its kinds}, {@code was Descent}).
 *
 * <pre>{@code
 * List<String> lines = EntityDetails.print(dive);        // "unique (expedition, number)", "in Fieldwork"
 * Entity same = EntityDetails.replace(dive, lines);      // equal to dive
 * }</pre>
 */
public final class EntityDetails {
    private EntityDetails() {}

    /** Whether a line is one of these, and not an attribute; also one that begins like one and cannot be read. */
    public static boolean isDetail(String line) {
        return begins(line) || (first(line).filter(EntityDetails::startsHead).isPresent() && isWhole(line));
    }

    /** An attribute as a line that is none of these: its name is in backquotes where it would read as one. */
    public static String attribute(Attribute attribute, boolean key) {
        String line = AttributeText.of(attribute, key);
        return isDetail(line) ? AttributeText.quoted(attribute, key) : line;
    }

    /** What is wrong with a line; empty when it can be read. */
    public static Optional<Problem> problem(String line) {
        return read(line, Entity.of("E"), Optional.empty()).problems().stream().findFirst();
    }

    /** The lines of an entity, in the order of the notation; each reads back as it was. */
    public static List<String> print(Entity entity) {
        List<String> lines = new ArrayList<>(Printer.details(entity));
        if (entity.outside()) {
            lines.add("outside");
        }
        if (!entity.area().isEmpty()) {
            lines.add("in " + Quoting.name(entity.area()));
        }
        if (!entity.inheritance().of().isEmpty()) {
            lines.add("is a kind of " + Quoting.name(entity.inheritance().of()));
        }
        if (entity.inheritance().onlyKinds()) {
            lines.add("only its kinds");
        }
        if (!entity.traits().isEmpty()) {
            lines.add("with " + Printer.names(entity.traits()));
        }
        if (!entity.notes().was().isEmpty()) {
            lines.add("was " + Quoting.name(entity.notes().was()));
        }
        return lines;
    }

    /**
     * The entity with these details in place of its own; lines that cannot be read are passed over. Comments stay with what stays. Without
     * a line {@code key (…)} the key is left as it is.
     */
    public static Entity replace(Entity entity, List<String> lines) {
        Entity result = bare(entity);
        for (String line : lines) {
            result = read(line, result, Optional.of(entity)).value().orElse(result);
        }
        return result.withNotes(result.notes().withComments(entity.notes().comments()));
    }

    private static Entity bare(Entity entity) {
        return entity.withUniques(List.of())
                .withIndexes(List.of())
                .withRules(List.of())
                .withShown(Members.NONE)
                .withTraits(List.of())
                .withOutside(false)
                .withArea("")
                .withInheritance(Inheritance.NONE)
                .withNotes(Notes.NONE);
    }

    /** Reads a line onto an entity. @param before whose comments stay */
    private static Parsed<Optional<Entity>> read(String line, Entity onto, Optional<Entity> before) {
        return Notation.one(line, cursor -> {
            if (first(line).filter(EntityDetails::startsHead).isPresent()) {
                return head(cursor, onto);
            }
            EntityParser parser = new EntityParser(new ArrayList<>());
            parser.detail(cursor, Comments.NONE);
            Entity said = parser.onto(Entity.of(onto.name()));
            return merged(onto, said, before.orElse(onto));
        });
    }

    private static Entity head(Cursor cursor, Entity onto) throws SyntaxException {
        boolean flag = cursor.peek().isWord("outside") || cursor.peek().isWord("only");
        return flag ? EntityParser.flagged(cursor, onto) : EntityParser.head(cursor, onto);
    }

    private static Entity merged(Entity onto, Entity said, Entity before) {
        Entity result = onto;
        for (Members unique : said.uniques()) {
            result = result.withUniques(added(result.uniques(), commented(unique, before.uniques())));
        }
        for (Indexing index : said.indexes()) {
            Members members = commented(
                    index.members(),
                    before.indexes().stream().map(Indexing::members).toList());
            result = result.withIndexes(
                    added(result.indexes(), new Indexing(members, index.covered(), index.where(), index.unique())));
        }
        for (RowRule rule : said.rules()) {
            Comments comments = before.rules().stream()
                    .filter(r -> r.message().equals(rule.message()))
                    .findFirst()
                    .map(RowRule::comments)
                    .orElse(rule.comments());
            result = result.withRules(added(result.rules(), rule.withComments(comments)));
        }
        if (!said.shown().isEmpty()) {
            result = result.withShown(commented(said.shown(), List.of(before.shown())));
        }
        if (!said.key().isEmpty()) {
            result = result.withKey(commented(said.key(), List.of(before.key())));
        }
        if (said.inheritance().kept().isPresent()) {
            result = result.withInheritance(
                    result.inheritance().withKept(said.inheritance().kept()));
        }
        return result.withNotes(merged(result.notes(), said.notes()));
    }

    private static Notes merged(Notes notes, Notes said) {
        Notes result = said.doc().isEmpty() ? notes : notes.withDoc(said.doc());
        result = said.label().isEmpty() ? result : result.withLabel(said.label());
        return said.physical().isEmpty() ? result : result.withPhysical(said.physical());
    }

    private static Members commented(Members said, List<Members> before) {
        return before.stream()
                .filter(m -> m.names().equals(said.names()))
                .findFirst()
                .map(m -> new Members(said.names(), said.constraint(), m.comments()))
                .orElse(said);
    }

    private static <T> List<T> added(List<T> all, T one) {
        List<T> more = new ArrayList<>(all);
        more.add(one);
        return more;
    }

    private static Optional<Token> first(String line) {
        try {
            return Lexer.read(line, 1).tokens().stream().findFirst();
        } catch (SyntaxException e) {
            return Optional.empty();
        }
    }

    /** Whether a line begins like a detail that no attribute begins like. */
    private static boolean begins(String line) {
        String text = line.strip();
        return text.startsWith("\"")
                || text.matches("(?:key|unique|index)\\s*\\(.*")
                || text.matches("shown\\s+as\\b.*")
                || text.matches("kinds\\s+kept\\b.*")
                || text.matches("(?:label|table|rule)\\s+\".*")
                || text.equals("outside")
                || text.matches("only\\s+its\\s+kinds")
                || text.matches("is\\s+a\\s+kind\\s+of\\b.*");
    }

    private static boolean startsHead(Token token) {
        return token.isWord("outside")
                || token.isWord("only")
                || token.isWord("is")
                || token.isWord("in")
                || token.isWord("with")
                || token.isWord("was");
    }

    /** Whether a line reads as a detail, and not as an attribute of a plain type, such as {@code was date}. */
    private static boolean isWhole(String line) {
        boolean plainType = Notation.attribute(line).value().stream()
                .anyMatch(a -> !(a.attribute().type() instanceof Type.Named));
        return !plainType && problem(line).isEmpty();
    }
}

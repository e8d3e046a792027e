package jasperwing.notation;

import jasperwing.model.Attribute;
import jasperwing.model.Comments;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Expression;
import jasperwing.model.Relationship;
import jasperwing.model.RowRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The one entry to the notation. All methods are pure; {@code docs/notation.md} describes the text. */
public final class Notation {
    /** Of the notation that is read and written here. A text that needs a later one says so in its first line: {@code notation 2}. */
    public static final int VERSION = 1;

    private Notation() {}

    /** Reads a whole design; what cannot be read is reported and left out. Linear in the text's length. */
    public static Parsed<Design> parse(String text) {
        return new DesignParser().parse(text);
    }

    /** The canonical text of a design: {@code parse(print(d)).value()} equals {@code d}. Lines end with {@code \n}. */
    public static String print(Design design) {
        return new Printer().print(design);
    }

    /** Reads one sentence; empty when it has a problem. */
    public static Parsed<Optional<Relationship>> sentence(String text) {
        return one(text, cursor -> SentenceParser.sentence(cursor, Comments.NONE));
    }

    /**
     * Reads an entity's first line, as in {@code entity Dive in Fieldwork}; empty when it has a problem. It gets the key a new one is drawn
     * with, unless it is a kind of another.
     */
    public static Parsed<Optional<Entity>> entity(String text) {
        return one(text, cursor -> {
            cursor.words("entity");
            String name = cursor.name("the name of the entity");
            Entity entity = EntityParser.head(cursor, Entity.of(name));
            Entity keyed = Entity.keyed(name);
            return entity.inheritance().of().isEmpty()
                    ? entity.withAttributes(keyed.attributes()).withKey(keyed.key())
                    : entity;
        });
    }

    /** Reads one attribute line; empty when it has a problem. A blank or comment line is a problem. */
    public static Parsed<Optional<AttributeLine>> attribute(String text) {
        return one(text, cursor -> new AttributeParser(cursor, Comments.NONE).read());
    }

    /** The attribute as a line, without indentation and padding. */
    public static String print(Attribute attribute, boolean key) {
        return AttributeText.of(attribute, key);
    }

    /** The enum as a line. */
    public static String print(EnumType type) {
        return EnumText.of(type);
    }

    /** The value as the line of its enum has it. */
    public static String print(EnumValue value) {
        return EnumText.of(value);
    }

    /** The formula as a line has it behind {@code =}. */
    public static String print(Expression formula) {
        return ExpressionPrinter.text(formula);
    }

    /** The line below an entity, value or trait, without its comments. */
    public static String print(RowRule rule) {
        return Printer.text(rule);
    }

    /** The attribute's type with {@code list} and {@code ?}, as a line has it. */
    public static String type(Attribute attribute) {
        return AttributeText.type(attribute);
    }

    /** The relationship's sentence, without the lines below it. */
    public static String print(Relationship relationship) {
        return SentencePrinter.sentence(relationship);
    }

    /** What the relationship says of deleting and of changing keys, as lines below its sentence have it. */
    public static List<String> rules(Relationship relationship) {
        return Stream.concat(
                        relationship.deletes().stream().map(d -> SentencePrinter.rule(relationship, d)),
                        relationship.keyChanges().stream().map(SentencePrinter::rule))
                .toList();
    }

    /** A name as the notation writes it, in backquotes where needed. */
    public static String name(String name) {
        return Quoting.name(name);
    }

    interface Reader<T> {
        T read(Cursor cursor) throws SyntaxException;
    }

    static <T> Parsed<Optional<T>> one(String text, Reader<T> reader) {
        List<Problem> problems = new ArrayList<>();
        try {
            Cursor cursor = new Cursor(Lexer.read(text.replaceAll("\\R", " "), 1));
            T value = reader.read(cursor);
            cursor.end();
            return new Parsed<>(Optional.of(value), problems);
        } catch (SyntaxException e) {
            problems.add(e.problem());
            return new Parsed<>(Optional.empty(), problems);
        }
    }
}

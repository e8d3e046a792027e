package jasperwing.classes.language;

import jasperwing.classes.ClassModel;
import jasperwing.classes.NameStyle;
import jasperwing.walk.Walk;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A programming language: how it writes names, types, texts and numbers, and what can be asked of what is written in it. */
public interface Language extends NameStyle {
    /** As a target names it, such as {@code java}. */
    String word();

    /** As people call it. */
    String title();

    /** The name of what a row has for a column; none that every row has. */
    String componentName(String name);

    /** The name of the method that does something with a property, such as {@code getDepth}. */
    String methodName(String verb, String property);

    /** The name of the method that does something with one of a collection, such as {@code addPhoto}. */
    String elementMethodName(String verb, String collection);

    /**
     * A type of the design, written in full.
     *
     * @param word of the type, without sizes, such as {@code small int}; what is unknown is taken for text
     */
    String typeName(String word);

    /** A text as it can stand in a comment. */
    String comment(String text);

    /** A text as a literal. */
    String text(String text);

    /**
     * A number as an expression of a type.
     *
     * @param word of the type
     * @param digits with a point where there is a fraction
     * @param imports of the file it stands in
     */
    String number(String word, String digits, Imports imports);

    /** Whether a file is one of this language, by its path. */
    boolean isSource(String path);

    /** How many characters a line has at most. */
    int lineLength();

    /** The same line, as several where it is longer than that and can be broken. */
    List<String> broken(String line);

    /**
     * Imports of a new file.
     *
     * @param module what the file lies in
     * @param name of what it declares
     * @param neighbours simple names of what else lies there
     */
    Imports imports(String module, String name, Set<String> neighbours);

    /** What writes formulas as code; without it what is computed is left to the database. */
    Optional<Formulas> formulas();

    /** What a path leads to, as an expression over the classes; empty where they do not lead there, or the language has none. */
    Optional<String> expression(ClassModel model, Walk walk);

    /** What checks sources; empty where there is nothing to do so. */
    Optional<Checker> checker();
}

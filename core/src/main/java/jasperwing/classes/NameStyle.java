package jasperwing.classes;

/** How a language writes names. A name is given in any style, such as {@code max depth}; what is returned is never a reserved word. */
public interface NameStyle {
    /** Whether the language keeps a word for itself. */
    boolean isReserved(String word);

    /** Of a class, such as {@code DivePlan}. */
    String className(String name);

    /** Of a member of a class, such as {@code maxDepth}. */
    String memberName(String name);

    /** Of the constant for a value of an enum, such as {@code ON_HOLD}; two values may ask for the same one. */
    String constantName(String value);

    /** Of one part of what classes lie in, such as a package. */
    String moduleName(String name);
}

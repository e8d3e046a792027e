package jasperwing.findings;

/** Names in sentences. */
final class Nouns {
    private Nouns() {}

    /** The name with its article. */
    static String a(String name) {
        return ("AEIOUaeiou".indexOf(name.charAt(0)) >= 0 ? "an " : "a ") + name;
    }
}

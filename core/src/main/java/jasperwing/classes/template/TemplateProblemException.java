package jasperwing.classes.template;

/** A template, or what is said of a folder of them, that cannot be read or run: says which, where, and for what. */
public final class TemplateProblemException extends Exception {
    private static final long serialVersionUID = 1L;

    private final String template;
    private final int line;

    /**
     * A problem.
     *
     * @param template its name in its folder
     * @param line from 1; 0 when it is not known
     * @param about what it was run for, or empty
     * @param what is wrong
     */
    public TemplateProblemException(String template, int line, String about, String what) {
        super(template + (line > 0 ? ":" + line : "") + (about.isEmpty() ? "" : ", for " + about) + ": " + what);
        this.template = template;
        this.line = line;
    }

    /** The template's name in its folder. */
    public String template() {
        return template;
    }

    /** From 1; 0 when it is not known. */
    public int line() {
        return line;
    }
}

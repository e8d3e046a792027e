package jasperwing.cli;

/** Whether output goes to a person's terminal, and how it is coloured there. */
final class TerminalColors {
    private static final String RESET = "\u001b[0m";

    private final boolean isThere;

    TerminalColors(boolean isThere) {
        this.isThere = isThere;
    }

    /** A terminal at both ends, which takes colours unless {@code NO_COLOR} or {@code TERM=dumb} says otherwise. */
    static TerminalColors standard() {
        boolean wanted = System.getenv("NO_COLOR") == null && !"dumb".equals(System.getenv("TERM"));
        return new TerminalColors(wanted && System.console() != null);
    }

    boolean isThere() {
        return isThere;
    }

    String red(String text) {
        return with("\u001b[1;31m", text);
    }

    String yellow(String text) {
        return with("\u001b[1;33m", text);
    }

    String quiet(String text) {
        return with("\u001b[2m", text);
    }

    String strong(String text) {
        return with("\u001b[1m", text);
    }

    private String with(String code, String text) {
        return isThere ? code + text + RESET : text;
    }
}

package jasperwing.model;

/** What holds rows to a rule. The classes check every rule. */
public enum RuleKept {
    /** A constraint, where one can. What holds when nothing is said. */
    CONSTRAINT("a constraint"),
    /** Triggers. */
    TRIGGERS("triggers"),
    /** Nothing in the database. */
    CLASSES("classes");

    private final String words;

    RuleKept(String words) {
        this.words = words;
    }

    /** As a design says it behind {@code held by}. */
    public String words() {
        return words;
    }
}

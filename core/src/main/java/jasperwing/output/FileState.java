package jasperwing.output;

/** How a file of the folder stands to what the design makes. */
public enum FileState {
    NEW("new"),
    SAME("same"),
    /** As it was written last, which the design would write otherwise now. */
    DIFFERS("differs"),
    /** Changed by hand; the design would write the same as last. */
    EDITED("edited by hand"),
    /** Changed by hand and by the design, at different places. */
    MERGES("edited, merges"),
    /** Changed by hand and by the design at the same places. */
    CONFLICT("conflict"),
    /** Never written from here. */
    FOREIGN("not ours"),
    /** Written before, and not made any more. */
    UNNEEDED("no longer needed"),
    /** As {@link #UNNEEDED}, but changed by hand, so that it stays. */
    LEFT("edited, not needed");

    private final String words;

    FileState(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}

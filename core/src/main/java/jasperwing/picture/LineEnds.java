package jasperwing.picture;

/** How the ends of relationships are drawn; all three are common property of the trade. */
public enum LineEnds {
    CROWS_FOOT("crow's foot"),
    MULTIPLICITIES("multiplicities"),
    IDEF1X("IDEF1X");

    private final String words;

    LineEnds(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}

package jasperwing.model;

/** Whose table the rows of an entity lie in, and where that is. */
public enum TableOwner {
    DESIGN("here"),
    OTHER_SYSTEM("in another system"),
    OTHERS("by others in this database");

    private final String words;

    TableOwner(String words) {
        this.words = words;
    }

    /** After "kept". */
    public String words() {
        return words;
    }

    public static TableOwner of(Entity entity) {
        if (!entity.outside()) {
            return DESIGN;
        }
        return entity.inSameDatabase() ? OTHERS : OTHER_SYSTEM;
    }

    /**
     * Says whose the table of an entity is.
     *
     * @param table what its table is called, where others keep it in this database and nothing was said yet
     */
    public Edit assign(String entity, String table) {
        return EntityEdits.change(entity, e -> {
            String said = e.notes().physical().isEmpty() ? table : e.notes().physical();
            return e.withOutside(this != DESIGN)
                    .withNotes(
                            switch (this) {
                                case DESIGN -> e.notes();
                                case OTHER_SYSTEM -> e.notes().withPhysical("");
                                case OTHERS -> e.notes().withPhysical(said);
                            });
        });
    }
}

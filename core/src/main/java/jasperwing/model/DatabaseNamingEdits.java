package jasperwing.model;

import java.util.function.UnaryOperator;

/** Edits of what the design says of names in the database. */
public final class DatabaseNamingEdits {
    private DatabaseNamingEdits() {}

    /** Names by a rule, or as usual. */
    public static Edit rule(DatabaseNaming.Rule rule, boolean said) {
        return change(n -> n.with(rule, said));
    }

    /** Lets the names of tables begin with something; an empty text says nothing of it any more. */
    public static Edit prefix(String prefix) {
        return change(n -> n.withPrefix(prefix));
    }

    /** Says in which schema all tables lie; an empty name says nothing of it any more. */
    public static Edit schema(String schema) {
        return change(n -> n.withSchema(schema));
    }

    private static Edit change(UnaryOperator<DatabaseNaming> change) {
        return design -> {
            DatabaseNaming now = change.apply(design.naming());
            return now.equals(design.naming()) ? design : design.withNaming(now);
        };
    }
}

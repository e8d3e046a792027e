package jasperwing.notation;

import jasperwing.model.DatabaseNaming;
import jasperwing.model.Members;
import jasperwing.model.StorageNotes;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/** Writes what is said of names in the database. */
final class NamingText {
    private NamingText() {}

    /** The lines below {@code database}. */
    static List<String> lines(DatabaseNaming naming) {
        List<String> lines = new ArrayList<>();
        if (!naming.schema().isEmpty()) {
            lines.add("schema " + Quoting.string(naming.schema()));
        }
        if (!naming.prefix().isEmpty()) {
            lines.add("tables begin with " + Quoting.string(naming.prefix()));
        }
        Arrays.stream(DatabaseNaming.Rule.values()).filter(naming::has).forEach(r -> lines.add(r.words()));
        return lines;
    }

    /** What stands behind members that are kept to by a constraint or index with a name of its own. */
    static String named(Members members) {
        return named(members.constraint());
    }

    static String named(String constraint) {
        return constraint.isEmpty() ? "" : " named " + Quoting.string(constraint);
    }

    /** The types of a column, each for one database; begins with a space where there are some. */
    static String types(StorageNotes stored) {
        return stored.types().entrySet().stream()
                .map(t -> " as " + Quoting.string(t.getValue()) + " in " + t.getKey())
                .collect(Collectors.joining());
    }

    /** The lines below a relationship. */
    static List<String> ofRelationship(StorageNotes stored) {
        List<String> lines = new ArrayList<>();
        addNames(lines, "column", stored.columns());
        addNames(lines, "foreign key", stored.constraints());
        return lines;
    }

    private static void addNames(List<String> lines, String what, List<String> names) {
        if (!names.isEmpty()) {
            lines.add(what
                    + (names.size() == 1 ? " " : "s ")
                    + names.stream().map(Quoting::string).collect(Collectors.joining(", ")));
        }
    }
}

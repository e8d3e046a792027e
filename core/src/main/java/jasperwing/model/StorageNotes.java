package jasperwing.model;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * What is said of how an element is stored, where that is not to be derived. Names are kept to the letter.
 *
 * @param name of the table or column; or empty
 * @param columns of the references of a relationship, in the order of the keys they hold; fewer than there are leave the rest to be derived
 * @param constraints of the foreign keys of a relationship, in the order of its references; the same holds
 * @param types of a column, by the words of databases
 */
public record StorageNotes(
        String name, List<String> columns, List<String> constraints, SortedMap<String, String> types) {
    public static final StorageNotes NONE = new StorageNotes("", List.of(), List.of(), new TreeMap<>());

    /** The words of the databases a column can have a type of its own in. */
    public static final List<String> DATABASES = List.of("postgresql", "mariadb", "sqlite", "h2", "sqlserver");

    public StorageNotes {
        columns = List.copyOf(columns);
        constraints = List.copyOf(constraints);
        types = Collections.unmodifiableSortedMap(new TreeMap<>(types));
    }

    public StorageNotes withName(String newName) {
        return new StorageNotes(newName, columns, constraints, types);
    }

    public StorageNotes withColumns(List<String> names) {
        return new StorageNotes(name, names, constraints, types);
    }

    public StorageNotes withConstraints(List<String> names) {
        return new StorageNotes(name, columns, names, types);
    }

    /** @param type as the database writes it; empty to say nothing of it any more */
    public StorageNotes withType(String database, String type) {
        SortedMap<String, String> now = new TreeMap<>(types);
        if (type.isEmpty()) {
            now.remove(database);
        } else {
            now.put(database, type);
        }
        return new StorageNotes(name, columns, constraints, now);
    }

    /** The names of two references the other way round; empty where it is not known which names are whose. */
    public Optional<StorageNotes> exchanged() {
        boolean known =
                (columns.isEmpty() || columns.size() == 2) && (constraints.isEmpty() || constraints.size() == 2);
        return known
                ? Optional.of(withColumns(reversed(columns)).withConstraints(reversed(constraints)))
                : Optional.empty();
    }

    private static List<String> reversed(List<String> names) {
        List<String> reversed = new ArrayList<>(names);
        Collections.reverse(reversed);
        return reversed;
    }

    /**
     * The names of a reference each, after some of what they refer to have changed.
     *
     * @param had what they referred to, in order
     * @param has what they refer to now; those behind one that has no name have none either
     */
    StorageNotes referringTo(List<String> had, List<String> has) {
        return withColumns(left(columns, had, has)).withConstraints(left(constraints, had, has));
    }

    private static List<String> left(List<String> names, List<String> had, List<String> has) {
        if (has.size() >= had.size() && has.subList(0, had.size()).equals(had)) {
            return names;
        }
        List<String> left = new ArrayList<>();
        for (String each : has) {
            int index = had.indexOf(each);
            if (index < 0 || index >= names.size() || names.size() > had.size()) {
                return left;
            }
            left.add(names.get(index));
        }
        return left;
    }

    /**
     * Whether a text can be the type of a column: words, digits, and what stands in quotes and brackets; nothing that could end a statement or
     * begin a remark.
     */
    public static boolean isType(String text) {
        return text.matches("(?:[\\p{L}\\p{N}_ .,()\\[\\]]|\"[^\";]+\"|'[^';]*')+") && isClosed(text);
    }

    private static boolean isClosed(String text) {
        int open = 0;
        for (char c : text.replaceAll("\"[^\"]*\"|'[^']*'", "").toCharArray()) {
            open += c == '(' || c == '[' ? 1 : c == ')' || c == ']' ? -1 : 0;
            if (open < 0) {
                return false;
            }
        }
        return open == 0 && text.strip().equals(text);
    }
}

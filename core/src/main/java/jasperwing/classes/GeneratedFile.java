package jasperwing.classes;

import java.util.List;

/**
 * A file a target makes.
 *
 * @param path below the target folder, with {@code /}
 * @param entity the entity it is made for, or empty
 * @param members what each line is made of: an attribute or a role, as the class or the design calls it, or the whole, for which it is empty; lines
 *     beyond the list are made of the whole
 */
public record GeneratedFile(String path, String text, String entity, List<String> members) {
    public GeneratedFile {
        members = List.copyOf(members);
    }

    /** A file of which nothing is known line by line. */
    public GeneratedFile(String path, String text, String entity) {
        this(path, text, entity, List.of());
    }

    /** @param line counted from 0 */
    public String member(int line) {
        return line < members.size() ? members.get(line) : "";
    }
}

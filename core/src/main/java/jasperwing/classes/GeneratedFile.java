package jasperwing.classes;

import java.util.List;

/**
 * A file a target makes.
 *
 * @param path below the target folder, with {@code /}
 * @param entity the entity it is made for, or empty
 * @param sources what each line is made of; lines beyond the list are made of the whole
 */
public record GeneratedFile(String path, String text, String entity, List<Source> sources) {
    public GeneratedFile {
        sources = List.copyOf(sources);
    }

    /** A file of which nothing is known line by line. */
    public GeneratedFile(String path, String text, String entity) {
        this(path, text, entity, List.of());
    }

    /** @param line counted from 0 */
    public Source source(int line) {
        return line < sources.size() ? sources.get(line) : Source.WHOLE;
    }
}

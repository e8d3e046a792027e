package jasperwing.classes;

/**
 * A file a target makes.
 *
 * @param path below the target folder, with {@code /}
 * @param entity the entity it is made for, or empty
 */
public record GeneratedFile(String path, String text, String entity) {}

package jasperwing.output;

/**
 * A file as it was written last.
 *
 * @param entity the entity it was made for, or empty
 * @param base what the design made, without what was changed by hand
 */
record WrittenFile(String path, String entity, String base) {}

package jasperwing.dialect;

/** How a database keeps lists in a row, and looks into them. */
public interface ListSql {
    /** Whether a column can be an array. */
    default boolean hasArrays() {
        return false;
    }

    /** Whether checks look into arrays; elsewhere these hold their elements to a type alone. */
    default boolean checksArrays() {
        return false;
    }

    /** Whether the elements of a list are held to their type, length and range. */
    boolean checksElements(boolean array, boolean ranged);

    /** Whether rows are found by the elements of a list with an index. */
    default boolean indexesElements() {
        return false;
    }

    /** The type of an array; only where there are some. */
    default String arrayOf(String type) {
        return type + "[]";
    }

    /** The type of an array as the catalog of the database names it, by which others compare what they expect with what is there. */
    default String catalogName(String type) {
        return arrayOf(type);
    }

    /** A list without elements as a default. */
    String empty(boolean array);

    /** That the JSON of a column is an array. */
    String isJsonArray(String column);

    /** The JSON of a column as a text. */
    default String jsonText(String column) {
        return column;
    }

    /** That an array has an element, which is a parameter. */
    default String arrayHas(String column, String arrayType) {
        return column + " @> array[?]::" + arrayType;
    }

    /** That the JSON of a column has an element, which is a parameter. */
    String jsonHas(String column, boolean numeric);

    /** The JSON of a column with one more element, which is a parameter. */
    String jsonAppended(String column, boolean numeric);
}

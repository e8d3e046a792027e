package jasperwing.dialect;

import jasperwing.formula.Kind;
import jasperwing.model.Type;
import java.util.List;

/** Functions of formulas as a database writes them, so that the same comes of the same everywhere. */
public abstract class FormulaFunctions {
    /** An exact number kept with so many decimals. */
    public String exact(String number, int scale) {
        return number;
    }

    /** The text of a column that is sorted as a language, compared by its characters. */
    public String unsorted(String column) {
        return column;
    }

    /** A day as a literal. */
    public String date(String literal) {
        return "date " + literal;
    }

    /** A condition as a value; most databases know no difference. */
    public String truth(String condition) {
        return condition;
    }

    /** A truth value as a condition. */
    public String condition(String value) {
        return value;
    }

    /** {@code true}, {@code false} or {@code null}. */
    public String word(String word) {
        return word;
    }

    /** A number rounded to a whole one. */
    public String rounded(String number) {
        return "round(" + number + ")";
    }

    public String concat(List<String> texts) {
        return "(" + texts.get(0) + " || " + texts.get(1) + ")";
    }

    public String substring(List<String> arguments) {
        return "substring(" + String.join(", ", arguments) + ")";
    }

    /** The last characters of a text. @param count at least 1 */
    public String right(String text, String count) {
        return "right(" + text + ", " + count + ")";
    }

    /** A text with another in each place where one stands; capitals make a difference. */
    public String replaced(String text, String sought, String instead) {
        return "replace(" + text + ", " + sought + ", " + instead + ")";
    }

    /** A whole number in decimal digits. */
    public String text(String whole) {
        return "cast(" + whole + " as varchar(20))";
    }

    /** A text ordered by its characters' numbers, whatever the language of the database is. */
    public String byCharacters(String text) {
        return text;
    }

    /** A whole number wide enough to be multiplied. */
    public String wide(String whole) {
        return whole;
    }

    /** A number without decimals as a whole one. */
    public String whole(String number) {
        return "cast(" + number + " as bigint)";
    }

    /** @param by never 0 */
    public String divided(Kind kind, String number, String by) {
        return "(" + number + " / " + by + ")";
    }

    /** @param function {@code floor} or {@code ceiling} */
    public String toWhole(String function, String number) {
        return whole(function + "(" + number + ")");
    }

    /** A field of a moment, such as {@code year}; the fields of one with a zone are those of UTC. */
    public String extract(String field, Kind of, String moment) {
        return "extract(" + field + " from " + moment + (of == Kind.TIMESTAMP ? " at time zone 'UTC'" : "") + ")";
    }

    /** Whole units between two moments, such as {@code day}; the rest is cut off. */
    public String between(String unit, Kind of, String from, String to) {
        return of == Kind.DATE ? days(from, to) : units(secondsOf(unit), from, to);
    }

    abstract String days(String from, String to);

    abstract String units(int seconds, String from, String to);

    private static int secondsOf(String unit) {
        return switch (unit) {
            case "second" -> 1;
            case "minute" -> 60;
            case "hour" -> 3600;
            default -> 86_400;
        };
    }

    /** A number of which the average is asked. */
    public String averaged(Kind kind, String number) {
        return number;
    }

    /**
     * A value cast to the type it is kept as, for a column of a view.
     *
     * @param columnType the same as a column has it
     */
    public String cast(String value, Type type, String columnType) {
        return type instanceof Type.Decimal decimal
                ? cast(value, decimal)
                : "cast(" + value + " as " + columnType + ")";
    }

    static String cast(String value, Type.Decimal decimal) {
        return "cast(" + value + " as decimal(" + decimal.precision() + "," + decimal.scale() + "))";
    }
}

package jasperwing.dialect;

import jasperwing.model.ClockOffset;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.function.BiFunction;

/**
 * What only defaults say.
 *
 * @param random a new UUID with every row
 * @param timeOrdered the same of version 7: it begins with the milliseconds since 1970
 * @param shifted the day or moment so long after or before that of the statement, as the type has it
 */
public record DefaultSql(Uuid random, Uuid timeOrdered, BiFunction<Type, ClockOffset, String> shifted) {
    /**
     * What makes a UUID.
     *
     * @param since the oldest version of the database that has it
     */
    public record Uuid(String sql, String since) {}

    /** Of databases whose SQL adds to a day or moment by a function. */
    static BiFunction<Type, ClockOffset, String> byFunction(Dialect dialect) {
        return (type, offset) ->
                "dateadd(" + offset.unit().word() + ", " + offset.amount() + ", " + dialect.now(type) + ")";
    }

    /** As the database tells it again: days as a number, anything else as an interval. */
    static String inPostgreSql(Type type, ClockOffset offset) {
        String sign = offset.amount() < 0 ? " - " : " + ";
        return type.is(Scalar.DATE) && days(offset) != 0
                ? "(current_date" + sign + days(offset) + ")"
                : "(" + (offset.today() ? "current_date" : "current_timestamp") + sign + "interval '" + interval(offset)
                        + "')";
    }

    private static String interval(ClockOffset offset) {
        int amount = Math.abs(offset.amount());
        return switch (offset.unit()) {
            case MINUTE -> String.format("%02d:%02d:00", amount / 60, amount % 60);
            case HOUR -> String.format("%02d:00:00", amount);
            case DAY, WEEK -> count(days(offset), "day");
            case MONTH -> (count(amount / 12, "year") + " " + count(amount % 12, "mon")).strip();
            case YEAR -> count(amount, "year");
        };
    }

    private static String count(int number, String unit) {
        return number == 0 ? "" : number + " " + unit + (number == 1 ? "" : "s");
    }

    static String inMariaDb(Type type, ClockOffset offset) {
        String now = type.is(Scalar.DATE) ? "curdate()" : "current_timestamp(6)";
        return "(" + now + (offset.amount() < 0 ? " - " : " + ") + "interval " + Math.abs(offset.amount()) + " "
                + offset.unit().word() + ")";
    }

    static String inSqlite(Type type, ClockOffset offset) {
        boolean weeks = offset.unit() == ClockOffset.Unit.WEEK;
        String length = weeks ? days(offset) + " days" : offset.length();
        return "(" + (type.is(Scalar.DATE) ? "date" : "datetime") + "('now', '" + (offset.amount() < 0 ? "-" : "+")
                + length + "'))";
    }

    /** How many days that is, whichever way; 0 where it is no number of days. */
    private static int days(ClockOffset offset) {
        int amount = Math.abs(offset.amount());
        return switch (offset.unit()) {
            case DAY -> amount;
            case WEEK -> 7 * amount;
            default -> 0;
        };
    }
}

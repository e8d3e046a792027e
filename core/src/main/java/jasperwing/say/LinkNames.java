package jasperwing.say;

import java.util.Map;

/** What an entity is called that links two by what they do: who enrols has an enrolment. */
final class LinkNames {
    private static final Map<String, String> NOUNS = Map.ofEntries(
            Map.entry("enrol", "Enrolment"),
            Map.entry("enroll", "Enrollment"),
            Map.entry("register", "Registration"),
            Map.entry("participate", "Participation"),
            Map.entry("take part", "Participation"),
            Map.entry("attend", "Attendance"),
            Map.entry("be assigned", "Assignment"),
            Map.entry("book", "Booking"),
            Map.entry("reserve", "Reservation"),
            Map.entry("subscribe", "Subscription"),
            Map.entry("borrow", "Loan"),
            Map.entry("rent", "Rental"),
            Map.entry("compete", "Entry"),
            Map.entry("perform", "Performance"));

    private LinkNames() {}

    static String of(String verb, String from, String to) {
        return NOUNS.entrySet().stream()
                .filter(e -> verb.equals(e.getKey()) || verb.startsWith(e.getKey() + " "))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(from + to);
    }
}

package jasperwing.findings;

import jasperwing.model.Indexing;
import jasperwing.model.Members;
import jasperwing.model.Relationship;
import java.util.Optional;

/**
 * What a finding is about.
 *
 * @param entity the entity, enum, area or sheet
 * @param member its attribute or role, or empty
 * @param relationship the relationship, when it is about one
 * @param line how the line of the entity begins that it is about, such as {@code unique (buoy, readAt)}, without quotes around names;
 *     empty where that is the member's own
 */
public record Subject(String entity, String member, Optional<Relationship> relationship, String line) {
    public static Subject of(String entity) {
        return of(entity, "");
    }

    public static Subject of(String entity, String member) {
        return new Subject(entity, member, Optional.empty(), "");
    }

    public static Subject of(Relationship relationship, String member) {
        return new Subject(relationship.from(), member, Optional.of(relationship), "");
    }

    /** A constraint over several members. @param member the one of them it is about */
    static Subject ofUnique(String entity, Members unique, String member) {
        return new Subject(entity, member, Optional.empty(), line("unique", unique));
    }

    static Subject ofUnique(String entity, Members unique) {
        return ofUnique(entity, unique, unique.names().get(0));
    }

    static Subject ofIndex(String entity, Indexing index) {
        String word = index.unique() ? "unique" : "index";
        return new Subject(entity, index.members().names().get(0), Optional.empty(), line(word, index.members()));
    }

    /** A member of a key; an attribute that is the key by a word after it has its own line. */
    static Subject ofKey(String entity, Members key, String member) {
        return new Subject(entity, member, Optional.empty(), line("key", key));
    }

    /** {@code unique (buoy, readAt)}. */
    static String line(String word, Members members) {
        return word + " (" + String.join(", ", members.names()) + ")";
    }

    /** {@code Dive} or {@code Dive.number}. */
    public String text() {
        return member.isEmpty() ? entity : entity + "." + member;
    }
}

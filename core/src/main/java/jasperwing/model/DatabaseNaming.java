package jasperwing.model;

import java.util.EnumSet;
import java.util.Objects;
import java.util.Set;

/**
 * How what a design becomes is called in a database, and where it lies there; what is named by hand is called as it says.
 *
 * @param schema the namespace of the tables, in databases that have such; empty for the one there is
 * @param prefix what the names of tables, views and types begin with; or empty
 * @param rules in which way names are made otherwise than usual
 */
public record DatabaseNaming(String schema, String prefix, Set<Rule> rules, Comments comments) {
    /** Names as they are made when nothing is said. */
    public static final DatabaseNaming USUAL = new DatabaseNaming("", "", Set.of(), Comments.NONE);

    /** A way to make names. */
    public enum Rule {
        SINGULAR_TABLES("tables in the singular", "dive, not dives"),
        JOINS_AFTER_BOTH("join tables named after both", "after both entities, not after a role"),
        KEYS_AFTER_TABLES("keys named after their table", "dive_id, not id"),
        KIND_LAST("constraints end in their kind", "dives_site_fk, not fk_dives_site");

        private final String words;
        private final String example;

        Rule(String words, String example) {
            this.words = words;
            this.example = example;
        }

        /** What becomes otherwise, in a few words. */
        public String example() {
            return example;
        }

        /** As the notation has it. */
        public String words() {
            return words;
        }
    }

    public DatabaseNaming {
        Objects.requireNonNull(schema);
        Objects.requireNonNull(prefix);
        Objects.requireNonNull(comments);
        rules = Set.copyOf(rules);
    }

    public boolean has(Rule rule) {
        return rules.contains(rule);
    }

    public DatabaseNaming withSchema(String newSchema) {
        return new DatabaseNaming(newSchema, prefix, rules, comments);
    }

    public DatabaseNaming withPrefix(String newPrefix) {
        return new DatabaseNaming(schema, newPrefix, rules, comments);
    }

    public DatabaseNaming with(Rule rule, boolean said) {
        Set<Rule> now = EnumSet.noneOf(Rule.class);
        now.addAll(rules);
        if (said) {
            now.add(rule);
        } else {
            now.remove(rule);
        }
        return new DatabaseNaming(schema, prefix, now, comments);
    }

    public DatabaseNaming withComments(Comments newComments) {
        return new DatabaseNaming(schema, prefix, rules, newComments);
    }

    /** Whether nothing is said. */
    public boolean isEmpty() {
        return equals(USUAL);
    }
}

package jasperwing.derive;

import jasperwing.model.DeleteRule;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.Relationship;
import jasperwing.naming.Role;
import jasperwing.physical.ForeignKey;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The references of a table while its parts are being gathered. */
final class DraftReferences {
    private final String table;
    private final PhysicalNames names;
    private final ColumnTypes types;
    private final List<Reference> all = new ArrayList<>();

    DraftReferences(String table, PhysicalNames names, ColumnTypes types) {
        this.table = table;
        this.names = names;
        this.types = types;
    }

    /**
     * What a foreign key points to.
     *
     * @param enforcement whether a constraint can be written
     */
    record Target(String entity, String table, List<String> columns, Enforcement enforcement) {}

    /** @param given the name of the foreign key; empty to derive it */
    void add(List<String> from, Target target, DeleteRule rule, Optional<Role> role, String given, String part) {
        Optional<Relationship> stated = role.map(Role::relationship);
        add(
                from,
                target,
                rule,
                role,
                stated.map(r -> r.onKeyChange(target.entity())).orElse(KeyChangeRule.REFUSE),
                stated.filter(Relationship::checkedAtEnd).isPresent(),
                given,
                part);
    }

    /**
     * A reference; none without columns, as to what is identified in a circle.
     *
     * @param change what a change of the key does
     * @param late whether it is wanted to be checked at the end of a transaction
     */
    void add(
            List<String> from,
            Target target,
            DeleteRule rule,
            Optional<Role> role,
            KeyChangeRule change,
            boolean late,
            String given,
            String part) {
        if (from.isEmpty()) {
            return;
        }
        all.add(new Reference(
                names.constraint(given, "fk", table, List.of(part)),
                from,
                target.table(),
                target.columns(),
                target.entity(),
                rule,
                rule,
                change,
                target.enforcement(),
                late && types.defersKeys(),
                role,
                Reference.Agreed.NOTHING));
    }

    /** In the order they were added. */
    List<Reference> all() {
        return List.copyOf(all);
    }

    /** The constraints that hold them. */
    List<ForeignKey> foreignKeys() {
        return all.stream().flatMap(r -> r.foreignKeys().stream()).toList();
    }

    /** Whether a change of another row changes some of these columns. */
    boolean change(List<String> columns) {
        return all.stream()
                .filter(Reference::isChangedFromAfar)
                .flatMap(k -> k.columns().stream())
                .anyMatch(columns::contains);
    }
}

package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.model.DatabaseNaming;
import jasperwing.model.Design;
import jasperwing.model.Differing;
import jasperwing.model.Entity;
import jasperwing.model.EnumKept;
import jasperwing.model.EnumType;
import jasperwing.model.InheritanceTree;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Words;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The names of the tables of entities and of enums, which are decided before all others, so that later names cannot change them. */
final class TableNames {
    static final TableNames NONE = new TableNames(Design.named(""), new Identifiers(0));

    private final List<Entity> entities;
    private final List<EnumType> types;
    private final DatabaseNaming naming;
    private final Identifiers taken;
    private final Map<String, String> ofEntities = new HashMap<>();
    private final Map<String, String> ofEnums = new HashMap<>();

    private TableNames(Design design, Identifiers taken) {
        this.entities = design.entities();
        this.types = design.enums();
        this.naming = design.naming();
        this.taken = taken;
        entities.stream()
                .filter(Entity::inSameDatabase)
                .forEach(e ->
                        ofEntities.computeIfAbsent(e.name(), n -> taken.take(PhysicalNames.wantedTable(design, e))));
        for (Entity entity : entities) {
            if (!PhysicalNames.isAmongOthers(design, entity) && !ofEntities.containsKey(entity.name())) {
                ofEntities.put(entity.name(), taken.take(PhysicalNames.wantedTable(design, entity)));
            }
        }
        for (Entity entity : entities) {
            ofEntities.computeIfAbsent(entity.name(), e -> ofEntities.get(InheritanceTree.root(design, e)));
        }
        types.forEach(this::name);
    }

    private void name(EnumType type) {
        String snake = PhysicalNames.orElse(Words.snake(type.name()), "enum");
        if (type.isKept(EnumKept.TABLE)) {
            ofEnums.putIfAbsent(type.name(), taken.take(naming.prefix() + PhysicalNames.counted(naming, snake)));
        } else if (type.isKept(EnumKept.TYPE)) {
            ofEnums.putIfAbsent(type.name(), taken.take(naming.prefix() + snake + "_enum"));
        }
    }

    /** Those of a design, which are these as long as nothing is called or kept otherwise. */
    TableNames then(Design design, Dialect dialect) {
        boolean same = taken.limit() == dialect.nameLimit()
                && types.equals(design.enums())
                && naming.equals(design.naming())
                && areNamedAlike(entities, design.entities());
        return same ? this : new TableNames(design, new Identifiers(dialect.nameLimit()));
    }

    private static boolean areNamedAlike(List<Entity> before, List<Entity> now) {
        return before.size() == now.size()
                && Differing.by(TableNames::areNamedAlike, before, now).start() == now.size();
    }

    private static boolean areNamedAlike(Entity one, Entity other) {
        return one == other
                || one.name().equals(other.name())
                        && one.notes().physical().equals(other.notes().physical())
                        && one.outside() == other.outside()
                        && one.inheritance().equals(other.inheritance());
    }

    /** What is taken by them, to take further names from. */
    Identifiers taken() {
        return taken.copy();
    }

    /** The table of an entity, by its name; null when there is no such entity. */
    String ofEntity(String entity) {
        return ofEntities.get(entity);
    }

    /** The table or type of each enum that is kept as one, by the names of the enums. */
    Map<String, String> ofEnums() {
        return ofEnums;
    }
}

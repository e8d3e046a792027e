package jasperwing.classes;

import jasperwing.classes.MemberNames.End;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.KeyTypes;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import jasperwing.model.AttributeGroup;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.SortedReading;
import jasperwing.model.Type;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import jasperwing.physical.Column;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Builds classes one at a time: a draft for it and for what it is related to, filled relationship by relationship. */
final class ClassModelBuilder {
    private final Design design;
    private final Schema schema;
    private final MemberNames names;
    private final Properties properties;
    private Map<String, Draft> drafts = Map.of();

    ClassModelBuilder(Design design, Schema schema, MemberNames names) {
        this.design = design;
        this.schema = schema;
        this.names = names;
        this.properties = new Properties(design, schema, names);
    }

    ModelGroup group(AttributeGroup group) {
        return properties.group(group);
    }

    private record Draft(
            Entity entity,
            DerivedTable table,
            List<Association> references,
            List<Association> back,
            List<ModelClass.SubjectOf> of) {}

    /** Whether rows of the entity are kept here, so that it has a class. */
    boolean hasClass(String entity) {
        return schema.table(entity).isPresent();
    }

    /** The class of an entity; none when it is outside or unknown. */
    Optional<ModelClass> build(String entity) {
        drafts = new HashMap<>();
        design.relationshipsOf(entity).stream().distinct().forEach(this::relationship);
        return Optional.ofNullable(draft(entity)).map(this::finished);
    }

    /** The draft of an entity; null when it has no class. */
    private Draft draft(String entity) {
        return drafts.computeIfAbsent(entity, name -> schema.table(name)
                .map(t -> new Draft(
                        design.entity(name).orElseThrow(), t, new ArrayList<>(), new ArrayList<>(), new ArrayList<>()))
                .orElse(null));
    }

    private ModelClass finished(Draft draft) {
        List<Association> all = new ArrayList<>(draft.references());
        all.addAll(draft.back());
        return new ModelClass(
                draft.entity(),
                names.className(draft.entity().name()),
                draft.table(),
                properties.of(draft.entity(), draft.table()),
                properties.computed(draft.entity()),
                properties.rules(draft.entity()),
                all,
                draft.of(),
                hierarchy(draft.entity()));
    }

    private Optional<ModelClass.Hierarchy> hierarchy(Entity entity) {
        return InheritanceTree.kept(design, entity.name())
                .map(k -> new ModelClass.Hierarchy(
                        design.parent(entity.name()).map(Entity::name),
                        k,
                        entity.inheritance().onlyKinds()
                                && !design.kinds(entity.name()).isEmpty()));
    }

    private void relationship(Relationship relationship) {
        relationship.visit(this::binary, this::oneOf);
    }

    private void binary(BinaryRelationship binary) {
        switch (binary.shape()) {
            case MANY_TO_MANY -> joined(binary);
            case LINKED -> linked(binary);
            default -> tied(binary);
        }
    }

    private void tied(BinaryRelationship binary) {
        Draft holder = draft(binary.holder());
        if (holder == null) {
            return;
        }
        Role role = Roles.of(binary).get(0);
        End holding = binary.fromHolds() ? End.FORWARD : End.BACK;
        End held = binary.fromHolds() ? End.BACK : End.FORWARD;
        String name = names.end(binary, binary.holder(), holding);
        String backName = names.end(binary, binary.parent(), held);
        boolean readBack = binary.held().isPresent() && hasClass(binary.parent());
        boolean kept = reference(holder, role, name, readBack ? Optional.of(backName) : Optional.empty());
        if (readBack && kept) {
            boolean many = binary.shape() == BinaryRelationship.Shape.ONE_TO_MANY;
            draft(binary.parent())
                    .back()
                    .add(new Association.Inverse(
                            backName,
                            binary.holder(),
                            name,
                            many,
                            binary.onDelete(binary.parent()),
                            role.must(),
                            order(binary, !binary.fromHolds()),
                            most(binary.held())));
        }
    }

    /** Adds a reference. @return whether there is a foreign key for it; there is none to an entity without a key */
    private boolean reference(Draft holder, Role role, String name, Optional<String> inverse) {
        boolean key = isKey(holder, role);
        List<Reference> foreignKeys = holder.table().referencesOf(role);
        for (Reference foreignKey : foreignKeys) {
            if (hasClass(role.target())) {
                holder.references().add(toOne(name, foreignKey, role, role.must(), key, inverse));
            } else {
                holder.references().addAll(outside(holder, foreignKey, name, role.must(), key));
            }
        }
        return !foreignKeys.isEmpty();
    }

    private Association.ToOne toOne(
            String name, Reference foreignKey, Role role, boolean must, boolean key, Optional<String> inverse) {
        String doc = role.relationship().notes().doc();
        return new Association.ToOne(
                name, foreignKey.targetEntity(), foreignKey, must, role.unique(), key, inverse, doc);
    }

    private boolean isKey(Draft holder, Role role) {
        Entity entity = holder.entity();
        boolean linkKey = entity.key().isEmpty()
                && design.parent(entity.name()).isEmpty()
                && role.relationship() instanceof BinaryRelationship binary
                && binary.via().equals(entity.name());
        return linkKey || entity.key().names().contains(role.name());
    }

    private List<Association.ToOutside> outside(
            Draft holder, Reference foreignKey, String name, boolean must, boolean key) {
        List<Association.ToOutside> all = new ArrayList<>();
        List<Type> types = KeyTypes.keyOf(design, foreignKey.targetEntity());
        for (int i = 0; i < types.size(); i++) {
            Column column = holder.table().column(foreignKey.columns().get(i)).orElseThrow();
            String property = name + Words.pascal(foreignKey.targetColumns().get(i));
            String role = holder.table().origin(column).member();
            all.add(new Association.ToOutside(
                    property, foreignKey.targetEntity(), role, column, types.get(i), must, key));
        }
        return all;
    }

    private void joined(BinaryRelationship binary) {
        Optional<DerivedTable> table = schema.joinTable(binary);
        Draft owner = draft(binary.from());
        Draft other = draft(binary.to());
        if (table.isEmpty() || owner == null || other == null) {
            return;
        }
        String name = names.end(binary, binary.from(), End.FORWARD);
        String back = names.end(binary, binary.to(), End.BACK);
        Optional<String> inverse = binary.back().map(b -> back);
        List<Reference> keys = table.get().references();
        owner.references()
                .add(new Association.Joined(
                        name,
                        binary.to(),
                        table.get(),
                        keys.get(0),
                        keys.get(1),
                        inverse,
                        binary.onDelete(binary.from()),
                        order(binary, true),
                        binary.forward().most()));
        inverse.ifPresent(b -> other.back()
                .add(new Association.JoinedInverse(
                        b,
                        binary.from(),
                        name,
                        binary.onDelete(binary.to()),
                        order(binary, false),
                        most(binary.back()))));
    }

    /** The order of the many a relationship leads to in one direction. */
    private Association.Order order(Relationship relationship, boolean forward) {
        return SortedReading.of(relationship).stream()
                .filter(s -> s.forward() == forward)
                .findFirst()
                .map(this::order)
                .orElse(Association.Order.NONE);
    }

    private Association.Order order(SortedReading sorted) {
        List<SortedReading.Resolved> keys = sorted.resolved(design);
        return new Association.Order(
                keys.stream().map(k -> sortedBy(sorted, k)).toList(),
                keys.stream()
                        .filter(k -> sorted.sorting().kept())
                        .map(k -> k.leaf().type())
                        .findFirst());
    }

    private Association.SortedBy sortedBy(SortedReading sorted, SortedReading.Resolved key) {
        List<String> path = new ArrayList<>(
                List.of(names.attribute(key.owner(design), key.path().get(0))));
        for (int i = 1; i < key.path().size(); i++) {
            AttributeGroup value = key.value(design, i - 1);
            path.add(names.attribute(value, key.path().get(i)));
        }
        return new Association.SortedBy(path, key.falling(), !key.entity().equals(sorted.many()));
    }

    private void linked(BinaryRelationship binary) {
        Draft link = draft(binary.via());
        if (link == null) {
            return;
        }
        List<Role> roles = Roles.of(binary);
        String fromLinks = names.end(binary, binary.from(), End.LINKS_OF_FROM);
        String toLinks = names.end(binary, binary.to(), End.LINKS_OF_TO);
        String fromRole = names.end(binary, binary.via(), End.LINK_FROM);
        String toRole = names.end(binary, binary.via(), End.LINK_TO);
        Draft from = draft(binary.from());
        Draft to = draft(binary.to());
        boolean backRead = binary.back().isPresent() && to != null;
        boolean fromKept =
                reference(link, roles.get(0), fromRole, from == null ? Optional.empty() : Optional.of(fromLinks));
        boolean toKept = reference(link, roles.get(1), toRole, backRead ? Optional.of(toLinks) : Optional.empty());
        boolean both = fromKept && toKept && from != null && to != null;
        if (from != null && fromKept) {
            from.back().add(inverseLinks(binary, fromLinks, fromRole, true));
        }
        if (both) {
            from.back().add(through(binary, End.FORWARD, binary.from(), binary.to(), fromLinks, toRole));
        }
        if (backRead && toKept) {
            to.back().add(inverseLinks(binary, toLinks, toRole, false));
        }
        if (backRead && both) {
            to.back().add(through(binary, End.BACK, binary.to(), binary.from(), toLinks, fromRole));
        }
    }

    /** The links are in the order of what they lead to as far as that is one of their own attributes. */
    private Association inverseLinks(BinaryRelationship binary, String name, String mappedBy, boolean forward) {
        Association.Order order = order(binary, forward);
        List<Association.SortedBy> own = order.keys().stream()
                .takeWhile(Association.SortedBy::ofLink)
                .map(k -> new Association.SortedBy(k.path(), k.falling(), false))
                .toList();
        return new Association.Inverse(
                name,
                binary.via(),
                mappedBy,
                true,
                binary.onDelete(forward ? binary.from() : binary.to()),
                true,
                own.isEmpty() ? Association.Order.NONE : new Association.Order(own, order.number()),
                most(forward ? Optional.of(binary.forward()) : binary.back()));
    }

    private static int most(Optional<Reading> reading) {
        return reading.map(Reading::most).orElse(0);
    }

    private Association through(
            BinaryRelationship binary, End end, String here, String there, String links, String role) {
        return new Association.ThroughLink(
                names.end(binary, here, end), there, links, role, binary.via(), order(binary, end == End.FORWARD));
    }

    private void oneOf(PolymorphicRelationship oneOf) {
        Draft holder = draft(oneOf.from());
        if (holder == null) {
            return;
        }
        Role role = Roles.of(oneOf).get(0);
        String name = names.end(oneOf, oneOf.from(), End.FORWARD);
        if (oneOf.kept() == PolymorphicMapping.KIND_AND_ID) {
            List<Column> columns = holder.table().columnsOf(role.name());
            List<String> known =
                    oneOf.subjects().stream().filter(this::hasClass).toList();
            holder.references()
                    .add(new Association.OneOfKind(
                            name,
                            known,
                            columns.get(0),
                            columns.get(1),
                            KeyTypes.idType(design, oneOf.subjects()),
                            role.must()));
            return;
        }
        oneOfEach(oneOf, role, holder, name);
    }

    private void oneOfEach(PolymorphicRelationship oneOf, Role role, Draft holder, String name) {
        List<Association.ToOne> subjects = new ArrayList<>();
        List<Association.ToOutside> outside = new ArrayList<>();
        Optional<String> back = oneOf.back().map(b -> names.memberName(Roles.back(oneOf)));
        List<Reference> keys = holder.table().referencesOf(role);
        boolean must = role.must() && keys.size() == 1;
        for (Reference key : keys) {
            String subject = key.targetEntity();
            String field = names.subject(oneOf, subject);
            Draft target = draft(subject);
            if (target == null) {
                outside.addAll(outside(holder, key, field, must, false));
                continue;
            }
            Optional<String> inverse = oneOf.back().map(b -> names.end(oneOf, subject, End.BACK));
            subjects.add(toOne(field, key, role, must, false, inverse));
            inverse.ifPresent(i -> target.back()
                    .add(new Association.Inverse(
                            i,
                            oneOf.from(),
                            field,
                            oneOf.backMany(),
                            oneOf.onDelete(subject),
                            false,
                            order(oneOf, false),
                            most(oneOf.back()))));
            target.of().add(new ModelClass.SubjectOf(oneOf.from(), name));
        }
        holder.references().add(new Association.OneOfEach(name, subjects, outside, role.must(), back));
    }
}

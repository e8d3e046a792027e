package jasperwing.app.draw;

import jasperwing.app.workspace.Selection;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.Relationship;
import jasperwing.naming.Roles;
import jasperwing.weigh.Alternatives;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Something about what is selected that can be kept in several ways: a relationship, a list, or the kinds of an entity. */
record Weighable(String name, String entity, String attribute, Optional<Relationship> relationship) {
    /** What there is to weigh of a selection, in the order of the design. */
    static List<Weighable> of(Design design, Selection selection) {
        if (selection.relationship().isPresent()) {
            return List.of(ofRelationship("", selection.relationship().get())).stream()
                    .filter(w -> w.weigh(design, Dialects.DEFAULT).isPresent())
                    .toList();
        }
        return selection
                .single()
                .flatMap(design::entity)
                .map(e -> ofEntity(design, e))
                .orElse(List.of());
    }

    private static List<Weighable> ofEntity(Design design, Entity entity) {
        List<Weighable> all = new ArrayList<>();
        if (InheritanceTree.has(design, entity.name())) {
            all.add(new Weighable("its kinds", entity.name(), "", Optional.empty()));
        }
        entity.attributes().stream()
                .filter(Attribute::list)
                .forEach(a -> all.add(new Weighable(a.name(), entity.name(), a.name(), Optional.empty())));
        design.relationshipsOf(entity.name()).stream()
                .map(r -> ofRelationship(entity.name(), r))
                .filter(w -> w.weigh(design, Dialects.DEFAULT).isPresent())
                .forEach(all::add);
        return all;
    }

    private static Weighable ofRelationship(String entity, Relationship relationship) {
        boolean forward = entity.isEmpty() || relationship.from().equals(entity);
        String name = forward ? Roles.forward(relationship) : Roles.back(relationship);
        return new Weighable(name, relationship.from(), "", Optional.of(relationship));
    }

    Optional<Alternatives> weigh(Design design, Dialect dialect) {
        if (relationship.isPresent()) {
            return Alternatives.ofRelationship(design, dialect, relationship.get());
        }
        return attribute.isEmpty()
                ? Alternatives.ofKinds(design, dialect, entity)
                : Alternatives.ofList(design, dialect, entity, attribute);
    }

    /** The same after an edit, which may have put another relationship in its place. */
    Weighable after(Design before, Design now) {
        Optional<Relationship> follows = relationship.flatMap(r -> {
            int index = before.relationships().indexOf(r);
            boolean there = index >= 0 && index < now.relationships().size();
            return there ? Optional.of(now.relationships().get(index)) : Optional.empty();
        });
        return follows.isPresent() ? new Weighable(name, entity, attribute, follows) : this;
    }
}

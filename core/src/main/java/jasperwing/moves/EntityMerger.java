package jasperwing.moves;

import jasperwing.model.AcceptedWarning;
import jasperwing.model.Comments;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Notes;
import jasperwing.model.OnDelete;
import jasperwing.model.OnKeyChange;
import jasperwing.model.Relationship;
import jasperwing.model.Sheet;
import jasperwing.naming.Roles;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** One entity taken into another: relationships, sheets, places, comments and warnings follow; attributes are the caller's. */
final class EntityMerger {
    private final String stays;
    private final String gone;

    EntityMerger(String stays, String gone) {
        this.stays = stays;
        this.gone = gone;
    }

    /** Why the relationships of the one cannot become those of the other. */
    Optional<String> hindrance(Design design, Optional<Relationship> but) {
        List<Relationship> moving = design.relationshipsOf(gone).stream()
                .filter(r -> but.isEmpty() || !but.get().equals(r))
                .toList();
        if (design.isLink(gone)) {
            return Optional.of(gone + " links others; make that many-to-many plain first.");
        }
        Set<String> names = new HashSet<>(Preconditions.membersOfTree(design, stays));
        but.ifPresent(b -> names.removeAll(Preconditions.roles(b, stays)));
        for (Relationship relationship : moving) {
            boolean between = relationship.from().equals(stays)
                    || relationship.from().equals(gone)
                            && relationship.targets().contains(stays);
            if (between) {
                return Optional.of(stays + " and " + gone + " are related in another way too; take that away first.");
            }
            if (relationship.targets().contains(stays)) {
                continue;
            }
            for (String role : Preconditions.roles(relationship, gone)) {
                if (!names.add(role)) {
                    return Optional.of("Both have a " + role + "; rename one of them first.");
                }
            }
        }
        return Optional.empty();
    }

    Design done(Design design, Comments kept) {
        Design related = design.withRelationships(
                design.relationships().stream().map(this::moved).toList());
        List<String> lines = new ArrayList<>();
        design.entity(gone).ifPresent(e -> lines.addAll(lines(e.notes().comments())));
        lines.addAll(lines(kept));
        return MoveSteps.change(without(related), stays, e -> commented(e, lines))
                .withSheets(related.sheets().stream().map(this::moved).toList())
                .withPlaces(related.places().stream()
                        .filter(p -> !p.entity().equals(gone))
                        .toList())
                .withAccepted(accepted(related));
    }

    private Design without(Design design) {
        return design.withEntities(
                design.entities().stream().filter(e -> !e.name().equals(gone)).toList());
    }

    /** Roles that follow from the name that goes are written out, so that they stay. */
    private Relationship moved(Relationship relationship) {
        if (!relationship.mentions(gone)) {
            return relationship;
        }
        Relationship pinned = relationship;
        if (pinned.forward().role().isEmpty() && pinned.targets().equals(List.of(gone))) {
            pinned = pinned.withForward(pinned.forward().withRole(Roles.forward(pinned)));
        }
        if (pinned.from().equals(gone)) {
            String role = Roles.back(pinned);
            pinned = pinned.withBack(pinned.back().map(b -> b.role().isEmpty() ? b.withRole(role) : b));
        }
        Relationship renamed = pinned.withEntityRenamed(gone, stays);
        Set<String> ruled = new HashSet<>();
        List<OnDelete> rules =
                renamed.deletes().stream().filter(d -> ruled.add(d.entity())).toList();
        Set<String> changed = new HashSet<>();
        List<OnKeyChange> changes = renamed.keyChanges().stream()
                .filter(c -> changed.add(c.entity()))
                .toList();
        return renamed.withDeletes(rules).withKeyChanges(changes);
    }

    private static List<String> lines(Comments comments) {
        List<String> lines = new ArrayList<>(comments.before());
        if (!comments.after().isEmpty()) {
            lines.add(comments.after());
        }
        lines.addAll(comments.closing());
        return lines;
    }

    private static Entity commented(Entity entity, List<String> lines) {
        if (lines.isEmpty()) {
            return entity;
        }
        Notes notes = entity.notes();
        List<String> closing = new ArrayList<>(notes.comments().closing());
        closing.addAll(lines);
        return entity.withNotes(notes.withComments(notes.comments().withClosing(closing)));
    }

    private Sheet moved(Sheet sheet) {
        if (!sheet.entities().contains(gone)) {
            return sheet;
        }
        Set<String> names = new LinkedHashSet<>();
        boolean both = sheet.entities().contains(stays);
        sheet.entities().stream()
                .filter(e -> !both || !e.equals(gone))
                .map(e -> e.equals(gone) ? stays : e)
                .forEach(names::add);
        return new Sheet(sheet.name(), List.copyOf(names), sheet.comments());
    }

    private List<AcceptedWarning> accepted(Design design) {
        List<AcceptedWarning> all = new ArrayList<>();
        for (AcceptedWarning accepted : design.accepted()) {
            AcceptedWarning now = accepted.entity().equals(gone) ? MoveSteps.on(accepted, stays) : accepted;
            if (all.stream().noneMatch(now::isAs)) {
                all.add(now);
            }
        }
        return all;
    }
}

package jasperwing.app.draw;

import jasperwing.arrange.Arrange;
import jasperwing.diagram.SceneBuilder;
import jasperwing.diagram.SceneCache;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Notes;
import jasperwing.model.Place;
import jasperwing.model.Reading;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.Sheet;
import jasperwing.model.SheetEdits;
import jasperwing.naming.Roles;
import jasperwing.picture.Typefaces;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.BinaryOperator;
import java.util.stream.Stream;

/** What drawing means as edits: pure functions from a gesture's ends to an edit. */
final class GestureEdits {
    /** More cards than this at once are a design that is pasted; they are left to be arranged. */
    private static final int FEW = 40;

    /** So many new cards are arranged among themselves; fewer each come beside what they are related to. */
    private static final int SEVERAL = 3;

    private GestureEdits() {}

    /** A name no entity has yet. */
    static String freeName(Design design) {
        for (int i = 1; ; i++) {
            String name = i == 1 ? "NewEntity" : "NewEntity" + i;
            if (design.entities().stream()
                    .noneMatch(e -> e.name().toLowerCase(Locale.ROOT).equals(name.toLowerCase(Locale.ROOT)))) {
                return name;
            }
        }
    }

    /** A new entity at a place; on a sheet of its own it is shown there too. */
    static Edit entityAt(String name, String sheet, double x, double y) {
        Edit add = EntityEdits.add(Entity.keyed(name))
                .then(SheetEdits.place(name, sheet, (int) Math.round(x), (int) Math.round(y)));
        return sheet.isEmpty() ? add : add.then(onSheet(name, sheet));
    }

    private static Edit onSheet(String entity, String sheet) {
        return design -> design.withSheets(design.sheets().stream()
                .map(s -> s.name().equals(sheet)
                        ? new Sheet(
                                s.name(),
                                Stream.concat(s.entities().stream(), Stream.of(entity))
                                        .toList(),
                                s.comments())
                        : s)
                .toList());
    }

    /**
     * The relationship a drag from one card to another states first: the one dragged from holds the key. Onto itself, it
     * makes a tree. When the role it would have is taken, another is found.
     */
    static BinaryRelationship binary(Design design, String from, String to) {
        if (from.equals(to)) {
            return new BinaryRelationship(
                    from,
                    to,
                    "",
                    new Reading(false, "be under", false, free(design, from, "parent")),
                    Optional.of(new Reading(false, "have", true, "children")),
                    List.of(),
                    Notes.NONE);
        }
        BinaryRelationship plain = new BinaryRelationship(
                from,
                to,
                "",
                new Reading(true, "belong to", false, ""),
                Optional.of(new Reading(false, "have", true, "")),
                List.of(),
                Notes.NONE);
        String role = Roles.forward(plain);
        String free = free(design, from, role);
        return free.equals(role) ? plain : plain.withForward(plain.forward().withRole(free));
    }

    /** Gives the entities an edit brought, and that stand nowhere yet, the place they are drawn at, so that they stay there. */
    static BinaryOperator<Design> placing() {
        SceneCache memory = new SceneCache();
        return (before, after) -> placed(before, after, memory);
    }

    private static Design placed(Design before, Design after, SceneCache memory) {
        return withFresh(before, before.entities() == after.entities() ? after : pinned(before, after), memory);
    }

    /** Those that stood nowhere before get the place they were drawn at, so that they stay there while others grow or come. */
    private static Design pinned(Design before, Design after) {
        Set<String> loose = new HashSet<>();
        before.entities().stream()
                .map(Entity::name)
                .filter(n -> before.place(n, "").isEmpty()
                        && after.place(n, "").isEmpty()
                        && after.entity(n).isPresent())
                .forEach(loose::add);
        boolean many = loose.size() > FEW;
        return loose.isEmpty() || many
                ? after
                : SheetEdits.place(places(before, loose, new SceneCache())).on(after);
    }

    private static List<Place> places(Design design, Set<String> which, SceneCache memory) {
        return SceneBuilder.cards(design, "", Typefaces.get(), memory).stream()
                .filter(c -> which.contains(c.entity()))
                .map(c -> new Place(
                        c.entity(), "", (int) c.box().x(), (int) c.box().y()))
                .toList();
    }

    private static Design withFresh(Design before, Design after, SceneCache memory) {
        Set<String> known = new HashSet<>();
        before.entities().forEach(e -> known.add(e.name()));
        Set<String> fresh = new HashSet<>();
        after.entities().stream()
                .map(Entity::name)
                .filter(n -> !known.contains(n) && after.place(n, "").isEmpty())
                .forEach(fresh::add);
        if (fresh.isEmpty() || before.entities().isEmpty() && fresh.size() > FEW) {
            return after;
        }
        List<Place> places = fresh.size() < SEVERAL || fresh.size() > FEW
                ? places(after, fresh, memory)
                : Arrange.unplacedAtOnce(after, "", Typefaces.get()).stream()
                        .filter(p -> fresh.contains(p.entity()))
                        .toList();
        return SheetEdits.place(places).on(after);
    }

    private static String free(Design design, String holder, String role) {
        String name = role;
        for (int i = 2; Roles.find(design, holder, name).isPresent(); i++) {
            name = role + i;
        }
        return name;
    }

    static Edit relate(BinaryRelationship binary) {
        return RelationshipEdits.add(binary);
    }
}

package jasperwing.app.draw;

import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.derive.PhysicalNames;
import jasperwing.diagram.Hit;
import jasperwing.diagram.Point;
import jasperwing.diagram.Region;
import jasperwing.model.Area;
import jasperwing.model.AreaColor;
import jasperwing.model.AreaEdits;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.KindEdits;
import jasperwing.model.Notes;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.TableOwner;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import jasperwing.reading.RelationshipReversal;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.geometry.Point2D;
import javafx.scene.control.ContextMenu;

/** What can be done where one is on the sheet, or in the list beside it, as a menu; each entry with its key. */
final class SheetMenu {
    private final Workspace workspace;
    private final SheetView sheet;
    private final SheetActions actions;
    private final ContextMenu menu = new ContextMenu();

    SheetMenu(Workspace workspace, SheetView sheet, SheetActions actions) {
        this.workspace = workspace;
        this.sheet = sheet;
        this.actions = actions;
        menu.setId("sheet-menu");
    }

    /** For what is at a point of the sheet, shown at a point of the screen. */
    void show(Hit hit, Point at, double screenX, double screenY) {
        MenuItems items = begin();
        if (hit instanceof Hit.OnCard card) {
            attribute(items, card);
            entity(items, card.card().entity());
        } else if (hit instanceof Hit.OnEdge edge) {
            entity(items, edge.card().entity());
        } else if (hit instanceof Hit.OnRelationship on) {
            relationship(items, on.relationship());
        } else if (hit instanceof Hit.OnKind on) {
            kind(items, on.kind());
        } else {
            paper(items, at);
        }
        menu.show(sheet, screenX, screenY);
    }

    /** For what is selected, beside it. */
    void showForSelection() {
        Selection selection = workspace.selection().get();
        MenuItems items = begin();
        if (selection.relationship().isPresent()) {
            relationship(items, selection.relationship().get());
        } else if (selection.single().isPresent()) {
            entity(items, selection.single().get());
        } else {
            paper(items, sheet.viewport().toSheet(sheet.getWidth() / 2, sheet.getHeight() / 2));
        }
        Point at = selection
                .single()
                .flatMap(sheet::onScreen)
                .map(b -> new Point(b.right(), b.y()))
                .orElse(new Point(sheet.getWidth() / 2, sheet.getHeight() / 2));
        Point2D screen = sheet.localToScreen(at.x(), at.y());
        menu.show(sheet, screen.getX(), screen.getY());
    }

    /** For an entity of the list. */
    void showForEntity(String entity, double screenX, double screenY) {
        entity(begin(), entity);
        menu.show(sheet, screenX, screenY);
    }

    /** For what has no card, in the list. */
    void showForDeclaration(String name, double screenX, double screenY) {
        begin().add("Edit\u2026", () -> actions.declaration(name))
                .add("Show in the text", () -> workspace.declaration().set(name));
        menu.show(sheet, screenX, screenY);
    }

    private MenuItems begin() {
        menu.hide();
        menu.getItems().clear();
        return MenuItems.in(menu);
    }

    private void attribute(MenuItems items, Hit.OnCard on) {
        Design design = workspace.design();
        Entity entity = design.entity(on.card().entity()).orElseThrow();
        if (on.row() < 0 || on.row() >= entity.attributes().size()) {
            return;
        }
        Attribute attribute = entity.attributes().get(on.row());
        String name = entity.name();
        items.add("Edit " + attribute.name(), () -> actions.type(name, on.row()))
                .check("Optional", attribute.optional(), now -> change(name, attribute, a -> a.withOptional(now)))
                .check("Unique", attribute.unique(), now -> change(name, attribute, a -> a.withUnique(now)))
                .check("In the key", entity.isKey(attribute), now -> workspace.edit(key(name, attribute, now)))
                .add(
                        "Remove " + attribute.name(),
                        () -> workspace.edit(EntityEdits.removeAttribute(name, attribute.name())))
                .line();
    }

    private void change(String entity, Attribute attribute, UnaryOperator<Attribute> change) {
        workspace.edit(EntityEdits.changeAttribute(entity, attribute.name(), change));
    }

    private static Edit key(String entity, Attribute attribute, boolean now) {
        return EntityEdits.change(
                entity,
                e -> e.withKey(
                        now
                                ? e.key().withNames(with(e.key().names(), attribute.name()))
                                : e.key().without(attribute.name())));
    }

    private static List<String> with(List<String> names, String name) {
        return Stream.concat(names.stream(), Stream.of(name)).toList();
    }

    private void entity(MenuItems items, String name) {
        Design design = workspace.design();
        Entity entity = design.entity(name).orElseThrow();
        items.add("Type on the card", "Enter", () -> actions.type(name, Integer.MAX_VALUE))
                .add("Rename", "F2", () -> actions.type(name, -1))
                .add("Add a rule\u2026", () -> actions.rule(name))
                .menu("Relate to", m -> design.entities().forEach(o -> m.add(o.name(), () -> relate(name, o.name()))))
                .menu("Area", m -> areas(m, entity))
                .menu("Kept", m -> kept(m, entity))
                .line()
                .menu("Neighbours", m -> List.of(1, 2, 3)
                        .forEach(d -> m.add(
                                "Up to " + Words.count(d, "relationship") + " away",
                                () -> actions.neighbours(name, d))))
                .add("Walk along roles", "W", actions::walk)
                .add("Reshape", "M", actions::reshape)
                .add("Compare ways", "V", actions::compareWays)
                .add("Arrange", "Shortcut+L", () -> actions.arrange(selected(name)))
                .add("Copy as a picture", "Shortcut+Shift+C", actions::copyPicture)
                .line()
                .add("Remove " + name, "Delete", actions::removeSelected);
    }

    private List<String> selected(String entity) {
        Set<String> all = workspace.selection().get().entities();
        return all.contains(entity) ? List.copyOf(all) : List.of(entity);
    }

    private void relate(String from, String to) {
        BinaryRelationship binary = GestureEdits.binary(workspace.design(), from, to);
        workspace.edit(GestureEdits.relate(binary), Selection.of(binary));
        actions.sentence();
    }

    private void areas(MenuItems items, Entity entity) {
        Design design = workspace.design();
        for (Area area : design.areas()) {
            items.check(area.name(), entity.area().equals(area.name()), now -> area(entity, now ? area.name() : ""));
        }
        items.line().check("None", entity.area().isEmpty(), now -> area(entity, ""));
        items.add("A new area\u2026", () -> newArea(entity));
    }

    private static String freeArea(Design design) {
        String name = "Area";
        for (int i = 2; design.area(name).isPresent(); i++) {
            name = "Area" + i;
        }
        return name;
    }

    private void area(Entity entity, String area) {
        workspace.edit(EntityEdits.change(entity.name(), e -> e.withArea(area)));
    }

    private void newArea(Entity entity) {
        Design design = workspace.design();
        String name = freeArea(design);
        AreaColor color = AreaColor.values()[design.areas().size() % AreaColor.values().length];
        workspace.edit(AreaEdits.add(new Area(name, color, Notes.NONE))
                .then(EntityEdits.change(entity.name(), e -> e.withArea(name))));
        actions.declaration(name);
    }

    private void kept(MenuItems items, Entity entity) {
        for (TableOwner owner : TableOwner.values()) {
            items.check(
                    Words.capitalised(owner.words()),
                    TableOwner.of(entity) == owner,
                    now -> workspace.edit(
                            owner.assign(entity.name(), PhysicalNames.wantedTable(workspace.design(), entity))));
        }
    }

    private void relationship(MenuItems items, Relationship relationship) {
        items.add("Edit the sentence", actions::sentence);
        RelationshipReversal.exchanged(relationship)
                .ifPresent(now -> items.add("Turn round", () -> restate(relationship, now)));
        RelationshipReversal.fromOtherEnd(relationship)
                .ifPresent(now -> items.add(
                        isOfPairs(relationship)
                                ? "Let " + relationship.targets().get(0) + " own it"
                                : "Say it from " + relationship.targets().get(0),
                        () -> restate(relationship, now)));
        boolean alone = Roles.of(relationship).isEmpty();
        relationship.pointedTo().forEach(e -> items.menu("Deleting " + e, m -> rules(m, relationship, e, alone)));
        relationship
                .pointedTo()
                .forEach(e -> items.menu("Changing the key of " + e, m -> keyRules(m, relationship, e)));
        items.check(
                        "Checked at the end of a transaction",
                        relationship.checkedAtEnd(),
                        now -> restate(relationship, relationship.withCheckedAtEnd(now)))
                .line()
                .add("Reshape", "M", actions::reshape)
                .add("Compare ways", "V", actions::compareWays)
                .line()
                .add("Remove", "Delete", actions::removeSelected);
    }

    private static boolean isOfPairs(Relationship relationship) {
        return relationship instanceof BinaryRelationship binary && binary.isOfPairs();
    }

    private void restate(Relationship old, Relationship now) {
        workspace.edit(RelationshipEdits.restate(old, now), Selection.of(now));
    }

    /** @param pairs whether pairs alone refer to it, of which there is nothing to empty */
    private void rules(MenuItems items, Relationship relationship, String target, boolean pairs) {
        for (DeleteRule rule : DeleteRule.values()) {
            if (pairs && rule == DeleteRule.EMPTY) {
                continue;
            }
            String words =
                    switch (rule) {
                        case REFUSE -> "is refused (restrict)";
                        case DELETE_TOO -> pairs
                                ? "removes its pairs (cascade)"
                                : "deletes what refers to it (cascade)";
                        case EMPTY -> "empties the reference (set null)";
                    };
            items.check(
                    words,
                    relationship.onDelete(target) == rule,
                    now -> restate(relationship, RelationshipEdits.withRule(relationship, target, rule)));
        }
    }

    private void keyRules(MenuItems items, Relationship relationship, String target) {
        for (KeyChangeRule rule : KeyChangeRule.values()) {
            String words =
                    switch (rule) {
                        case REFUSE -> "is refused (no action)";
                        case FOLLOW -> "is followed (cascade)";
                        case EMPTY -> "empties the reference (set null)";
                    };
            items.check(
                    words,
                    relationship.onKeyChange(target) == rule,
                    now -> restate(relationship, RelationshipEdits.withRule(relationship, target, rule)));
        }
    }

    private void kind(MenuItems items, String kind) {
        items.add(kind + " is no kind any more", () -> workspace.edit(KindEdits.noKind(kind)));
        entity(items.line(), kind);
    }

    private void paper(MenuItems items, Point at) {
        sheet.scene().regions().stream()
                .filter(r -> r.boxes().stream().anyMatch(b -> b.contains(at)))
                .findFirst()
                .ifPresent(r -> region(items, r));
        items.add("New entity here", "N", () -> actions.newEntity(at))
                .line()
                .add("Arrange everything", "Shortcut+Shift+L", actions::arrangeEverything)
                .add("Show the whole sheet", "Shortcut+DIGIT0", actions::fit)
                .add("Find\u2026", "Shortcut+F", actions::find)
                .add("Text", "Shortcut+T", actions::text)
                .add("Save as a picture\u2026", "Shortcut+P", actions::savePicture);
    }

    private void region(MenuItems items, Region region) {
        items.add("Edit the area " + region.name() + "\u2026", () -> actions.declaration(region.name()))
                .menu("Colour of " + region.name(), m -> {
                    for (AreaColor color : AreaColor.values()) {
                        m.check(
                                Words.capitalised(color.word()),
                                region.color() == color,
                                now -> workspace.edit(AreaEdits.recolor(region.name(), color)));
                    }
                })
                .add("Remove the area", () -> workspace.edit(AreaEdits.remove(region.name())))
                .line();
    }
}

package jasperwing.app.lens;

import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.derive.PhysicalNames;
import jasperwing.model.Area;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindEdits;
import jasperwing.model.KindsKept;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.TableOwner;
import jasperwing.notation.EntityDetails;
import jasperwing.notation.Notation;
import jasperwing.notation.Problem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What an entity says besides its attributes, as fields; each change is one edit. */
final class EntityProperties {
    private static final String NONE = "\u2013";

    private final Workspace workspace;
    private final Entity entity;
    private final PropertyForm form = new PropertyForm();

    private EntityProperties(Workspace workspace, Entity entity) {
        this.workspace = workspace;
        this.entity = entity;
    }

    static PropertyForm of(Workspace workspace, Entity entity) {
        EntityProperties properties = new EntityProperties(workspace, entity);
        properties.named();
        properties.members();
        properties.kinds();
        return properties.form;
    }

    private void named() {
        Design design = workspace.design();
        Notes notes = entity.notes();
        form.text("name", "Name", entity.name(), "", this::rename);
        form.choice(
                "area",
                "Area",
                orNone(design.areas().stream().map(Area::name)),
                entity.area().isEmpty() ? NONE : entity.area(),
                now -> change(e -> e.withArea(now.equals(NONE) ? "" : now)));
        form.note("note", "Note", notes.doc(), now -> notes(n -> n.withDoc(now)));
        form.text("label", "Label", notes.label(), "how people see it", now -> notes(n -> n.withLabel(now)));
        form.text("table", "Table", notes.physical(), tableName(), now -> notes(n -> n.withPhysical(now)));
        form.choice(
                "kept",
                "Kept",
                Arrays.stream(TableOwner.values()).map(TableOwner::words).toList(),
                TableOwner.of(entity).words(),
                this::keep);
    }

    private void keep(String now) {
        Arrays.stream(TableOwner.values())
                .filter(k -> k.words().equals(now))
                .forEach(k -> workspace.edit(k.assign(entity.name(), tableName())));
    }

    private String tableName() {
        return PhysicalNames.wantedTable(workspace.design(), entity);
    }

    private Optional<String> rename(String now) {
        if (now.isEmpty()) {
            return Optional.of("An entity needs a name.");
        }
        if (workspace.design().entity(now).isPresent()) {
            return Optional.of("There is an entity " + now + " already.");
        }
        workspace.edit(EntityEdits.rename(entity.name(), now), Selection.of(now));
        return Optional.empty();
    }

    private Optional<String> notes(UnaryOperator<Notes> change) {
        change(e -> e.withNotes(change.apply(e.notes())));
        return Optional.empty();
    }

    private void change(UnaryOperator<Entity> change) {
        workspace.edit(EntityEdits.change(entity.name(), change));
    }

    private void members() {
        form.text("key", "Key", names(entity.key().names()), "attributes and roles", now -> key(now));
        form.text(
                "shown",
                "Shown as",
                names(entity.shown().names()),
                "attributes and roles",
                now -> detail("shown as ", now.isEmpty() ? "" : "shown as " + now));
        List<String> rules = EntityDetails.print(entity).stream()
                .filter(l -> l.startsWith("unique (") || l.startsWith("index (") || l.startsWith("rule \""))
                .toList();
        for (int i = 0; i < rules.size(); i++) {
            String rule = rules.get(i);
            form.text("rule-" + i, i == 0 ? "Rules" : "", rule, "", now -> detail(rule, now));
        }
        form.text(
                "rule-new",
                rules.isEmpty() ? "Rules" : "",
                "",
                "unique (a, b), index (a) or rule \"must \u2026\": a < b",
                now -> detail(NONE, now));
        form.text(
                "traits",
                "Traits",
                names(entity.traits()),
                traits(),
                now -> detail("with ", now.isEmpty() ? "" : "with " + now));
    }

    private String traits() {
        return workspace.design().groups().stream()
                .filter(g -> g.is(AttributeGroup.Kind.TRAIT))
                .map(AttributeGroup::name)
                .collect(Collectors.joining(", "));
    }

    private static String names(List<String> names) {
        return names.stream().map(Notation::name).collect(Collectors.joining(", "));
    }

    private Optional<String> key(String now) {
        if (now.isEmpty()) {
            change(e -> e.withKey(Members.NONE));
            return Optional.empty();
        }
        String line = "key (" + now + ")";
        Optional<String> wrong = EntityDetails.problem(line).map(Problem::sentence);
        if (wrong.isEmpty()) {
            List<String> details = new ArrayList<>(EntityDetails.print(entity));
            details.removeIf(l -> l.startsWith("key ("));
            details.add(line);
            change(e -> EntityDetails.replace(e, details));
        }
        return wrong;
    }

    /** Puts one line in the place of the first that begins so, or behind the others; an empty one takes it away. */
    private Optional<String> detail(String beginning, String line) {
        Optional<String> wrong = line.isEmpty()
                ? Optional.empty()
                : EntityDetails.isDetail(line)
                        ? EntityDetails.problem(line).map(Problem::sentence)
                        : Optional.of("Write unique (a, b), index (a, b) or rule \"must \u2026\": a < b.");
        if (wrong.isPresent()) {
            return wrong;
        }
        List<String> details = new ArrayList<>(EntityDetails.print(entity));
        int index = 0;
        while (index < details.size() && !details.get(index).startsWith(beginning)) {
            index++;
        }
        if (index < details.size()) {
            details.remove(index);
        }
        if (!line.isEmpty()) {
            details.add(Math.min(index, details.size()), line);
        }
        change(e -> EntityDetails.replace(e, details));
        return Optional.empty();
    }

    private void kinds() {
        Design design = workspace.design();
        String of = entity.inheritance().of();
        form.choice(
                "kind",
                "A kind of",
                orNone(design.entities().stream().map(Entity::name).filter(n -> !n.equals(entity.name()))),
                of.isEmpty() ? NONE : of,
                now -> workspace.edit(kind(now)));
        boolean hasKinds =
                design.entities().stream().anyMatch(e -> e.inheritance().of().equals(entity.name()));
        if (hasKinds) {
            form.check(
                    "only-kinds",
                    "Only its kinds have rows",
                    entity.inheritance().onlyKinds(),
                    now -> workspace.edit(KindEdits.onlyKinds(entity.name(), now)));
        }
        if (hasKinds && of.isEmpty()) {
            KindsKept kept = InheritanceTree.kept(design, entity.name()).orElse(KindsKept.TABLE_EACH);
            form.choice(
                    "kept",
                    "Kinds kept in",
                    Arrays.stream(KindsKept.values()).map(KindsKept::words).toList(),
                    kept.words(),
                    now -> Arrays.stream(KindsKept.values())
                            .filter(k -> k.words().equals(now))
                            .forEach(k -> workspace.edit(KindEdits.keep(entity.name(), k))));
        }
    }

    private Edit kind(String of) {
        return of.equals(NONE) ? KindEdits.noKind(entity.name()) : KindEdits.become(entity.name(), of);
    }

    private static List<String> orNone(Stream<String> names) {
        return Stream.concat(Stream.of(NONE), names).toList();
    }
}

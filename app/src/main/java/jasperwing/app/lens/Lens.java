package jasperwing.app.lens;

import jasperwing.app.controls.Focus;
import jasperwing.app.controls.Kept;
import jasperwing.app.controls.ReadingFlow;
import jasperwing.app.controls.SidePane;
import jasperwing.app.findings.FindingBox;
import jasperwing.app.findings.SteadyFindings;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.findings.Finding;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.TableOwner;
import jasperwing.naming.Words;
import jasperwing.reading.Phrase;
import jasperwing.reading.Readings;
import jasperwing.reading.RuleReadings;
import jasperwing.weigh.Alternatives;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;

/** What is selected, looked at three ways: how it reads, how it is stored, what it becomes. */
public final class Lens extends SidePane {
    /** What is read aloud of several entities. */
    private static final int MOST_READINGS = 12;

    private final Workspace workspace;
    private final Kept kept = new Kept();
    private final List<Node> nodes = new ArrayList<>();
    private final SteadyFindings findings = new SteadyFindings();
    private String foundOf = "";
    private boolean weighing;
    private boolean propertiesOpen;
    private boolean stale;

    public Lens(Workspace workspace) {
        super("Lens: what is selected");
        this.workspace = workspace;
        workspace.projection().addListener((o, was, is) -> refresh());
        workspace.selection().addListener((o, was, is) -> refresh());
        content().hoverProperty().addListener((o, was, is) -> {
            if (findings.hasGaps()) {
                refresh();
            }
        });
        sceneProperty().addListener((o, was, is) -> {
            if (is != null && stale) {
                refresh();
            }
        });
        refresh();
    }

    /** @param now whether the ways to keep what is selected are laid out, too */
    public void weigh(boolean now) {
        if (weighing != now) {
            weighing = now;
            refresh();
        }
    }

    /** Where nobody sees it, when it is seen again. */
    private void refresh() {
        stale = getScene() == null;
        if (stale) {
            return;
        }
        Focus.keep(content(), this::build);
    }

    private void build() {
        kept.begin();
        nodes.clear();
        selected();
        Kept.show(content().getChildren(), nodes);
    }

    private void selected() {
        Selection selection = workspace.selection().get();
        Design design = workspace.design();
        Optional<Entity> entity = selection.single().flatMap(design::entity);
        if (selection.relationship().isEmpty() && entity.isEmpty()) {
            foundOf = "";
        }
        if (selection.relationship().isPresent()) {
            relationship(selection.relationship().get());
        } else if (entity.isPresent()) {
            entity(entity.get());
        } else if (selection.entities().size() > 1) {
            several(design, selection.entities());
        } else {
            nothing(design);
        }
    }

    private void heading(String title, String below) {
        nodes.add(label(title, "lens-title"));
        nodes.add(label(below, "quiet"));
    }

    private Node label(String text, String style) {
        return kept.node(List.of(style, text), () -> {
            Label label = new Label(text);
            label.getStyleClass().add(style);
            label.setWrapText(true);
            return label;
        });
    }

    private void section(String name, List<? extends Node> below) {
        if (!below.isEmpty()) {
            nodes.add(label(name, "section"));
            nodes.addAll(below);
        }
    }

    /** What ties some entities to each other. */
    private void several(Design design, Set<String> entities) {
        heading(entities.size() + " entities", "Delete removes them, arrow keys move them");
        List<Relationship> among = design.relationships().stream()
                .filter(r -> entities.contains(r.from()) && r.targets().stream().anyMatch(entities::contains))
                .toList();
        List<Node> readings = new ArrayList<>();
        among.stream().limit(MOST_READINGS).forEach(r -> readings.add(reading(r, Readings.from(design, r, r.from()))));
        if (among.size() > MOST_READINGS) {
            readings.add(hint("and " + (among.size() - MOST_READINGS) + " more"));
        }
        section("How they are related", readings);
    }

    private void nothing(Design design) {
        heading(
                design.name(),
                Words.count(design.entities().size(), "entity") + ", "
                        + Words.count(design.relationships().size(), "relationship"));
        section(
                "How to begin",
                List.of(
                        hint("Double-click the paper for an entity, then type its attributes."),
                        hint("Drag from a card's edge to another card to relate them."),
                        hint("Press Ctrl K and say it: each Dive may have many Photo, which must belong to one Dive."),
                        hint("Click a card or a line to see how it reads, is stored, and what it becomes.")));
    }

    private Node hint(String text) {
        return label(text, "hint");
    }

    private static String outside(Entity entity) {
        return entity.outside() ? " \u00b7 kept " + TableOwner.of(entity).words() : "";
    }

    private void entity(Entity entity) {
        int count = entity.attributes().size();
        String area = entity.area().isEmpty() ? "in no area" : entity.area();
        heading(
                entity.name(),
                area + " \u00b7 " + count + (count == 1 ? " attribute" : " attributes")
                        + outside(entity)
                        + kind(entity));
        if (!entity.notes().doc().isEmpty()) {
            nodes.add(hint(entity.notes().doc()));
        }
        properties(entity, () -> EntityProperties.of(workspace, entity));
        findings(
                entity.name(),
                f -> f.subject().entity().equals(entity.name())
                        && f.subject().relationship().isEmpty());
        Stream<Node> relationships = workspace.design().relationshipsOf(entity.name()).stream()
                .map(r -> reading(r, Readings.from(workspace.design(), r, entity.name())));
        section(
                "Reads as",
                Stream.concat(
                                relationships,
                                RuleReadings.of(workspace.design(), entity.name()).stream()
                                        .map(s -> kept.node(List.of("rule", s), () -> rule(s))))
                        .toList());
        section("Stored as", new StoredAs(workspace.projection().get(), kept).entity(entity.name()));
        section("Becomes", new ClassExcerpts(workspace.projection().get(), kept).entity(entity.name()));
    }

    private static Node rule(String sentence) {
        Label label = new Label(sentence);
        label.setWrapText(true);
        label.getStyleClass().add("reading-rule");
        return label;
    }

    private static String kind(Entity entity) {
        String of = entity.inheritance().of();
        return (of.isEmpty() ? "" : " \u00b7 a kind of " + of)
                + (entity.inheritance().onlyKinds() ? " \u00b7 only its kinds" : "");
    }

    private void relationship(Relationship relationship) {
        String targets = String.join(", ", relationship.targets());
        heading(
                relationship.from() + " and " + targets,
                "a relationship; click a word to change it"
                        + (relationship.forward().many()
                                ? ""
                                : ", drag its line to a further card for one of several"));
        properties(relationship, () -> RelationshipProperties.of(workspace, relationship));
        findings(
                relationship.from() + " \u2192 " + targets,
                f -> f.subject().relationship().filter(relationship::equals).isPresent());
        if (weighing) {
            section(
                    "Ways to keep it",
                    Alternatives.ofRelationship(
                                    workspace.design(), workspace.dialect().get(), relationship)
                            .map(w -> new WaysBox(workspace, w))
                            .stream()
                            .toList());
        }
        section("Reads as", List.of(reading(relationship, Readings.whole(workspace.design(), relationship))));
        section("Stored as", new StoredAs(workspace.projection().get(), kept).relationship(relationship));
        section("Becomes", new ClassExcerpts(workspace.projection().get(), kept).relationship(relationship));
    }

    /** A head that opens and closes the properties of what is selected; they stay open from one selection to the next. */
    private void properties(Object of, Supplier<PropertyForm> form) {
        nodes.add(kept.node(List.of("properties", propertiesOpen), () -> {
            ToggleButton head = new ToggleButton(propertiesOpen ? "Properties \u25B4" : "Properties \u25BE");
            head.setId("properties");
            head.getStyleClass().add("disclosure");
            head.setAccessibleText(propertiesOpen ? "Hide the properties" : "Show the properties");
            head.setSelected(propertiesOpen);
            head.setOnAction(e -> {
                propertiesOpen = !propertiesOpen;
                refresh();
            });
            return head;
        }));
        if (propertiesOpen) {
            nodes.add(kept.node(List.of("form", of, workspace.design().areas()), form));
        }
    }

    /** @param of the name of what they are about, under which it stays the same while it is mended */
    private void findings(String of, Predicate<Finding> about) {
        List<Finding> found = workspace.projection().get().report().findings().stream()
                .filter(about)
                .toList();
        boolean same = of.equals(foundOf);
        foundOf = of;
        section("Findings", findings.show(found, same && content().isHover(), f -> new FindingBox(workspace, f)));
    }

    private Node reading(Relationship relationship, List<Phrase> phrases) {
        return kept.node(
                List.of(relationship, phrases),
                () -> new ReadingFlow(
                        workspace::design,
                        relationship,
                        phrases,
                        now -> workspace.edit(RelationshipEdits.restate(relationship, now))));
    }
}

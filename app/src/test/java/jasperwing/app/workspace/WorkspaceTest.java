package jasperwing.app.workspace;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The one reference that changes, and the selection that follows it. */
class WorkspaceTest {
    private final Design design = Samples.design(
            "entity Dive",
            "  id serial key",
            "entity Photo",
            "  id serial key",
            "each Photo must belong to one Dive, which may have many Photo");
    private final Workspace workspace = new Workspace(design, Optional.empty());

    @Test
    void everyEditIsSeenOnceAndAnEditThatChangesNothingIsNot() {
        List<Design> seen = new ArrayList<>();
        workspace.projection().addListener((o, was, is) -> seen.add(is.design()));
        workspace.edit(EntityEdits.add(Entity.keyed("Tide")));
        workspace.edit(Edit.NOTHING);
        workspace.edit(EntityEdits.remove("Nothing"));
        workspace.undo();
        workspace.undo();
        workspace.redo();
        assertThat(seen).hasSize(3);
        assertThat(seen.get(1)).isEqualTo(design);
        assertThat(workspace.design()).isEqualTo(seen.get(0));
        assertThat(workspace.canRedo()).isFalse();
        assertThat(workspace.canUndo()).isTrue();
    }

    @Test
    void theSelectionFollowsARelationshipThatIsChangedInPlace() {
        Relationship first = design.relationships().get(0);
        Relationship loose = first.withForward(first.forward().withMust(false));
        workspace.selection().set(Selection.of(first));
        workspace.edit(RelationshipEdits.replace(first, loose));
        assertThat(workspace.selection().get().relationship()).contains(loose);
        workspace.undo();
        assertThat(workspace.selection().get().relationship()).contains(first);
        workspace.edit(RelationshipEdits.remove(first));
        assertThat(workspace.selection().get().isEmpty()).isTrue();
    }

    @Test
    void entitiesThatAreGoneAreNotSelectedAnyMore() {
        workspace.selection().set(Selection.of(Set.of("Dive", "Photo")));
        workspace.edit(EntityEdits.remove("Photo"));
        assertThat(workspace.selection().get().single()).contains("Dive");
        workspace.edit(EntityEdits.add(Entity.keyed("Tide")), Selection.of("Tide"));
        assertThat(workspace.selection().get().single()).contains("Tide");
    }

    @Test
    void openingStartsANewHistory() {
        workspace.edit(EntityEdits.remove("Photo"));
        workspace.open(design, Optional.of(Path.of("some.wing")));
        assertThat(workspace.canUndo()).isFalse();
        assertThat(workspace.path().get()).contains(Path.of("some.wing").toAbsolutePath());
        assertThat(workspace.projection().get().schema().tables()).hasSize(2);
        assertThat(workspace.projection().get().schema().table("Dive")).isPresent();
    }

    @Test
    void whatIsTypedIsOneStepUnlessSomethingElseIsDoneBetween() {
        Workspace typed = new Workspace(Samples.design("entity Dive", "  id serial key"), Optional.empty());
        Workspace.Typing typing = typed.typing();
        typing.edit(Edit.NOTHING);
        for (String name : List.of("d", "de", "depth")) {
            typing.edit(EntityEdits.change(
                    "Dive", e -> e.withAttributes(List.of(Attribute.of(name, Type.of(Scalar.INT))))));
        }
        typed.undo();
        assertThat(typed.design().entity("Dive").orElseThrow().attribute("id")).isPresent();
        typed.redo();
        assertThat(typed.design().entity("Dive").orElseThrow().attribute("depth"))
                .isPresent();
        typed.edit(EntityEdits.add(Entity.keyed("Site")));
        typing.edit(EntityEdits.add(Entity.keyed("Note")));
        typed.undo();
        assertThat(typed.design().entity("Note")).isEmpty();
        assertThat(typed.design().entity("Site")).isPresent();
    }
}

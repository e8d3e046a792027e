package jasperwing.app.draw;

import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.diagram.Card;
import jasperwing.diagram.Hit;
import jasperwing.diagram.Point;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.reading.Readings;
import jasperwing.say.DesignAdditions;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** Draws a relationship from a card's edge: to another card, or to paper, which makes the entity. What it states shows at once. */
final class RelateDrag implements Drag {
    private final Workspace workspace;
    private final SheetView sheet;
    private final String from;
    private final Runnable drawn;
    private final Consumer<String> made;
    private final VBox says = new VBox(4);
    private final Label sentence = new Label();
    private final Label adds = new Label();
    private String saidFor = "";

    /**
     * @param drawn called when two entities were related
     * @param made called with the name of an entity that was made besides
     */
    RelateDrag(Workspace workspace, SheetView sheet, String from, Runnable drawn, Consumer<String> made) {
        this.drawn = drawn;
        this.made = made;
        this.workspace = workspace;
        this.sheet = sheet;
        this.from = from;
        says.getStyleClass().add("drag-says");
        sentence.setWrapText(true);
        sentence.setMaxWidth(270);
        adds.getStyleClass().addAll("code", "quiet-code");
        adds.setWrapText(true);
        adds.setMaxWidth(270);
        says.getChildren().addAll(sentence, adds);
        says.setMouseTransparent(true);
        sheet.overlay().getChildren().add(says);
    }

    @Override
    public void to(Point at, boolean free) {
        says.relocate(Math.max(8, Math.min(at.x() + 18, sheet.getWidth() - 310)), at.y() + 22);
        Optional<String> over = target(at);
        String target = over.orElseGet(() -> GestureEdits.freeName(workspace.design()));
        BinaryRelationship binary = GestureEdits.binary(workspace.design(), from, target);
        boolean another = !target.equals(saidFor);
        if (another || over.isEmpty()) {
            Design after = edit(binary, at).on(workspace.design());
            sheet.preview(after, binary);
            if (another) {
                saidFor = target;
                say(binary, after);
            }
        }
    }

    private void say(BinaryRelationship binary, Design after) {
        sentence.setText(Readings.text(Readings.from(workspace.design(), binary, from)));
        adds.setText(String.join("\n", DesignAdditions.of(workspace.design(), after)));
    }

    /** The card under the mouse; not the one that would be new. */
    private Optional<String> target(Point at) {
        Hit hit = Hit.at(
                sheet.scene(),
                sheet.viewport().toSheet(at.x(), at.y()),
                4 / sheet.viewport().zoom());
        Optional<Card> card = hit instanceof Hit.OnCard on
                ? Optional.of(on.card())
                : hit instanceof Hit.OnEdge edge ? Optional.of(edge.card()) : Optional.empty();
        return card.map(Card::entity).filter(e -> workspace.design().entity(e).isPresent());
    }

    private Edit edit(BinaryRelationship binary, Point at) {
        if (workspace.design().entity(binary.to()).isPresent()) {
            return GestureEdits.relate(binary);
        }
        Point place = sheet.viewport().toSheet(at.x(), at.y());
        return GestureEdits.entityAt(binary.to(), sheet.sheet().get(), place.x(), place.y() - 17)
                .then(GestureEdits.relate(binary));
    }

    @Override
    public void end(Point at, boolean free) {
        cancel();
        Optional<String> over = target(at);
        String target = over.orElseGet(() -> GestureEdits.freeName(workspace.design()));
        BinaryRelationship binary = GestureEdits.binary(workspace.design(), from, target);
        workspace.edit(edit(binary, at), Selection.of(binary));
        if (over.isPresent()) {
            drawn.run();
        } else {
            made.accept(target);
        }
    }

    @Override
    public void cancel() {
        sheet.overlay().getChildren().remove(says);
        sheet.endPreview();
    }
}

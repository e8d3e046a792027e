package jasperwing.app.draw;

import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.diagram.Hit;
import jasperwing.diagram.Point;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.reading.Readings;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.shape.Line;

/** Drags a fan, or a line to one thing, to a further subject: the relationship becomes a one-of. */
final class SubjectDrag implements Drag {
    private static final double WIDTH = 290;

    private final Workspace workspace;
    private final SheetView sheet;
    private final Relationship relationship;
    private final Runnable drawn;
    private final Line line;
    private final Label says = new Label();
    private Optional<Relationship> shown = Optional.empty();

    SubjectDrag(Workspace workspace, SheetView sheet, Relationship relationship, Point start, Runnable drawn) {
        this.drawn = drawn;
        this.workspace = workspace;
        this.sheet = sheet;
        this.relationship = relationship;
        line = new Line(start.x(), start.y(), start.x(), start.y());
        line.getStyleClass().addAll("rubber", "dashed");
        line.setMouseTransparent(true);
        says.getStyleClass().add("drag-says");
        says.setText("Let go on a further subject of " + relationship.from());
        says.setMouseTransparent(true);
        says.setWrapText(true);
        says.setMaxWidth(WIDTH);
        sheet.overlay().getChildren().addAll(line, says);
    }

    @Override
    public void to(Point at, boolean free) {
        line.setEndX(at.x());
        line.setEndY(at.y());
        says.relocate(Math.max(8, Math.min(at.x() + 16, sheet.getWidth() - WIDTH - 8)), at.y() + 18);
        Optional<Relationship> result = result(at);
        if (!result.equals(shown)) {
            shown = result;
            show(result);
        }
    }

    private void show(Optional<Relationship> result) {
        line.setVisible(result.isEmpty());
        says.setText(result.map(r ->
                        Readings.text(Readings.whole(workspace.design(), r)).split("\\. ")[0] + ".")
                .orElse("Let go on a further subject of " + relationship.from()));
        result.ifPresentOrElse(
                r -> sheet.preview(RelationshipEdits.replace(relationship, r).on(workspace.design()), r),
                sheet::endPreview);
    }

    private Optional<Relationship> result(Point at) {
        Hit hit = Hit.at(
                sheet.scene(),
                sheet.viewport().toSheet(at.x(), at.y()),
                4 / sheet.viewport().zoom());
        Optional<String> subject = hit instanceof Hit.OnCard card
                ? Optional.of(card.card().entity())
                : hit instanceof Hit.OnEdge edge ? Optional.of(edge.card().entity()) : Optional.empty();
        return subject.flatMap(s -> RelationshipEdits.withSubject(relationship, s));
    }

    @Override
    public void end(Point at, boolean free) {
        cancel();
        result(at).ifPresent(r -> {
            workspace.edit(RelationshipEdits.replace(relationship, r), Selection.of(r));
            drawn.run();
        });
    }

    @Override
    public void cancel() {
        sheet.overlay().getChildren().removeAll(line, says);
        sheet.endPreview();
    }
}

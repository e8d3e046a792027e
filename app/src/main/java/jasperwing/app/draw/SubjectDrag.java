package jasperwing.app.draw;

import jasperwing.app.shell.Selection;
import jasperwing.app.shell.Workspace;
import jasperwing.diagram.Hit;
import jasperwing.diagram.Point;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.shape.Line;

/** Drags a fan, or a line to one thing, to a further subject: the relationship becomes a one-of. */
final class SubjectDrag implements Drag {
    private final Workspace workspace;
    private final SheetView sheet;
    private final Relationship relationship;
    private final Line line;
    private final Label says = new Label();

    SubjectDrag(Workspace workspace, SheetView sheet, Relationship relationship, Point start) {
        this.workspace = workspace;
        this.sheet = sheet;
        this.relationship = relationship;
        line = new Line(start.x(), start.y(), start.x(), start.y());
        line.getStyleClass().addAll("rubber", "dashed");
        line.setMouseTransparent(true);
        says.getStyleClass().add("drag-says");
        says.setMouseTransparent(true);
        sheet.overlay().getChildren().addAll(line, says);
    }

    @Override
    public void to(Point at) {
        line.setEndX(at.x());
        line.setEndY(at.y());
        says.relocate(at.x() + 16, at.y() + 18);
        says.setText(result(at)
                .map(r -> "Each " + r.from() + " " + (r.forward().must() ? "must " : "may ")
                        + r.forward().verb() + " one of " + String.join(", ", r.targets()))
                .orElse("Let go on a further subject of " + relationship.from()));
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
    public void end(Point at) {
        cancel();
        result(at).ifPresent(r -> workspace.edit(RelationshipEdits.replace(relationship, r), Selection.of(r)));
    }

    @Override
    public void cancel() {
        sheet.overlay().getChildren().removeAll(line, says);
    }
}

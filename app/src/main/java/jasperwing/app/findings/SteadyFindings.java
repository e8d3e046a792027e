package jasperwing.app.findings;

import jasperwing.findings.Finding;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;

/** Findings as a list shows them: what is mended leaves its place empty while the mouse is there, so that nothing moves under it. */
public final class SteadyFindings {
    private List<Row> rows = List.of();
    private List<Node> nodes = List.of();

    /**
     * A finding as it is shown.
     *
     * @param gone whether it is mended
     * @param height of the place it leaves
     */
    private record Row(Finding finding, boolean gone, double height) {
        boolean isOf(Finding other) {
            return finding.rule() == other.rule()
                    && finding.subject().equals(other.subject())
                    && finding.message().equals(other.message());
        }
    }

    /**
     * The nodes of some findings.
     *
     * @param steady whether those that were shown last stay where they were; new ones come behind them then
     * @param entry makes the node of one
     */
    public List<Node> show(List<Finding> found, boolean steady, Function<Finding, ? extends Node> entry) {
        rows = steady
                ? merged(found)
                : found.stream().map(f -> new Row(f, false, 0)).toList();
        nodes = new ArrayList<>();
        rows.forEach(r -> nodes.add(r.gone() ? mended(r) : entry.apply(r.finding())));
        return List.copyOf(nodes);
    }

    /** Whether one of those shown last is mended. */
    public boolean hasGaps() {
        return rows.stream().anyMatch(Row::gone);
    }

    private List<Row> merged(List<Finding> found) {
        List<Row> merged = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            double height =
                    row.gone() ? row.height() : nodes.get(i).getLayoutBounds().getHeight();
            merged.add(found.stream()
                    .filter(row::isOf)
                    .findFirst()
                    .map(f -> new Row(f, false, 0))
                    .orElse(new Row(row.finding(), true, height)));
        }
        found.stream()
                .filter(f -> rows.stream().noneMatch(r -> r.isOf(f)))
                .forEach(f -> merged.add(new Row(f, false, 0)));
        return merged;
    }

    private static Label mended(Row row) {
        Label label = new Label("No longer so: " + row.finding().message());
        label.getStyleClass().add("quiet");
        label.setWrapText(true);
        label.setMinHeight(row.height());
        label.setPrefHeight(row.height());
        return label;
    }
}

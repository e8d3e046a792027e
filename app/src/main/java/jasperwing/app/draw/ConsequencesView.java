package jasperwing.app.draw;

import jasperwing.app.controls.Icons;
import jasperwing.change.Changed;
import jasperwing.change.Consequences;
import jasperwing.findings.Finding;
import jasperwing.findings.Level;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Shows what changes from one design to another: each table and class under its name, to be opened and closed. */
final class ConsequencesView {
    private ConsequencesView() {}

    static List<Node> of(Consequences consequences) {
        List<Node> nodes = new ArrayList<>();
        if (!consequences.text().lines().isEmpty()) {
            nodes.add(section("In the design"));
            nodes.add(lines(consequences.text()));
        }
        lost(nodes, consequences.lost());
        changes(nodes, "Tables", consequences.tables(), true);
        changes(nodes, "Classes", consequences.classes(), false);
        findings(nodes, "Found then, and not now", consequences.raised());
        findings(nodes, "Settled by it", consequences.settled());
        return nodes;
    }

    private static void lost(List<Node> nodes, List<String> lost) {
        if (lost.isEmpty()) {
            return;
        }
        nodes.add(section("Lost"));
        for (String each : lost) {
            Label label = new Label(Words.capitalised(each), Icons.level(Level.WARNING));
            label.setWrapText(true);
            label.setId("lost");
            nodes.add(label);
        }
    }

    private static void changes(List<Node> nodes, String title, List<Changed> changes, boolean open) {
        if (changes.isEmpty()) {
            return;
        }
        nodes.add(section(title));
        for (Changed changed : changes) {
            Node lines = lines(changed);
            lines.managedProperty().bind(lines.visibleProperty());
            ToggleButton name =
                    new ToggleButton(changed.name().substring(changed.name().lastIndexOf('/') + 1));
            name.setMnemonicParsing(false);
            name.getStyleClass().add("change-name");
            name.setId("change-" + name.getText());
            name.setSelected(open && changed.kind() != Changed.Kind.GONE);
            name.setTooltip(new Tooltip("Show or hide its lines"));
            lines.visibleProperty().bind(name.selectedProperty());
            Label kind = new Label(word(changed));
            kind.getStyleClass().addAll("faint");
            HBox head = new HBox(8, name, kind);
            head.getStyleClass().add("change-head");
            nodes.add(new VBox(head, lines));
        }
    }

    private static String word(Changed changed) {
        long comes = count(changed, Changed.Sign.COMES);
        long goes = count(changed, Changed.Sign.GOES);
        return switch (changed.kind()) {
            case NEW -> "new, " + lines(comes);
            case GONE -> "goes, " + lines(goes);
            case CHANGED -> goes == 0
                    ? lines(comes) + (comes == 1 ? " comes" : " come")
                    : comes == 0
                            ? lines(goes) + (goes == 1 ? " goes" : " go")
                            : lines(comes)
                                    + (comes == 1 ? " comes, " : " come, ")
                                    + goes
                                    + (goes == 1 ? " goes" : " go");
        };
    }

    private static String lines(long count) {
        return count + (count == 1 ? " line" : " lines");
    }

    private static long count(Changed changed, Changed.Sign sign) {
        return changed.lines().stream().filter(l -> l.sign() == sign).count();
    }

    private static Node lines(Changed changed) {
        VBox box = new VBox();
        box.getStyleClass().add("change-lines");
        for (Changed.Line line : changed.lines()) {
            Label label = new Label(sign(line) + line.text());
            label.setWrapText(true);
            label.setMaxWidth(Double.MAX_VALUE);
            label.getStyleClass().addAll("code", "change-" + line.sign().name().toLowerCase(Locale.ROOT));
            box.getChildren().add(label);
        }
        return box;
    }

    private static String sign(Changed.Line line) {
        return switch (line.sign()) {
            case COMES -> "+ ";
            case GOES -> "\u2212 ";
            case STAYS -> "  ";
            case LEFT_OUT -> "  \u2026";
        };
    }

    private static void findings(List<Node> nodes, String title, List<Finding> findings) {
        if (findings.isEmpty()) {
            return;
        }
        nodes.add(section(title));
        for (Finding finding : findings) {
            Label message = new Label(finding.message(), Icons.level(finding.level()));
            message.setWrapText(true);
            nodes.add(message);
        }
    }

    private static Label section(String title) {
        Label label = new Label(title);
        label.getStyleClass().add("section");
        return label;
    }
}

package jasperwing.app.controls;

import jasperwing.findings.Level;
import jasperwing.weigh.Fact;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;

/** What a way gives, costs or lacks, with the sign for it. */
public final class FactLine {
    private FactLine() {}

    public static Label of(Fact fact) {
        Node icon =
                switch (fact.weight()) {
                    case GOOD -> Icons.holds();
                    case COST -> Icons.level(Level.WARNING);
                    case LACK -> Icons.level(Level.ERROR);
                };
        Label text = new Label(fact.text(), icon);
        text.setWrapText(true);
        text.getStyleClass().add("weigh-fact");
        text.setMaxWidth(Double.MAX_VALUE);
        text.setAccessibleText(fact.weight().name().toLowerCase(Locale.ROOT) + ": " + fact.text());
        return text;
    }
}

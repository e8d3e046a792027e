package jasperwing.app.draw;

import jasperwing.notation.TextMap;
import java.util.List;
import java.util.Optional;
import org.fxmisc.richtext.CodeArea;
import org.fxmisc.richtext.model.PlainTextChange;
import org.fxmisc.richtext.model.TwoDimensional.Bias;

/** The text of an area and the map of it, carried over from change to change, since both take long to gather from a large text. */
final class EditedText {
    private final CodeArea area;
    private String text = "";

    /** Made when it is first needed. */
    private Optional<TextMap> map = Optional.empty();

    EditedText(CodeArea area) {
        this.area = area;
    }

    String text() {
        return text;
    }

    TextMap map() {
        map = map.or(() -> Optional.of(TextMap.of(text)));
        return map.get();
    }

    /** Follows changes that were made to the area. */
    void change(List<PlainTextChange> changes) {
        boolean single = changes.size() == 1;
        text = single ? replaced(changes.get(0)) : area.getText();
        map = map.filter(m -> single).flatMap(m -> mapped(m, changes.get(0)));
    }

    private String replaced(PlainTextChange change) {
        return text.substring(0, change.getPosition())
                + change.getInserted()
                + text.substring(change.getPosition() + change.getRemoved().length());
    }

    /** Empty where more than one line has changed. */
    private Optional<TextMap> mapped(TextMap former, PlainTextChange change) {
        if (change.getInserted().indexOf('\n') >= 0 || change.getRemoved().indexOf('\n') >= 0) {
            return Optional.empty();
        }
        int line = area.offsetToPosition(change.getPosition(), Bias.Backward).getMajor();
        return Optional.of(former.withLine(line, area.getText(line)));
    }
}

package jasperwing.app.controls;

import javafx.event.EventTarget;
import javafx.scene.control.TextInputControl;
import org.fxmisc.richtext.GenericStyledArea;

/** Tells where keys are text. */
public final class TextInput {
    private TextInput() {}

    /** Whether keys pressed there are typed into it. */
    public static boolean isText(EventTarget target) {
        return target instanceof TextInputControl || target instanceof GenericStyledArea<?, ?, ?>;
    }
}

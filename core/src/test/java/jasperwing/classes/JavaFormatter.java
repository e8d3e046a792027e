package jasperwing.classes;

import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.Map;
import java.util.Properties;
import org.eclipse.jdt.core.ToolFactory;
import org.eclipse.jdt.core.formatter.CodeFormatter;
import org.eclipse.jdt.core.formatter.DefaultCodeFormatterConstants;
import org.eclipse.jface.text.BadLocationException;
import org.eclipse.jface.text.Document;
import org.eclipse.text.edits.TextEdit;

/** Formats Java as {@code formatter.properties} says. */
final class JavaFormatter {
    private static final CodeFormatter FORMATTER = formatter();

    private JavaFormatter() {}

    private static CodeFormatter formatter() {
        Properties options = new Properties();
        Map<?, ?> usual = DefaultCodeFormatterConstants.getEclipseDefaultSettings();
        usual.forEach(options::put);
        try (InputStream in = JavaFormatter.class.getResourceAsStream("/jasperwing/classes/formatter.properties")) {
            options.load(in);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
        return ToolFactory.createCodeFormatter(new HashMap<>(options));
    }

    /** @throws IllegalArgumentException when the text is not Java */
    static String formatted(String java) {
        TextEdit edit = FORMATTER.format(
                CodeFormatter.K_COMPILATION_UNIT | CodeFormatter.F_INCLUDE_COMMENTS, java, 0, java.length(), 0, "\n");
        if (edit == null) {
            throw new IllegalArgumentException("this is no Java:\n" + java);
        }
        Document document = new Document(java);
        try {
            edit.apply(document);
        } catch (BadLocationException e) {
            throw new IllegalStateException(e);
        }
        return document.get();
    }
}

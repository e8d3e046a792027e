package jasperwing.notation;

import jasperwing.model.CodeTarget;
import jasperwing.model.Comments;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Reads what is said of a target: {@code classes TARGET [into "folder"]}, and below it an option a line. */
final class CodeTargetParser {
    private final List<Problem> problems;
    private final Map<String, String> options = new LinkedHashMap<>();

    CodeTargetParser(List<Problem> problems) {
        this.problems = problems;
    }

    CodeTarget read(Outline.Statement statement) throws SyntaxException {
        Cursor cursor = statement.head().cursor();
        cursor.words("classes");
        String target = cursor.name("the target, such as java-jakarta");
        String folder = cursor.takeWord("into") ? cursor.string("the folder in double quotes") : "";
        cursor.end();
        Comments comments = statement.eachLineGathered(problems, i -> option(i.cursor()));
        return new CodeTarget(target, folder, options, comments);
    }

    /** Which options a target has, and what they can be, is told by findings. */
    private void option(Cursor cursor) throws SyntaxException {
        Token at = cursor.peek();
        String word = cursor.name("an option, such as setters");
        String value = cursor.peek().kind() == Token.Kind.STRING
                ? cursor.next().text()
                : cursor.name("its value, as a word or in double quotes");
        cursor.end();
        if (options.putIfAbsent(word, value) != null) {
            throw cursor.wrong(at, "'" + word + "' is said twice", "");
        }
    }
}

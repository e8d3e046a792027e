package jasperwing.classes.targets;

import jasperwing.classes.language.Language;
import jasperwing.classes.template.StandardAdapter;
import java.util.List;

/**
 * What the file {@code target} beside the templates of a folder says of them:
 *
 * <pre>
 * title     Java, Jakarta Persistence
 * about     Persistence 3.1, Validation 3.0
 * language  java
 * uses      jakarta
 * needs     jakarta.persistence:jakarta.persistence-api:3.1.0
 *
 * option setters: plain, fluent, none
 *   whether setters give back the object
 * option header
 *   a line at the head of every file
 * </pre>
 *
 * <p>Of what is chosen from several the usual comes first. Lines that begin with {@code #} are remarks.
 *
 * @param title as people call it
 * @param about what is made, in a few words, or empty
 * @param language that it is made in
 * @param standard that its classes keep to besides
 * @param needs what the code needs to be compiled, in order, as its build tool names it
 * @param options what can be chosen, in order
 */
record TargetFile(
        String title,
        String about,
        Language language,
        StandardAdapter.Factory standard,
        List<String> needs,
        List<TargetOption> options) {
    /** Its name in a folder of templates. */
    static final String NAME = "target";

    TargetFile {
        needs = List.copyOf(needs);
        options = List.copyOf(options);
    }
}

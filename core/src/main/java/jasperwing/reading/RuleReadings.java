package jasperwing.reading;

import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.RowRule;
import jasperwing.model.Type;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** The rules over the rows of an entity as sentences, such as {@code Every Hire must end after it starts.} */
public final class RuleReadings {
    private static final Pattern VERB =
            Pattern.compile("(?:must|may|can|cannot|shall|should|has|have|is|are|needs?|ends?|starts?)\\b");

    private RuleReadings() {}

    /** Its own, those of its traits, and then those of the values its attributes are; none for an entity that is not there. */
    public static List<String> of(Design design, String entity) {
        Optional<Entity> whole = design.whole().entity(entity);
        List<String> sentences = new ArrayList<>();
        whole.ifPresent(e -> e.rules().forEach(r -> sentences.add(sentence("Every " + e.name(), r))));
        for (Attribute attribute : whole.map(Entity::attributes).orElse(List.of())) {
            String its = (attribute.list() ? "Each of its " : "Its ") + Words.spoken(attribute.name());
            Optional<AttributeGroup> value =
                    attribute.type() instanceof Type.Named named ? design.value(named.name()) : Optional.empty();
            value.ifPresent(v -> v.rules().forEach(r -> sentences.add(sentence(its, r))));
        }
        return sentences;
    }

    /** The message goes on after who it is about when it begins with a verb, as most do. */
    private static String sentence(String who, RowRule rule) {
        String message = rule.message().strip();
        String end = message.endsWith(".") ? "" : ".";
        return who + (VERB.matcher(message).lookingAt() ? " " : ": ") + message + end;
    }
}

package jasperwing.moves;

import jasperwing.model.Attribute;
import jasperwing.model.Entity;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Attributes that repeat under numbers, such as {@code phone1}, {@code phone2}.
 *
 * @param stem what they share of their names
 * @param numbered the attributes by their numbers, of one type each
 */
public record NumberedAttributes(String stem, SortedMap<Integer, Attribute> numbered) {
    private static final Pattern NUMBERED = Pattern.compile("(.*?\\D)_?(\\d{1,4})");

    /** The repeats of an entity, in the order of their first attributes; of two numbers at least and of one type. */
    public static List<NumberedAttributes> of(Entity entity) {
        Map<String, SortedMap<Integer, Attribute>> byStem = new LinkedHashMap<>();
        for (Attribute attribute : entity.attributes()) {
            Matcher matcher = NUMBERED.matcher(attribute.name());
            if (matcher.matches() && !attribute.list() && !entity.isKey(attribute)) {
                byStem.computeIfAbsent(matcher.group(1), s -> new TreeMap<>())
                        .putIfAbsent(Integer.parseInt(matcher.group(2)), attribute);
            }
        }
        List<NumberedAttributes> repeats = new ArrayList<>();
        byStem.forEach((stem, numbered) -> {
            boolean alike =
                    numbered.values().stream().map(Attribute::type).distinct().count() == 1;
            if (numbered.size() > 1 && alike) {
                repeats.add(new NumberedAttributes(stem, numbered));
            }
        });
        return repeats;
    }

    List<String> names() {
        return numbered.values().stream().map(Attribute::name).toList();
    }
}

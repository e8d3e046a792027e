package jasperwing.app.draw;

import jasperwing.formula.Renaming;
import jasperwing.model.AreaEdits;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.EntityEdits;
import jasperwing.model.GroupEdits;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import jasperwing.notation.Problem;
import jasperwing.notation.TextMap;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The text that declares what has no card: an enum, a value, a trait or an area. */
final class DeclarationText {
    private static final Pattern HEAD =
            Pattern.compile("(?<word>enum|value|trait|area)\\s+(?<name>`(?:[^`\\\\]|\\\\.)*`|[^\\s:`]+)");

    private DeclarationText() {}

    /** Its lines; empty where nothing of that name is declared. */
    static Optional<String> of(Design design, String name) {
        String text = Notation.print(design);
        return TextMap.of(text)
                .named(name)
                .map(s -> String.join("\n", lines(text).subList(s.first(), s.last() + 1)));
    }

    /** The design with other lines in their place. What uses the old name follows to a new one. */
    static Parsed<Design> with(Design design, String name, String typed) {
        String head = typed.strip().lines().findFirst().orElse("");
        Matcher matcher = HEAD.matcher(head);
        if (!matcher.lookingAt()) {
            return new Parsed<>(
                    design, List.of(new Problem(1, 1, 0, "the first line says no enum, value, trait or area", "")));
        }
        String now = matcher.group("name").replace("`", "");
        Design renamed = now.equals(name)
                ? design
                : rename(matcher.group("word"), name, now).on(design);
        String text = Notation.print(renamed);
        List<String> lines = new ArrayList<>(lines(text));
        Optional<TextMap.Span> span = TextMap.of(text).named(now);
        if (span.isEmpty()) {
            return new Parsed<>(design, List.of(new Problem(1, 1, 0, "the name " + now + " is taken", "another name")));
        }
        List<String> place = lines.subList(span.get().first(), span.get().last() + 1);
        place.clear();
        place.addAll(typed.stripTrailing().lines().toList());
        Parsed<Design> parsed = Notation.parse(String.join("\n", lines) + "\n");
        return new Parsed<>(
                Renaming.retypedGroup(renamed, parsed.value(), now),
                local(parsed.problems(), span.get().first()));
    }

    /** Problems with lines counted from the beginning of the declaration. */
    private static List<Problem> local(List<Problem> problems, int first) {
        return problems.stream()
                .map(p -> new Problem(p.line() - first, p.column(), p.length(), p.message(), p.expected()))
                .toList();
    }

    private static Edit rename(String word, String old, String now) {
        return switch (word) {
            case "enum" -> EntityEdits.renameEnum(old, now);
            case "area" -> AreaEdits.rename(old, now);
            case "value" -> GroupEdits.rename(AttributeGroup.Kind.VALUE, old, now);
            default -> GroupEdits.rename(AttributeGroup.Kind.TRAIT, old, now);
        };
    }

    private static List<String> lines(String text) {
        return List.of(text.split("\n", -1));
    }
}

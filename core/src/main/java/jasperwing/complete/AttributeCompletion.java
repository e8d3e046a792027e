package jasperwing.complete;

import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.TypeGuess;
import jasperwing.notation.EntityDetails;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Completes the lines of an entity: an attribute's name that is used elsewhere or often, its type, rules, the values of an enum, a formula; and the
 * members, areas and traits that other lines name.
 */
public final class AttributeCompletion {
    private static final int MOST = 9;

    /** How many attributes that are often used are proposed. */
    private static final int COMMON = 5;

    private static final Pattern NAME = Pattern.compile("\\s*(`[^`]*`|[\\p{L}\\p{N}_]+)");
    private static final Pattern TYPE = Pattern.compile(
            "(long text|(?:small|big) int|local timestamp|(?:text|decimal)\\([\\d, ]*\\)|`[^`]*`|[\\p{L}\\p{N}_]+)\\??(?: list)?\\??");

    private final Design design;
    private final Entity entity;

    private AttributeCompletion(Design design, Entity entity) {
        this.design = design;
        this.entity = entity;
    }

    /**
     * How a line could go on.
     *
     * @param entity the one whose line it is
     * @param before the line up to the caret
     */
    public static Proposals of(Design design, Entity entity, String before) {
        return new AttributeCompletion(design, entity).complete(before);
    }

    private Proposals complete(String before) {
        Optional<Proposals> detail = DetailCompletion.of(design, entity, before);
        if (detail.isPresent()) {
            return detail.get();
        }
        Matcher name = NAME.matcher(before);
        if (!name.lookingAt() || name.end() == before.length()) {
            return names(
                    before.substring(before.length() - before.stripLeading().length()), before);
        }
        int typeAt = name.end() + spaces(before, name.end());
        String rest = before.substring(typeAt);
        Matcher type = TYPE.matcher(rest);
        if (!type.lookingAt() || type.end() == rest.length() && !rest.endsWith(" ")) {
            return types(name.group(1), rest, typeAt);
        }
        return rules(type.group(1), rest.substring(type.end()), before);
    }

    private static int spaces(String text, int from) {
        int at = from;
        while (at < text.length() && text.charAt(at) == ' ') {
            at++;
        }
        return at - from;
    }

    /** Attributes of other entities that begin so, as whole lines; those used most first. */
    private Proposals names(String typed, String before) {
        if (typed.isBlank()) {
            return new Proposals(before.length(), List.of());
        }
        Map<String, Integer> uses = new LinkedHashMap<>();
        Map<String, String> where = new LinkedHashMap<>();
        for (Entity other : design.entities()) {
            for (Attribute attribute : other.attributes()) {
                boolean wanted = starts(attribute.name(), typed)
                        && entity.attribute(attribute.name()).isEmpty()
                        && !attribute.name().equals(typed);
                if (wanted && !other.name().equals(entity.name())) {
                    String line = Notation.name(attribute.name()) + " " + Notation.type(attribute);
                    uses.merge(line, 1, Integer::sum);
                    where.merge(line, other.name(), (a, b) -> a.length() > 30 ? a : a + ", " + b);
                }
            }
        }
        Stream<Proposal> names = uses.entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue(Comparator.reverseOrder()))
                .map(e -> new Proposal(e.getKey(), "as in " + where.get(e.getKey())));
        Stream<Proposal> common = CommonAttributes.beginning(design, typed)
                .filter(p -> Stream.concat(
                                uses.keySet().stream(),
                                entity.attributes().stream().map(Attribute::name))
                        .noneMatch(known -> first(known).equals(first(p.insert()))))
                .limit(COMMON);
        List<Proposal> list = Stream.of(names, common, DetailCompletion.beginnings(typed).stream())
                .flatMap(s -> s)
                .limit(MOST)
                .toList();
        return new Proposals(before.length() - typed.length(), list);
    }

    private static String first(String line) {
        return line.contains(" ") ? line.substring(0, line.indexOf(' ')) : line;
    }

    /**
     * What is missing at the end of a line that is a name and nothing more: a blank and the type the name suggests, a text where it suggests
     * none. Empty for any other line.
     */
    public static String missingType(String line) {
        String name = line.strip();
        boolean bare = name.matches("[\\p{L}][\\p{L}\\p{N}_]*") && !EntityDetails.isDetail(name);
        return bare ? (line.endsWith(" ") ? "" : " ") + CommonAttributes.type(name) : "";
    }

    private Proposals types(String name, String typed, int at) {
        List<Proposal> list = new ArrayList<>();
        Optional<Type> guess = TypeGuess.of(name);
        guess.map(AttributeCompletion::words)
                .filter(w -> starts(w, typed))
                .ifPresent(w -> list.add(new Proposal(w, "likely, by the name")));
        design.enums().stream()
                .filter(e -> starts(e.name(), typed))
                .forEach(e -> add(list, Notation.name(e.name()), values(e)));
        design.groups().stream()
                .filter(g -> g.is(AttributeGroup.Kind.VALUE) && starts(g.name(), typed))
                .forEach(g -> add(list, Notation.name(g.name()), parts(g)));
        if (starts("text(", typed)) {
            add(list, "text(80)", "text of at most 80 characters");
        }
        if (starts("decimal(", typed)) {
            add(list, "decimal(10,2)", "exact number, 2 of 10 digits after the point");
        }
        for (Scalar scalar : Scalar.values()) {
            if (starts(scalar.words(), typed) || scalar.words().contains(" " + typed) && !typed.isEmpty()) {
                add(list, scalar.words(), scalar.meaning());
            }
        }
        if (!list.isEmpty() && !typed.isEmpty()) {
            add(list, list.get(0).insert() + "?", "the same, may be empty");
        }
        boolean longer = list.stream()
                .anyMatch(p -> starts(p.insert(), typed)
                        && !p.insert().replace("?", "").equals(typed));
        boolean done = !longer && list.stream().anyMatch(p -> p.insert().equals(typed));
        return new Proposals(at, done ? List.of() : list.stream().limit(MOST).toList());
    }

    private static void add(List<Proposal> list, String insert, String hint) {
        if (list.stream().noneMatch(p -> p.insert().equals(insert))) {
            list.add(new Proposal(insert, hint));
        }
    }

    private static String values(EnumType type) {
        return shortened(type.values().stream().map(v -> v.name()));
    }

    private static String parts(AttributeGroup value) {
        return shortened(value.attributes().stream().map(Attribute::name));
    }

    private static String shortened(Stream<String> names) {
        String all = names.collect(Collectors.joining(", "));
        return all.length() > 44 ? all.substring(0, 42) + "\u2026" : all;
    }

    private static String words(Type type) {
        return Notation.type(Attribute.of("x", type));
    }

    private Proposals rules(String type, String after, String before) {
        if (after.contains("=")) {
            return FormulaCompletion.of(design, entity, before);
        }
        int word = after.lastIndexOf(' ') + 1;
        String typed = after.substring(word);
        String[] words = after.strip().split("\\s+");
        String last = after.endsWith(" ") || words.length < 2 ? words[words.length - 1] : words[words.length - 2];
        List<Proposal> list = last.equals("default") ? defaults(type) : rules(after);
        List<Proposal> fitting = list.stream()
                .filter(p -> starts(p.insert(), typed) && !p.insert().equals(typed))
                .toList();
        boolean shown = !typed.isEmpty() || last.equals("default");
        return new Proposals(before.length() - typed.length(), shown ? fitting : List.of());
    }

    private List<Proposal> defaults(String type) {
        List<Proposal> list = new ArrayList<>();
        design.enumType(type.replace("`", "")).ifPresent(e -> e.values().stream()
                .filter(v -> !v.retired())
                .forEach(v -> list.add(new Proposal(Notation.name(v.name()), v.label()))));
        if (type.endsWith("timestamp")) {
            list.add(new Proposal("now", "when the row is written"));
            list.add(new Proposal("now + 2 hours", "so long after it is written"));
        } else if (type.equals("uuid")) {
            list.add(new Proposal("uuid", "a new one"));
            list.add(new Proposal("uuid version 7", "a new one, in order of time"));
        } else if (type.equals("date")) {
            list.add(new Proposal("today", "when the row is written"));
            list.add(new Proposal("today + 14 days", "so long after it is written"));
        } else if (type.equals("boolean")) {
            list.add(new Proposal("true", ""));
            list.add(new Proposal("false", ""));
        } else if (list.isEmpty()) {
            list.add(new Proposal("0", ""));
        }
        return list;
    }

    private static List<Proposal> rules(String after) {
        List<Proposal> list = new ArrayList<>();
        String said = " " + after + " ";
        String[][] rules = {
            {"key", "identifies a row"},
            {"unique", "no two rows share it"},
            {"default ", "what a row gets when nothing is said"},
            {"from 0", "at least 0; go on with to"},
            {"up to 100", "at most 100"},
            {"set on insert", "set by itself when a row is first kept"},
            {"set on update", "set by itself whenever a row changes"},
            {"counted from 1000", "of a serial: the first number"},
            {"counted by 10", "of a serial: how far apart its numbers are"},
            {"longer than 0", "of more characters than this"},
            {"matching //", "of the form of a regular expression"},
            {"ignoring case", "capitals make no difference where it is unique"},
            {"sorted as ", "in the order of a language, such as sv, de or pl"},
            {"= ", "computed by a formula"},
            {"kept as an array", "of a list: in the row, not in a table of its own"},
            {"label \"\"", "how people see it"},
            {"column \"\"", "the column's name, to the letter"},
            {"as \"\" in ", "the column's own type in one database"}
        };
        for (String[] rule : rules) {
            if (!said.contains(" " + rule[0].split(" ")[0] + " ")) {
                list.add(new Proposal(rule[0], rule[1]));
            }
        }
        if (said.contains(" from ")) {
            list.add(new Proposal("to ", "at most"));
        }
        return list;
    }

    private static boolean starts(String text, String typed) {
        return text.toLowerCase(Locale.ROOT).startsWith(typed.toLowerCase(Locale.ROOT));
    }
}

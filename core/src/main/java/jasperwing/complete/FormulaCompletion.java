package jasperwing.complete;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.InheritanceTree;
import jasperwing.model.Type;
import jasperwing.naming.Step;
import jasperwing.naming.Steps;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Completes a formula: attributes, what roles lead to, parts of values, functions, values of an enum that is compared. */
final class FormulaCompletion {
    private static final int MOST = 9;
    private static final Pattern PATH =
            Pattern.compile("(?<path>(?:[\\p{L}_][\\p{L}\\p{N}_]*\\.)*)(?<typed>[\\p{L}\\p{N}_]*)$");
    private static final Pattern COMPARED = Pattern.compile(
            "(?<path>[\\p{L}_][\\p{L}\\p{N}_.]*)\\s*(?:=|<>|in\\s*\\((?:[^)]*,)?)\\s*(?<typed>[\"']?[\\p{L}\\p{N}_]*)$");

    private static final Pattern CONDITION =
            Pattern.compile("\\(\\s*(?<path>[\\p{L}_][\\p{L}\\p{N}_.]*)\\s+where\\s(?<rest>.*)$");

    private static final String[][] FUNCTIONS = {
        {"count(", "how many of a role to many: count(dives where depth > 10)"},
        {"sum(", "the sum over many"},
        {"avg(", "the average over many"},
        {"min(", "the least of many"},
        {"max(", "the greatest of many"},
        {"coalesce(", "the first that is not null"},
        {"case when ", "one or another value"},
        {"upper(", "in capitals"},
        {"lower(", "in small letters"},
        {"trim(", "without spaces at its ends"},
        {"char_length(", "the number of characters"},
        {"left(", "the first characters"},
        {"right(", "the last characters"},
        {"replace(", "a text with another in its place"},
        {"concat(", "texts one after the other; null counts as none"},
        {"to_text(", "a whole number as a text"},
        {"exists(", "whether there is any of a role to many, or any where something holds"},
        {"substring(", "a part: substring(a from 2 for 3)"},
        {"round(", "rounded to so many decimals"},
        {"abs(", "without its sign"},
        {"floor(", "the next whole number below"},
        {"ceiling(", "the next whole number above"},
        {"mod(", "the remainder of a division"},
        {"extract(", "a field of a time: extract(year from a)"},
        {"minutes_between(", "whole minutes from one time to another"},
        {"hours_between(", "whole hours from one time to another"},
        {"days_between(", "whole days from one time to another"},
        {"seconds_between(", "whole seconds from one time to another"},
        {"apart(", "of a rule: no two of the same overlap: apart(startsAt, endsAt, room)"},
        {"today", "the day on which it is computed"},
        {"now", "the moment at which it is computed"},
        {"nullif(", "null where two are equal"}
    };

    private FormulaCompletion() {}

    /** @param before the line up to the caret, which stands in a formula over rows of the entity */
    static Proposals of(Design design, Entity holder, String before) {
        Design whole = design.whole();
        Entity entity = about(whole, holder, before);
        Matcher compared = COMPARED.matcher(before);
        if (compared.find()) {
            List<Proposal> values = values(whole, entity, compared.group("path"), compared.group("typed"));
            if (!values.isEmpty()) {
                return new Proposals(before.length() - compared.group("typed").length(), values);
            }
        }
        Matcher matcher = PATH.matcher(before);
        matcher.find();
        String typed = matcher.group("typed");
        List<Proposal> list = new ArrayList<>();
        if (matcher.group("path").isEmpty()) {
            reached(whole, entity, typed, list);
            for (String[] function : FUNCTIONS) {
                if (!typed.isEmpty() && MemberNames.starts(function[0], typed)) {
                    list.add(new Proposal(function[0], function[1]));
                }
            }
        } else {
            along(whole, entity, matcher.group("path").split("\\."), typed, list);
        }
        return new Proposals(
                before.length() - typed.length(), list.stream().limit(MOST).toList());
    }

    /** The entity whose members can follow: of a condition on some of many, what there are many of. */
    private static Entity about(Design design, Entity entity, String before) {
        Matcher condition = CONDITION.matcher(before);
        if (!condition.find() || isClosed(condition.group("rest"))) {
            return entity;
        }
        Entity at = design.entity(entity.name()).orElse(entity);
        for (String name : condition.group("path").split("\\.")) {
            Optional<Entity> next = step(design, at, name);
            if (next.isEmpty()) {
                break;
            }
            at = next.get();
        }
        return at;
    }

    private static boolean isClosed(String text) {
        int open = 0;
        for (int i = 0; i < text.length() && open >= 0; i++) {
            open += text.charAt(i) == '(' ? 1 : text.charAt(i) == ')' ? -1 : 0;
        }
        return open < 0;
    }

    private static void reached(Design design, Entity entity, String typed, List<Proposal> list) {
        Entity known = design.entity(entity.name()).orElse(entity);
        for (Entity each : InheritanceTree.line(design, known)) {
            each.attributes().forEach(a -> add(list, a.name(), Notation.type(a), typed));
        }
        for (Step step : Steps.from(design, known.name())) {
            add(list, step.name(), (step.many() ? "many " : "") + step.to(), typed);
        }
    }

    private static void add(List<Proposal> list, String name, String hint, String typed) {
        if (MemberNames.starts(name, typed)
                && list.stream().noneMatch(p -> p.insert().equals(name))) {
            list.add(new Proposal(Notation.name(name), hint));
        }
    }

    /** What can stand behind a path: members of the entity it leads to, or parts of the value it ends in. */
    private static void along(Design design, Entity entity, String[] path, String typed, List<Proposal> list) {
        Entity at = design.entity(entity.name()).orElse(entity);
        for (int i = 0; i < path.length; i++) {
            Optional<Entity> next = step(design, at, path[i]);
            if (next.isEmpty()) {
                parts(design, at, path[i], typed, list);
                return;
            }
            at = next.get();
        }
        reached(design, at, typed, list);
    }

    private static Optional<Entity> step(Design design, Entity at, String name) {
        return Steps.from(design, at.name()).stream()
                .filter(s -> s.name().equals(name))
                .findFirst()
                .flatMap(s -> design.entity(s.to()));
    }

    private static void parts(Design design, Entity at, String name, String typed, List<Proposal> list) {
        type(design, at, name).flatMap(t -> design.value(t.name())).ifPresent(v -> v.attributes()
                .forEach(a -> add(list, a.name(), Notation.type(a), typed)));
    }

    private static Optional<Type.Named> type(Design design, Entity at, String name) {
        return InheritanceTree.attribute(design, at.name(), name)
                .or(() -> at.attribute(name))
                .map(Attribute::type)
                .filter(t -> t instanceof Type.Named)
                .map(t -> (Type.Named) t);
    }

    private static List<Proposal> values(Design design, Entity entity, String path, String typed) {
        String[] names = path.split("\\.");
        Entity at = design.entity(entity.name()).orElse(entity);
        for (int i = 0; i < names.length - 1; i++) {
            Optional<Entity> next = step(design, at, names[i]);
            if (next.isEmpty()) {
                return List.of();
            }
            at = next.get();
        }
        String begun = typed.replaceAll("^[\"']", "");
        return type(design, at, names[names.length - 1])
                .flatMap(t -> design.enumType(t.name()))
                .map(EnumType::values)
                .orElse(List.of())
                .stream()
                .filter(v -> MemberNames.starts(v.name(), begun))
                .map(v -> new Proposal("\"" + v.name() + "\"", v.label()))
                .toList();
    }
}

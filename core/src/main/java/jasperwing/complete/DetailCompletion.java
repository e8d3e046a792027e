package jasperwing.complete;

import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.KindsKept;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Completes what an entity says besides its attributes: members of keys and indexes, areas, traits, what it is a kind of. */
final class DetailCompletion {
    private static final Pattern MEMBERS =
            Pattern.compile("(?:(?:key|unique|index)\\s*\\(|.*\\bwith\\s*\\(|shown\\s+as\\s)(?<list>[^)]*)");
    private static final Pattern CLOSED = Pattern.compile("(?<word>unique|index)\\s*\\([^)]*\\)(?<rest>[^=]*)");
    private static final Pattern CONDITION = Pattern.compile(
            "(?:(?:unique|index)\\s*\\(.*\\bwhere\\s|rule\\s+\"(?:[^\"\\\\]|\\\\.)*\"\\s*:)(?<formula>.*)");
    /** Behind the condition of a rule, not within what a function takes. */
    private static final Pattern HELD = Pattern.compile(
            "rule\\s+\"(?:[^\"\\\\]|\\\\.)*\"\\s*:(?:(?:[^(),\"]|\\([^()]*\\)|\"(?:[^\"\\\\]|\\\\.)*\")*),\\s*(?<typed>.*)");

    private static final Pattern AFTER =
            Pattern.compile("(?<word>in|with|is a kind of|kinds kept in)\\s(?:.*,\\s*)?(?<typed>[^,]*)");

    private static final String[][] BEGINNINGS = {
        {"key (", "the key, of several members or of roles"},
        {"unique (", "what no two rows share together"},
        {"index (", "what rows are found by"},
        {"rule \"must ", "a condition every row fulfils"},
        {"shown as ", "what a row is shown by"},
        {"in ", "the area it is in"},
        {"with ", "the traits it has"},
        {"is a kind of ", "what it is a kind of"},
        {"kinds kept in ", "how its kinds are kept"},
        {"only its kinds", "it has no rows but those of its kinds"},
        {"outside", "others keep it: in another system, or in the table that is named"},
        {"was ", "its former name"},
        {"label \"\"", "how people see it"},
        {"table \"\"", "the table's name, to the letter"}
    };

    private DetailCompletion() {}

    /** How a line goes on that begins as a detail; empty for any other. @param before the line up to the caret */
    static Optional<Proposals> of(Design design, Entity entity, String before) {
        String line = before.stripLeading();
        Matcher condition = CONDITION.matcher(line);
        Matcher held = HELD.matcher(line);
        if (held.matches()) {
            return Optional.of(held(before, held.group("typed")));
        }
        if (condition.matches()) {
            return Optional.of(FormulaCompletion.of(design, entity, before));
        }
        Matcher members = MEMBERS.matcher(line);
        if (members.matches()) {
            return Optional.of(members(design, entity, before, members.group("list")));
        }
        Matcher closed = CLOSED.matcher(line);
        if (closed.matches()) {
            return Optional.of(afterMembers(before, closed.group("word"), closed.group("rest")));
        }
        Matcher after = AFTER.matcher(line);
        if (after.matches()) {
            return Optional.of(named(design, entity, before, after.group("word"), after.group("typed")));
        }
        return Optional.empty();
    }

    /** The words a line can begin with, for what is typed of it. */
    static List<Proposal> beginnings(String typed) {
        return Stream.of(BEGINNINGS)
                .filter(b -> MemberNames.starts(b[0], typed))
                .map(b -> new Proposal(b[0], b[1]))
                .toList();
    }

    private static Proposals members(Design design, Entity entity, String before, String list) {
        String typed = list.substring(list.lastIndexOf(',') + 1).strip();
        List<String> there = Arrays.stream(list.split(","))
                .map(String::strip)
                .filter(n -> !n.equals(typed))
                .toList();
        return new Proposals(before.length() - typed.length(), MemberNames.of(design, entity, typed, there));
    }

    private static Proposals held(String before, String typed) {
        return new Proposals(
                before.length() - typed.length(),
                Stream.of(
                                new Proposal(
                                        "held by triggers", "no constraint, but triggers refuse rows that break it"),
                                new Proposal("held by classes", "nothing in the database refuses them"))
                        .filter(p -> MemberNames.starts(p.insert(), typed))
                        .toList());
    }

    private static Proposals afterMembers(String before, String word, String rest) {
        String typed = rest.substring(rest.lastIndexOf(' ') + 1);
        List<Proposal> list = new ArrayList<>();
        if (!rest.contains("where ") && rest.startsWith(" ")) {
            if (!rest.contains("named ")) {
                list.add(new Proposal("named \"\"", "what it is called in the database"));
            }
            list.add(new Proposal("where ", "only among the rows for which a formula is true"));
            if (word.equals("index") && !rest.contains("with")) {
                list.add(new Proposal("with (", "what can be read from the index itself"));
            }
        }
        list.removeIf(p -> !MemberNames.starts(p.insert(), typed));
        return new Proposals(before.length() - typed.length(), list);
    }

    private static Proposals named(Design design, Entity entity, String before, String word, String typed) {
        Stream<Proposal> all =
                switch (word) {
                    case "in" -> design.areas().stream().map(a -> name(a.name(), "area"));
                    case "with" -> design.groups().stream()
                            .filter(g -> g.is(AttributeGroup.Kind.TRAIT))
                            .map(g -> name(g.name(), "trait"));
                    case "is a kind of" -> design.entities().stream()
                            .filter(e -> !e.name().equals(entity.name()))
                            .map(e -> name(e.name(), "entity"));
                    default -> Arrays.stream(KindsKept.values()).map(k -> new Proposal(k.words(), ""));
                };
        return new Proposals(
                before.length() - typed.length(),
                all.filter(p -> MemberNames.starts(p.insert(), typed)).toList());
    }

    private static Proposal name(String name, String hint) {
        return new Proposal(Notation.name(name), hint);
    }
}

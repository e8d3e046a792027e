package jasperwing.complete;

import jasperwing.model.Design;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.SortKey;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Completes the sentence of a relationship, word by word, and the lines below it. */
final class SentenceCompletion {
    private static final Pattern TOKEN = Pattern.compile("`[^`]*`?|[\\p{L}\\p{N}_]+|,");

    /** What the next word is. */
    private enum Expected {
        ENTITY,
        MODAL,
        VERB,
        REST_OF_VERB,
        NUMBER,
        AFTER_ENTITY,
        ROLE,
        IN,
        ORDER,
        POSITION,
        WHICH,
        NOTHING
    }

    private final Design design;
    private Expected expected = Expected.NOTHING;
    private String from = "";
    private String there = "";
    private boolean back;
    private boolean many;

    private SentenceCompletion(Design design) {
        this.design = design;
    }

    /** @param before a line that begins with {@code each}, up to the caret */
    static Proposals of(Design design, String before) {
        String typed = before.matches("(?s).*[\\p{L}\\p{N}_]$") ? lastWord(before) : "";
        SentenceCompletion sentence = new SentenceCompletion(design);
        sentence.walk(before.substring(0, before.length() - typed.length()));
        List<Proposal> list = sentence.proposals().stream()
                .filter(p -> MemberNames.starts(p.insert(), typed))
                .toList();
        return new Proposals(before.length() - typed.length(), list);
    }

    private static String lastWord(String text) {
        int start = text.length();
        while (start > 0 && (Character.isLetterOrDigit(text.charAt(start - 1)) || text.charAt(start - 1) == '_')) {
            start--;
        }
        return text.substring(start);
    }

    /** The lines below a sentence. */
    static Proposals below(Design design, String sentence, String before) {
        String typed = before.stripLeading();
        Relationship relationship = Notation.sentence(sentence).value().orElse(null);
        List<Proposal> list = new ArrayList<>();
        if (relationship != null) {
            Stream.concat(Stream.of(relationship.from()), relationship.targets().stream())
                    .distinct()
                    .map(Notation::name)
                    .forEach(e -> {
                        list.add(new Proposal("deleting " + e + " is refused", "while rows refer to it"));
                        list.add(new Proposal("deleting " + e + " empties it", "the reference is set to null"));
                        list.add(
                                new Proposal("changing the key of " + e + " is followed", "references change with it"));
                    });
        }
        list.add(new Proposal("checked at the end", "of a transaction"));
        list.add(new Proposal("kept as a column for each", "of a one-of: a foreign key per subject"));
        list.add(new Proposal("kept as a kind and an id", "of a one-of: two columns"));
        list.add(new Proposal("column \"\"", "the name of the column that holds the key"));
        list.add(new Proposal("foreign key \"\"", "what the foreign key is called"));
        list.add(new Proposal("table \"\"", "what the join table is called"));
        list.add(new Proposal("label \"\"", "how people see it"));
        list.removeIf(p -> !MemberNames.starts(p.insert(), typed));
        return new Proposals(before.length() - typed.length(), list);
    }

    private void walk(String text) {
        Matcher matcher = TOKEN.matcher(text);
        while (matcher.find()) {
            next(matcher.group());
        }
    }

    private void next(String token) {
        switch (token) {
            case "each" -> expected = Expected.ENTITY;
            case "which" -> {
                expected = Expected.MODAL;
                back = true;
            }
            case "must", "may" -> expected = Expected.VERB;
            case "one", "many" -> {
                expected = Expected.ENTITY;
                many = token.equals("many");
            }
            case "most" -> {
                expected = Expected.NUMBER;
                many = true;
            }
            case "of" -> expected =
                    expected == Expected.ENTITY || expected == Expected.ORDER ? expected : Expected.REST_OF_VERB;
            case "order" -> expected = expected == Expected.IN ? Expected.ORDER : expected;
            case "in" -> expected = expected == Expected.AFTER_ENTITY && many ? Expected.IN : expected;
            case "kept" -> expected = expected == Expected.ORDER ? Expected.POSITION : expected;
            case "as", "via" -> expected = token.equals("via") ? Expected.ENTITY : Expected.ROLE;
            case "," -> expected = Expected.WHICH;
            case "an", "falling" -> {}
            default -> word(token);
        }
    }

    private void word(String token) {
        if (expected == Expected.ENTITY && from.isEmpty()) {
            from = token;
            expected = Expected.MODAL;
        } else if (expected == Expected.ENTITY) {
            there = token;
            expected = Expected.AFTER_ENTITY;
        } else if (expected == Expected.ROLE) {
            expected = Expected.AFTER_ENTITY;
        } else if (expected == Expected.NUMBER) {
            expected = Expected.ENTITY;
        } else if (expected == Expected.VERB) {
            expected = Expected.REST_OF_VERB;
        }
    }

    private List<Proposal> proposals() {
        return switch (expected) {
            case ENTITY -> back
                    ? List.of(new Proposal(from, "the entity the sentence begins with"))
                    : Stream.concat(
                                    Stream.of(new Proposal("of ", "one of several kinds of thing"))
                                            .filter(p -> !many && !from.isEmpty()),
                                    design.entities().stream().map(e -> new Proposal(Notation.name(e.name()), "")))
                            .toList();
            case MODAL -> List.of(
                    new Proposal("must ", "there is always one"), new Proposal("may ", "there may be none"));
            case VERB -> Stream.concat(Stream.of("have", "belong to"), verbs().stream())
                    .distinct()
                    .map(v -> new Proposal(v + " ", "a verb"))
                    .toList();
            case REST_OF_VERB -> List.of(
                    new Proposal("one ", "exactly one, or none"),
                    new Proposal("many ", "any number"),
                    new Proposal("at most ", "no more than so many"));
            case AFTER_ENTITY -> afterEntity();
            case IN -> orders("");
            case ORDER -> keys(SortKey.possible(design, there));
            case POSITION -> keys(SortKey.numbers(design, there));
            case WHICH -> back ? List.of() : List.of(new Proposal("which ", "how it is read from the other side"));
            case ROLE, NUMBER, NOTHING -> List.of();
        };
    }

    private List<Proposal> afterEntity() {
        List<Proposal> list = new ArrayList<>(List.of(new Proposal("as ", "what this end is called")));
        if (many && !back) {
            list.add(new Proposal("via ", "the link entity of a many-to-many"));
        }
        if (many) {
            list.addAll(orders("in "));
        }
        return list;
    }

    private static List<Proposal> orders(String start) {
        return List.of(
                new Proposal(start + "order of ", "the least or earliest first"),
                new Proposal(start + "falling order of ", "the greatest or latest first"),
                new Proposal(start + "an order kept in ", "an order that people put them in"));
    }

    private static List<Proposal> keys(List<SortKey> keys) {
        return keys.stream()
                .map(k -> new Proposal(
                        k.path().stream().map(Notation::name).collect(Collectors.joining(".")),
                        "an attribute of theirs"))
                .toList();
    }

    private Set<String> verbs() {
        Set<String> verbs = new LinkedHashSet<>();
        design.relationships().forEach(r -> {
            verbs.add(r.forward().verb());
            r.back().map(Reading::verb).ifPresent(verbs::add);
        });
        return verbs;
    }
}

package jasperwing.notation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A grammar in EBNF, from which sentences can be made, and by which texts can be recognised. */
final class Ebnf {
    private static final Pattern TOKEN =
            Pattern.compile("\"[^\"]*\"|[A-Za-z][A-Za-z ]*[A-Za-z]|[A-Za-z]|[\\[\\](){}|,;=]");

    /** What a rule can be made of. */
    private sealed interface Part {
        record Word(String text) implements Part {}

        record Named(String name) implements Part {}

        record Row(List<Part> parts) implements Part {}

        record Choice(List<Part> parts) implements Part {}

        record Maybe(Part part) implements Part {}

        record Repeat(Part part) implements Part {}
    }

    private final Map<String, Part> rules = new LinkedHashMap<>();
    private final List<String> tokens = new ArrayList<>();
    private int at;

    Ebnf(String text) {
        Matcher matcher = TOKEN.matcher(text);
        while (matcher.find()) {
            tokens.add(matcher.group());
        }
        while (at < tokens.size()) {
            String name = tokens.get(at++);
            take("=");
            rules.put(name, choice());
            take(";");
        }
    }

    private void take(String symbol) {
        if (!tokens.get(at++).equals(symbol)) {
            throw new IllegalStateException("expected " + symbol + " before " + tokens.subList(at - 1, at + 3));
        }
    }

    private boolean takes(String symbol) {
        boolean there = tokens.get(at).equals(symbol);
        at += there ? 1 : 0;
        return there;
    }

    private Part choice() {
        List<Part> parts = new ArrayList<>(List.of(row()));
        while (takes("|")) {
            parts.add(row());
        }
        return parts.size() == 1 ? parts.get(0) : new Part.Choice(parts);
    }

    private Part row() {
        List<Part> parts = new ArrayList<>(List.of(part()));
        while (takes(",")) {
            parts.add(part());
        }
        return parts.size() == 1 ? parts.get(0) : new Part.Row(parts);
    }

    private Part part() {
        String token = tokens.get(at++);
        if (token.startsWith("\"")) {
            return new Part.Word(token.substring(1, token.length() - 1));
        }
        Map<String, String> closing = Map.of("(", ")", "[", "]", "{", "}");
        if (!closing.containsKey(token)) {
            return new Part.Named(token);
        }
        Part inner = choice();
        take(closing.get(token));
        return token.equals("(") ? inner : token.equals("[") ? new Part.Maybe(inner) : new Part.Repeat(inner);
    }

    /**
     * A sentence of the grammar.
     *
     * @param terminals what is written for a name no rule has
     * @param deepest how many rules within each other choose freely; further ones choose the first of what there is, and nothing where they may
     */
    List<String> sentence(String start, Random random, BiFunction<String, Random, String> terminals, int deepest) {
        List<String> out = new ArrayList<>();
        write(new Part.Named(start), random, terminals, deepest, out);
        return out;
    }

    private void write(
            Part part, Random random, BiFunction<String, Random, String> terminals, int depth, List<String> out) {
        if (part instanceof Part.Word word) {
            out.add(word.text());
        } else if (part instanceof Part.Named named) {
            Part rule = rules.get(named.name());
            if (rule == null) {
                out.add(terminals.apply(named.name(), random));
            } else {
                write(rule, random, terminals, depth - 1, out);
            }
        } else if (part instanceof Part.Row row) {
            row.parts().forEach(p -> write(p, random, terminals, depth, out));
        } else if (part instanceof Part.Choice choice) {
            int index = depth > 0 ? random.nextInt(choice.parts().size()) : 0;
            write(choice.parts().get(index), random, terminals, depth, out);
        } else if (part instanceof Part.Maybe maybe) {
            if (depth > 0 && random.nextBoolean()) {
                write(maybe.part(), random, terminals, depth, out);
            }
        } else if (part instanceof Part.Repeat repeat) {
            for (int i = depth > 0 ? random.nextInt(3) : 0; i > 0; i--) {
                write(repeat.part(), random, terminals, depth, out);
            }
        }
    }

    /** Whether a text can be made by a rule. @param terminal whether a token can stand for a name no rule has */
    <T> boolean recognises(String start, List<T> text, Terminal<T> terminal) {
        return new Recogniser<>(text, terminal).ends(new Part.Named(start), 0).contains(text.size());
    }

    /** Tells where tokens that stand for a word or a name no rule has can end; -1 where they do not. */
    interface Terminal<T> {
        Set<Integer> ends(String name, boolean word, List<T> text, int at);
    }

    /** Follows all ways at once, each rule once at each place. */
    private final class Recogniser<T> {
        private final List<T> text;
        private final Terminal<T> terminal;
        private final Map<String, Set<Integer>> known = new HashMap<>();

        Recogniser(List<T> text, Terminal<T> terminal) {
            this.text = text;
            this.terminal = terminal;
        }

        Set<Integer> ends(Part part, int from) {
            if (part instanceof Part.Word word) {
                return terminal.ends(word.text(), true, text, from);
            }
            if (part instanceof Part.Named named) {
                Part rule = rules.get(named.name());
                if (rule == null) {
                    return terminal.ends(named.name(), false, text, from);
                }
                String key = named.name() + "@" + from;
                Set<Integer> done = known.get(key);
                if (done == null) {
                    done = ends(rule, from);
                    known.put(key, done);
                }
                return done;
            }
            Set<Integer> ends = new TreeSet<>();
            if (part instanceof Part.Row row) {
                ends.add(from);
                for (Part each : row.parts()) {
                    Set<Integer> next = new TreeSet<>();
                    ends.forEach(e -> next.addAll(ends(each, e)));
                    ends.clear();
                    ends.addAll(next);
                }
            } else if (part instanceof Part.Choice choice) {
                choice.parts().forEach(p -> ends.addAll(ends(p, from)));
            } else if (part instanceof Part.Maybe maybe) {
                ends.add(from);
                ends.addAll(ends(maybe.part(), from));
            } else if (part instanceof Part.Repeat repeat) {
                List<Integer> open = new ArrayList<>(List.of(from));
                while (!open.isEmpty()) {
                    int end = open.remove(open.size() - 1);
                    if (ends.add(end)) {
                        open.addAll(ends(repeat.part(), end));
                    }
                }
            }
            return ends;
        }
    }
}

package jasperwing.bench;

import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.say.Say;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * Sentences as practitioners say them, each with what it means. A file has entries: {@code given} and lines of the notation for what is there
 * already, kept until the next {@code given}; {@code >} and what is said; below it, indented, the facts that come, and those that go with a
 * {@code -} before them. Nothing below it means that it should not be understood.
 */
final class SayCorpus {
    /** @param expected facts that come, or go with a {@code -} before them */
    record Entry(Design given, String said, List<String> expected) {}

    /** How an entry was understood. */
    enum Outcome {
        AS_MEANT,
        /** Otherwise than meant, with something marked as guessed. */
        MARKED,
        /** Otherwise than meant, as if understood. */
        MISREAD,
        /** Not at all, and said so. */
        REFUSED
    }

    private SayCorpus() {}

    static List<Entry> read(Path file) throws IOException {
        List<Entry> entries = new ArrayList<>();
        Design given = Design.named("Said");
        List<String> context = null;
        for (String line : Files.readAllLines(file)) {
            if (line.startsWith("given")) {
                context = new ArrayList<>();
            } else if (line.startsWith("> ")) {
                if (context != null) {
                    given = design(context);
                    context = null;
                }
                entries.add(new Entry(given, line.substring(2).strip(), new ArrayList<>()));
            } else if (context != null) {
                context.add(line);
            } else if (line.startsWith("  ") && !line.isBlank()) {
                entries.get(entries.size() - 1).expected().add(line.strip());
            }
        }
        return entries;
    }

    private static Design design(List<String> lines) {
        var parsed = Notation.parse("design \"Said\"\n" + String.join("\n", lines) + "\n");
        if (!parsed.problems().isEmpty()) {
            throw new IllegalArgumentException(lines + ": " + parsed.problems());
        }
        return parsed.value();
    }

    /** What an entry did: the facts that came, and those that went with a {@code -}. */
    static Set<String> understood(Entry entry) {
        Design then = entry.given();
        for (Say.Heard heard : Say.paragraph(then, entry.said())) {
            then = heard.understanding().edit().on(then);
        }
        Set<String> before = SayFacts.of(entry.given());
        Set<String> after = SayFacts.of(then);
        Set<String> changes = new TreeSet<>(after);
        changes.removeAll(before);
        before.removeAll(after);
        before.forEach(b -> changes.add("-" + b));
        return changes;
    }

    static Outcome outcome(Entry entry) {
        Set<String> changes = understood(entry);
        boolean guessed = Say.paragraph(entry.given(), entry.said()).stream()
                .anyMatch(h -> !h.understanding().guesses().isEmpty()
                        || !h.understanding().changes());
        if (changes.isEmpty()) {
            return entry.expected().isEmpty() ? Outcome.AS_MEANT : Outcome.REFUSED;
        }
        return same(changes, entry.expected()) ? Outcome.AS_MEANT : guessed ? Outcome.MARKED : Outcome.MISREAD;
    }

    /** New entities need not be listed where a fact names them. */
    private static boolean same(Set<String> changes, List<String> expected) {
        List<String> open = new ArrayList<>(expected);
        for (String change : changes) {
            boolean met = open.removeIf(e -> SayFacts.fits(change, e))
                    || expected.stream().anyMatch(e -> SayFacts.fits(change, e));
            boolean named =
                    change.matches("\\w+") && expected.stream().anyMatch(e -> e.matches(".*\\b" + change + "\\b.*"));
            boolean link = change.matches("\\w+")
                    && expected.stream().anyMatch(e -> e.contains("via _"))
                    && changes.stream().anyMatch(c -> c.endsWith(" via " + change));
            if (!met && !named && !link) {
                return false;
            }
        }
        return open.isEmpty();
    }

    /** Prints for each file how many entries were understood as meant; with {@code -v} also every entry that was not. */
    public static void main(String[] args) throws IOException {
        boolean all = args.length > 0 && args[0].equals("-v");
        for (String file : List.of(args).subList(all ? 1 : 0, args.length)) {
            int[] counts = new int[Outcome.values().length];
            List<Entry> entries = read(Path.of(file));
            for (Entry entry : entries) {
                Outcome outcome = outcome(entry);
                counts[outcome.ordinal()]++;
                if (all && outcome != Outcome.AS_MEANT) {
                    System.out.println(outcome + "  " + entry.said() + "\n    meant  " + entry.expected()
                            + "\n    heard  " + understood(entry));
                }
            }
            System.out.printf(
                    "%s: %d sentences, as meant %.1f %%, marked %.1f %%, misread %.1f %%, refused %.1f %%%n",
                    Path.of(file).getFileName(),
                    entries.size(),
                    100.0 * counts[0] / entries.size(),
                    100.0 * counts[1] / entries.size(),
                    100.0 * counts[2] / entries.size(),
                    100.0 * counts[3] / entries.size());
        }
    }
}

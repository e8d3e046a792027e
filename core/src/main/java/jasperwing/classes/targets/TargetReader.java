package jasperwing.classes.targets;

import jasperwing.classes.jakarta.JakartaAdapter;
import jasperwing.classes.language.Language;
import jasperwing.classes.template.StandardAdapter;
import jasperwing.classes.template.TemplateProblemException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Reads what is said of a target, line by line. */
final class TargetReader {
    static final Map<String, StandardAdapter.Factory> STANDARDS = Map.of(JakartaAdapter.WORD, JakartaAdapter.FACTORY);

    private final Map<String, List<String>> said = new LinkedHashMap<>();
    private final Map<String, TargetOption> options = new LinkedHashMap<>();
    private Optional<TargetOption> last = Optional.empty();
    private int number;

    private TargetReader() {}

    /** @throws TemplateProblemException when a line is not understood, or the title or language is missing */
    static TargetFile read(String text) throws TemplateProblemException {
        TargetReader reader = new TargetReader();
        for (String line : text.lines().toList()) {
            reader.line(line);
        }
        return reader.finished();
    }

    private void line(String line) throws TemplateProblemException {
        number++;
        String text = line.strip();
        if (text.isEmpty() || text.startsWith("#")) {
            return;
        }
        if (Character.isWhitespace(line.charAt(0))) {
            meaning(text);
            return;
        }
        String word = text.split("\\s+", 2)[0];
        String rest = text.substring(word.length()).strip();
        last = Optional.empty();
        switch (word) {
            case "title", "about", "language", "uses", "needs" -> said.computeIfAbsent(word, w -> new ArrayList<>())
                    .add(known(word, rest));
            case "option" -> option(rest);
            default -> throw wrong(
                    "'" + word + "' is not understood here; expected title, about, language, uses, needs or option");
        }
    }

    private String known(String word, String rest) throws TemplateProblemException {
        boolean fits = !word.equals("language") || Languages.find(rest).isPresent();
        fits &= !word.equals("uses") || STANDARDS.containsKey(rest);
        if (!fits) {
            String expected = word.equals("uses")
                    ? String.join(" or ", STANDARDS.keySet())
                    : Languages.all().stream().map(Language::word).collect(Collectors.joining(" or "));
            throw wrong("'" + rest + "' is not known; expected " + expected);
        }
        return rest;
    }

    private void meaning(String text) throws TemplateProblemException {
        TargetOption of =
                last.orElseThrow(() -> wrong("a line that is set in tells of an option; there is none above"));
        String all = of.meaning().isEmpty() ? text : of.meaning() + " " + text;
        keep(new TargetOption(of.word(), of.choices(), all));
    }

    private void option(String rest) throws TemplateProblemException {
        int colon = rest.indexOf(':');
        String word = colon < 0 ? rest : rest.substring(0, colon).strip();
        List<String> choices = colon < 0
                ? List.of()
                : Arrays.stream(rest.substring(colon + 1).split(","))
                        .map(String::strip)
                        .filter(c -> !c.isEmpty())
                        .toList();
        if (!word.matches("[A-Za-z][A-Za-z0-9-]*")) {
            throw wrong("an option needs a word: option setters: plain, fluent");
        }
        if (options.containsKey(word)) {
            throw wrong("'" + word + "' is said twice");
        }
        keep(new TargetOption(word, choices, ""));
    }

    private void keep(TargetOption option) {
        options.put(option.word(), option);
        last = Optional.of(option);
    }

    private TargetFile finished() throws TemplateProblemException {
        return new TargetFile(
                one("title").orElseThrow(() -> wrong("there is no title")),
                one("about").orElse(""),
                one("language").flatMap(Languages::find).orElseThrow(() -> wrong("there is no language")),
                one("uses").map(STANDARDS::get).orElse(StandardAdapter.NONE),
                said.getOrDefault("needs", List.of()),
                new ArrayList<>(options.values()));
    }

    private Optional<String> one(String word) {
        return said.getOrDefault(word, List.of()).stream()
                .filter(v -> !v.isEmpty())
                .findFirst();
    }

    private TemplateProblemException wrong(String message) {
        return new TemplateProblemException(TargetFile.NAME, number, "", message);
    }
}

package jasperwing.classes.template;

import freemarker.cache.TemplateLoader;
import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The texts of the templates of a folder: those that are run, and those that they include or import. */
final class TemplateTexts {
    /** The templates that are run, as far as a folder has them. */
    private static final List<String> RUN = List.of("design.ftl", "entity.ftl", "enum.ftl", "trait.ftl", "value.ftl");

    private static final Pattern OTHERS = Pattern.compile("<#(?:include|import)\\s+\"([^\"]+)\"");

    private TemplateTexts() {}

    /** By their names, sorted. */
    static Map<String, String> of(TemplateLoader loader) throws IOException {
        Map<String, String> texts = new TreeMap<>();
        Deque<String> names = new ArrayDeque<>(RUN);
        while (!names.isEmpty()) {
            String name = names.poll();
            Optional<String> text = texts.containsKey(name) ? Optional.empty() : read(loader, name);
            text.ifPresent(t -> {
                texts.put(name, t);
                Matcher others = OTHERS.matcher(t);
                while (others.find()) {
                    within(name, others.group(1)).ifPresent(names::add);
                }
            });
        }
        return texts;
    }

    /** The name of another template as one of the folder has it; none for what leads out of it. */
    private static Optional<String> within(String from, String other) {
        String folder = from.substring(0, from.lastIndexOf('/') + 1);
        String name = other.startsWith("/") ? other.substring(1) : folder + other;
        return name.contains("..") || name.contains(":") || name.contains("\\") ? Optional.empty() : Optional.of(name);
    }

    /** A text of that name, if there is one. */
    static Optional<String> read(TemplateLoader loader, String name) throws IOException {
        Object source = loader.findTemplateSource(name);
        if (source == null) {
            return Optional.empty();
        }
        try (Reader reader = loader.getReader(source, StandardCharsets.UTF_8.name())) {
            StringWriter text = new StringWriter();
            reader.transferTo(text);
            return Optional.of(text.toString());
        } finally {
            loader.closeTemplateSource(source);
        }
    }
}

package jasperwing.classes.java;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * The mappings of classes as {@code orm.xml} of Jakarta Persistence 3.1: each annotation is the element, or the attribute of one, that the
 * standard has for it, in the order its schema asks for.
 */
final class OrmXml {
    static final String PATH = "META-INF/orm.xml";

    private static final String HEAD =
            """
            <?xml version="1.0" encoding="UTF-8"?>
            <!-- Written by Jasperwing; what is changed by hand is kept when it writes again. -->
            <entity-mappings xmlns="https://jakarta.ee/xml/ns/persistence/orm" version="3.1">
                <access>FIELD</access>
            """;

    private static final List<String> OF_CLASS =
            List.of("Table", "IdClass", "Inheritance", "DiscriminatorValue", "DiscriminatorColumn");

    private static final List<String> KINDS = List.of(
            "id",
            "basic",
            "version",
            "many-to-one",
            "one-to-many",
            "one-to-one",
            "many-to-many",
            "element-collection",
            "embedded");

    /** What says of which kind an attribute is; the first that is said. */
    private static final List<String> TELLING = List.of(
            "ManyToOne", "OneToOne", "OneToMany", "ManyToMany", "ElementCollection", "Embedded", "Version", "Id");

    private static final List<String> WITHIN = List.of(
            "OrderBy",
            "OrderColumn",
            "Column",
            "GeneratedValue",
            "JoinColumn",
            "JoinColumns",
            "JoinTable",
            "AttributeOverride",
            "Convert",
            "CollectionTable");

    /** Members that are not attributes but elements. */
    private static final Map<String, String> ELEMENTS = Map.of(
            "joinColumns",
            "join-column",
            "inverseJoinColumns",
            "inverse-join-column",
            "uniqueConstraints",
            "unique-constraint",
            "column",
            "column");

    private static final Set<String> AS_TEXT = Set.of("OrderBy", "DiscriminatorValue");

    private final StringBuilder entities = new StringBuilder();
    private final StringBuilder embeddables = new StringBuilder();

    /** @param qualified the name of the class */
    void entity(String qualified, Mappings mappings) {
        entities.append("    <entity class=").append(quoted(qualified)).append(">\n");
        for (String name : OF_CLASS) {
            mappings.ofClass().stream()
                    .filter(m -> m.name().equals(name))
                    .forEach(m -> element(entities, kebab(name), m, 2));
        }
        mappings.callbacks().forEach((event, method) -> entities.append("        <")
                .append(kebab(event))
                .append(" method-name=")
                .append(quoted(method))
                .append("/>\n"));
        mappings.ofFields().forEach(this::keyConverter);
        attributes(entities, mappings);
        entities.append("    </entity>\n");
    }

    /** The schema has no place for it within the element of a key. */
    private void keyConverter(String field, List<Mapping> said) {
        if (kind(said).equals("id")) {
            said.stream()
                    .filter(m -> m.name().equals("Convert"))
                    .forEach(m -> element(entities, "convert", m.with("attributeName", field), 2));
        }
    }

    void embeddable(String qualified, Mappings mappings) {
        embeddables.append("    <embeddable class=").append(quoted(qualified)).append(">\n");
        attributes(embeddables, mappings);
        embeddables.append("    </embeddable>\n");
    }

    @Override
    public String toString() {
        return HEAD + entities + embeddables + "</entity-mappings>\n";
    }

    private static void attributes(StringBuilder out, Mappings mappings) {
        if (mappings.ofFields().isEmpty()) {
            return;
        }
        out.append("        <attributes>\n");
        for (String kind : KINDS) {
            mappings.ofFields().forEach((field, said) -> {
                if (kind(said).equals(kind)) {
                    attribute(out, kind, field, said);
                }
            });
        }
        out.append("        </attributes>\n");
    }

    private static String kind(List<Mapping> said) {
        return TELLING.stream()
                .filter(t -> said.stream().anyMatch(m -> m.name().equals(t)))
                .findFirst()
                .map(OrmXml::kebab)
                .orElse("basic");
    }

    private static void attribute(StringBuilder out, String kind, String field, List<Mapping> said) {
        out.append("            <").append(kind).append(" name=").append(quoted(field));
        Mapping relation = said.stream()
                .filter(m -> kebab(m.name()).equals(kind))
                .findFirst()
                .orElse(Mapping.of(""));
        relation.values().forEach((member, value) -> {
            if (!member.equals("cascade")) {
                out.append(' ').append(kebab(member)).append('=').append(quoted(text(value)));
            }
        });
        boolean keyed = kind.endsWith("-one") && said.contains(Mapping.of("Id"));
        out.append(keyed ? " id=\"true\">\n" : ">\n");
        for (String name : WITHIN) {
            if (kind.equals("id") && name.equals("Convert")) {
                continue;
            }
            said.stream().filter(m -> m.name().equals(name)).forEach(m -> within(out, m));
        }
        if (relation.values().get("cascade") instanceof List<?> cascades) {
            out.append("                <cascade>\n");
            cascades.forEach(c -> out.append("                    <cascade-")
                    .append(((Mapping.Constant) c).name().toLowerCase(Locale.ROOT))
                    .append("/>\n"));
            out.append("                </cascade>\n");
        }
        out.append("            </").append(kind).append(">\n");
    }

    private static void within(StringBuilder out, Mapping mapping) {
        if (mapping.name().equals("JoinColumns")) {
            ((List<?>) mapping.values().get("value")).forEach(c -> element(out, "join-column", (Mapping) c, 4));
        } else {
            element(out, kebab(mapping.name()), mapping, 4);
        }
    }

    private static void element(StringBuilder out, String name, Mapping mapping, int level) {
        String start = "    ".repeat(level);
        out.append(start).append('<').append(name);
        if (AS_TEXT.contains(mapping.name())) {
            out.append('>')
                    .append(escaped(text(mapping.values().get("value"))))
                    .append("</")
                    .append(name)
                    .append(">\n");
            return;
        }
        StringBuilder inner = new StringBuilder();
        mapping.values().forEach((member, value) -> {
            if (ELEMENTS.containsKey(member)) {
                List<?> all = value instanceof List<?> list ? list : List.of(value);
                all.forEach(m -> element(inner, ELEMENTS.get(member), (Mapping) m, level + 1));
            } else if (member.equals("columnNames")) {
                ((List<?>) value).forEach(c -> inner.append("    ".repeat(level + 1))
                        .append("<column-name>")
                        .append(escaped(text(c)))
                        .append("</column-name>\n"));
            } else {
                out.append(' ')
                        .append(member.equals("value") ? "class" : kebab(member))
                        .append('=')
                        .append(quoted(text(value)));
            }
        });
        out.append(inner.isEmpty() ? "/>\n" : ">\n" + inner + start + "</" + name + ">\n");
    }

    private static String text(Object value) {
        if (value instanceof Mapping.ClassName type) {
            return type.qualified() + (type.nested().isEmpty() ? "" : "$" + type.nested());
        }
        return value instanceof Mapping.Constant constant ? constant.name() : String.valueOf(value);
    }

    private static String kebab(String name) {
        return name.replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
    }

    private static String quoted(String text) {
        return '"' + escaped(text) + '"';
    }

    /** What XML has no character for becomes the one that stands for such. */
    private static String escaped(String text) {
        StringBuilder out = new StringBuilder();
        text.codePoints().forEach(c -> {
            switch (c) {
                case '&' -> out.append("&amp;");
                case '<' -> out.append("&lt;");
                case '"' -> out.append("&quot;");
                case '\t', '\n', '\r' -> out.append("&#").append(c).append(';');
                default -> out.appendCodePoint(
                        c < ' ' || c > 0xFFFD && c < 0x10000 || c >= 0xD800 && c < 0xE000 ? 0xFFFD : c);
            }
        });
        return out.toString();
    }
}

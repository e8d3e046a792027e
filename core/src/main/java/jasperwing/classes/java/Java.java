package jasperwing.classes.java;

import jasperwing.classes.ClassModel;
import jasperwing.classes.language.Checker;
import jasperwing.classes.language.Formulas;
import jasperwing.classes.language.Imports;
import jasperwing.classes.language.Language;
import jasperwing.naming.Words;
import jasperwing.walk.Walk;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Java 17. */
public final class Java implements Language {
    /** Names no component of a record may have. */
    private static final Set<String> OF_OBJECTS =
            Set.of("clone", "finalize", "getClass", "hashCode", "notify", "notifyAll", "toString", "wait");

    private static final String TEXT = "java.lang.String";

    /** By the design's words; what is not among them is a text. */
    private static final Map<String, String> TYPES = Map.ofEntries(
            Map.entry("int", "java.lang.Integer"),
            Map.entry("small int", "java.lang.Short"),
            Map.entry("big int", "java.lang.Long"),
            Map.entry("serial", "java.lang.Long"),
            Map.entry("uuid", "java.util.UUID"),
            Map.entry("decimal", "java.math.BigDecimal"),
            Map.entry("real", "java.lang.Double"),
            Map.entry("boolean", "java.lang.Boolean"),
            Map.entry("date", "java.time.LocalDate"),
            Map.entry("time", "java.time.LocalTime"),
            Map.entry("timestamp", "java.time.OffsetDateTime"),
            Map.entry("local timestamp", "java.time.LocalDateTime"),
            Map.entry("duration", "java.time.Duration"),
            Map.entry("binary", "byte[]"));

    @Override
    public String word() {
        return "java";
    }

    @Override
    public String title() {
        return "Java";
    }

    @Override
    public boolean isReserved(String word) {
        return JavaNames.RESERVED.contains(word);
    }

    @Override
    public String className(String name) {
        return safe(Words.pascal(name), "Entity");
    }

    @Override
    public String memberName(String name) {
        return safe(Words.camel(name), "attribute");
    }

    private String safe(String name, String otherwise) {
        if (name.isEmpty()) {
            return otherwise;
        }
        String started = Character.isDigit(name.codePointAt(0)) ? "_" + name : name;
        return isReserved(started) ? started + "_" : started;
    }

    @Override
    public String componentName(String name) {
        String safe = safe(Words.camel(name), "column");
        return OF_OBJECTS.contains(safe) ? safe + "_" : safe;
    }

    @Override
    public String constantName(String value) {
        return JavaNames.constant(value);
    }

    @Override
    public String moduleName(String name) {
        String joined = String.join("", Words.split(name));
        if (joined.isEmpty()) {
            return "model";
        }
        return Character.isDigit(joined.codePointAt(0)) || isReserved(joined) ? "_" + joined : joined;
    }

    @Override
    public String methodName(String verb, String property) {
        return JavaNames.method(verb, property);
    }

    @Override
    public String elementMethodName(String verb, String collection) {
        return JavaNames.elementMethod(verb, collection);
    }

    @Override
    public String typeName(String word) {
        return TYPES.getOrDefault(word, TEXT);
    }

    @Override
    public String comment(String text) {
        return text.replaceAll("[\\s\\p{Z}]+", " ")
                .replace("\\", "&#92;")
                .replace("*/", "*&#47;")
                .replace("@", "&#64;")
                .replace("<", "&lt;")
                .trim();
    }

    @Override
    public String text(String text) {
        return JavaNames.quote(text);
    }

    @Override
    public String number(String word, String digits, Imports imports) {
        String whole = digits.contains(".") ? digits.substring(0, digits.indexOf('.')) : digits;
        return switch (word) {
            case "decimal" -> "new " + imports.use(typeName(word)) + "(\"" + digits + "\")";
            case "small int" -> "(short) " + whole;
            case "big int", "serial" -> whole + "L";
            case "real" -> digits.contains(".") ? digits : digits + ".0";
            case "duration" -> imports.use(typeName(word)) + ".ofMillis(" + whole + "L)";
            default -> whole;
        };
    }

    @Override
    public boolean isSource(String path) {
        return path.endsWith(".java");
    }

    @Override
    public int lineLength() {
        return LongLines.MOST;
    }

    @Override
    public List<String> broken(String line) {
        return LongLines.broken(line);
    }

    @Override
    public Imports imports(String module, String name, Set<String> neighbours) {
        return new JavaImports(module, name, neighbours);
    }

    @Override
    public Optional<Formulas> formulas() {
        return Optional.of(new JavaFormulas());
    }

    @Override
    public Optional<String> expression(ClassModel model, Walk walk) {
        return JavaPath.of(model, walk);
    }

    @Override
    public Optional<Checker> checker() {
        return Optional.of(new JavaChecker());
    }
}

package jasperwing.classes.java;

/** The source of the converter that keeps durations as milliseconds. */
final class ConverterFile {
    static final String NAME = "DurationMillis";

    private ConverterFile() {}

    static String text(Imports imports) {
        String duration = imports.use("java.time.Duration");
        String number = imports.use("java.lang.Long");
        String override = "@" + imports.use("java.lang.Override");
        String converter = imports.use("jakarta.persistence.AttributeConverter");
        return new Code(0)
                .doc("Keeps a duration as milliseconds.")
                .line("@" + imports.use("jakarta.persistence.Converter"))
                .line("public class " + NAME + " implements " + converter + "<" + duration + ", " + number + "> {")
                .line(override)
                .line("public " + number + " convertToDatabaseColumn(" + duration + " value) {")
                .line("return value == null ? null : value.toMillis();")
                .line("}")
                .blank()
                .line(override)
                .line("public " + duration + " convertToEntityAttribute(" + number + " millis) {")
                .line("return millis == null ? null : " + duration + ".ofMillis(millis);")
                .line("}")
                .line("}")
                .toString();
    }
}

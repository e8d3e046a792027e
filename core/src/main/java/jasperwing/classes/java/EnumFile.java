package jasperwing.classes.java;

import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Reserved;
import jasperwing.naming.Words;
import java.util.Iterator;
import java.util.Locale;

/** The source of an enum: constants with what is stored and what is shown, and the converter between them. */
final class EnumFile {
    private EnumFile() {}

    static String constant(String value) {
        String upper = Words.snake(value).toUpperCase(Locale.ROOT);
        boolean fits = !upper.isEmpty() && !Character.isDigit(upper.codePointAt(0)) && !Reserved.JAVA.contains(upper);
        return fits ? upper : "V_" + upper;
    }

    static String text(EnumType type, String name, Imports imports) {
        String string = imports.use("java.lang.String");
        Code code = new Code(0).doc(type.notes().doc()).line("public enum " + name + " {");
        Identifiers constants = new Identifiers(0);
        for (Iterator<EnumValue> values = type.values().iterator(); values.hasNext(); ) {
            EnumValue value = values.next();
            String label = value.label().isEmpty() ? Words.capitalised(Words.spoken(value.name())) : value.label();
            code.line(constants.take(constant(value.name())) + "(" + Code.quote(value.name()) + ", " + Code.quote(label)
                    + ")" + (values.hasNext() ? "," : ";"));
        }
        code.blank()
                .line("private final " + string + " stored;")
                .line("private final " + string + " label;")
                .blank();
        code.line(name + "(" + string + " stored, " + string + " label) {");
        code.line("this.stored = stored;").line("this.label = label;").line("}").blank();
        code.doc("How the database keeps it.")
                .line("public " + string + " stored() {")
                .line("return stored;")
                .line("}");
        code.blank()
                .doc("How people see it.")
                .line("public " + string + " label() {")
                .line("return label;")
                .line("}");
        converter(code.blank(), name, string, imports);
        return code.line("}").toString();
    }

    private static void converter(Code code, String name, String string, Imports imports) {
        code.line("@" + imports.use("jakarta.persistence.Converter"));
        String converter = imports.use("jakarta.persistence.AttributeConverter");
        String override = "@" + imports.use("java.lang.Override");
        code.line("public static class Stored implements " + converter + "<" + name + ", " + string + "> {");
        code.line(override).line("public " + string + " convertToDatabaseColumn(" + name + " value) {");
        code.line("return value == null ? null : value.stored;").line("}").blank();
        code.line(override).line("public " + name + " convertToEntityAttribute(" + string + " stored) {");
        code.line("if (stored == null) {").line("return null;").line("}");
        code.line("for (" + name + " value : values()) {").line("if (value.stored.equals(stored)) {");
        code.line("return value;").line("}").line("}");
        code.line("throw new " + imports.use("java.lang.IllegalArgumentException") + "(\"not a " + name
                + ": \" + stored);");
        code.line("}").line("}");
    }
}

package jasperwing.classes.java;

import jasperwing.model.ListKept;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.Map;

/** The sources of what keeps lists in a column: a converter for each kind of element, and the text they share. */
final class ListFiles {
    /** What writes and reads the text of lists. */
    static final String TEXT = "ListText";

    private static final String TEMPLATE =
            """
            /** Lists as the text of an array in a column: as JSON does, or as the array of a database. */
            final class ListText {
                private ListText() {}

                /** The elements as a JSON array; those that are quoted are texts. */
                static ${String} json(${List}<${String}> elements, boolean quoted) {
                    ${StringBuilder} text = new ${StringBuilder}("[");
                    for (${String} element : elements) {
                        text.append(text.length() > 1 ? "," : "");
                        text.append(element == null || !quoted ? ${String}.valueOf(element) : jsonText(element));
                    }
                    return text.append(']').toString();
                }

                private static ${String} jsonText(${String} element) {
                    ${StringBuilder} text = new ${StringBuilder}("\\"");
                    for (char each : element.toCharArray()) {
                        if (each == '"' || each == '\\\\') {
                            text.append('\\\\').append(each);
                        } else if (each < ' ') {
                            text.append(${String}.format("\\\\u%04x", (int) each));
                        } else {
                            text.append(each);
                        }
                    }
                    return text.append('"').toString();
                }

                /** The elements as the array of a database. */
                static ${String} array(${List}<${String}> elements) {
                    ${StringBuilder} text = new ${StringBuilder}("{");
                    for (${String} element : elements) {
                        text.append(text.length() > 1 ? "," : "");
                        text.append(
                                element == null
                                        ? "NULL"
                                        : "\\"" + element.replace("\\\\", "\\\\\\\\").replace("\\"", "\\\\\\"") + "\\"");
                    }
                    return text.append('}').toString();
                }

                /** The elements of what a driver gives: an array of objects, or the text of one. */
                static ${List}<${String}> of(${Object} stored) {
                    if (!(stored instanceof ${Object}[] objects)) {
                        return elements(stored.toString());
                    }
                    ${List}<${String}> elements = new ${ArrayList}<>();
                    for (${Object} object : objects) {
                        elements.add(object == null ? null : object.toString());
                    }
                    return elements;
                }

                /** The elements of an array of either kind; what is null in it is null. */
                static ${List}<${String}> elements(${String} text) {
                    ${List}<${String}> elements = new ${ArrayList}<>();
                    boolean json = text.startsWith("[");
                    int at = 1;
                    while (at < text.length() - 1) {
                        char first = text.charAt(at);
                        if (first == '"') {
                            at = quoted(text, at + 1, json, elements);
                        } else if (first == ',' || first == ' ') {
                            at++;
                        } else {
                            int end = at;
                            while (end < text.length() - 1 && text.charAt(end) != ',') {
                                end++;
                            }
                            ${String} bare = text.substring(at, end).trim();
                            elements.add(bare.equalsIgnoreCase("null") ? null : bare);
                            at = end;
                        }
                    }
                    return elements;
                }

                private static int quoted(${String} text, int start, boolean json, ${List}<${String}> elements) {
                    ${StringBuilder} element = new ${StringBuilder}();
                    int at = start;
                    while (text.charAt(at) != '"') {
                        if (text.charAt(at) != '\\\\') {
                            element.append(text.charAt(at++));
                        } else if (json && text.charAt(at + 1) == 'u') {
                            element.append((char) ${Integer}.parseInt(text.substring(at + 2, at + 6), 16));
                            at += 6;
                        } else {
                            int control = json ? "bfnrt".indexOf(text.charAt(at + 1)) : -1;
                            element.append(control < 0 ? text.charAt(at + 1) : "\\b\\f\\n\\r\\t".charAt(control));
                            at += 2;
                        }
                    }
                    elements.add(element.toString());
                    return at + 1;
                }
            }
            """;

    private ListFiles() {}

    /** The name of the converter of a kind of list. */
    static String converter(String element, ListKept kept) {
        return element + (kept == ListKept.ARRAY ? "Array" : "Json");
    }

    static String text(Imports imports) {
        String text = TEMPLATE;
        for (Map.Entry<String, String> type : Map.of(
                        "Object",
                        "java.lang.Object",
                        "String",
                        "java.lang.String",
                        "StringBuilder",
                        "java.lang.StringBuilder",
                        "Integer",
                        "java.lang.Integer",
                        "List",
                        "java.util.List",
                        "ArrayList",
                        "java.util.ArrayList")
                .entrySet()) {
            text = text.replace("${" + type.getKey() + "}", imports.use(type.getValue()));
        }
        return text;
    }

    /** What is stored is taken as the driver has it, which for an array or JSON need not be a text. */
    static String converterText(Type element, ListKept kept, Imports imports, JavaTypes types) {
        String type = types.type(element);
        String list = imports.use("java.util.List") + "<" + type + ">";
        String stored = imports.use("java.lang.Object");
        boolean array = kept == ListKept.ARRAY;
        String name = converter(types.simple(element), kept);
        Code code = new Code(0)
                .doc("Keeps a list as " + (array ? "an array." : "a JSON array."))
                .line("@" + imports.use("jakarta.persistence.Converter"))
                .line("public class " + name + " implements " + imports.use("jakarta.persistence.AttributeConverter")
                        + "<" + list + ", " + stored + "> {");
        String override = "@" + imports.use("java.lang.Override");
        String texts = "list.stream().map(each -> " + written(element, types) + ").toList()";
        String quoted = element.isNumeric() || element.is(Scalar.BOOLEAN) ? ", false)" : ", true)";
        code.line(override).line("public " + stored + " convertToDatabaseColumn(" + list + " list) {");
        code.line("return list == null ? null : " + TEXT + (array ? ".array(" + texts + ")" : ".json(" + texts + quoted)
                + ";");
        code.line("}").blank();
        code.line(override).line("public " + list + " convertToEntityAttribute(" + stored + " stored) {");
        code.line(list + " list = new " + imports.use("java.util.ArrayList") + "<>();");
        code.line("if (stored != null) {");
        code.line(TEXT + ".of(stored).forEach(each -> list.add(" + read(element, type, types) + "));");
        return code.line("}").line("return list;").line("}").line("}").toString();
    }

    private static String written(Type element, JavaTypes types) {
        if (element.isText()) {
            return "each";
        }
        String text = types.isEnum(element)
                ? "each.stored()"
                : element instanceof Type.Decimal ? "each.toPlainString()" : "each.toString()";
        return "each == null ? null : " + text;
    }

    private static String read(Type element, String type, JavaTypes types) {
        if (element.isText()) {
            return "each";
        }
        if (types.isEnum(element)) {
            return "new " + type + ".Stored().convertToEntityAttribute(each)";
        }
        String value = element instanceof Type.Decimal
                ? "new " + type + "(each)"
                : element.is(Scalar.UUID)
                        ? type + ".fromString(each)"
                        : element.is(Scalar.DATE)
                                ? type + ".parse(each)"
                                : element.is(Scalar.BOOLEAN) ? "each.startsWith(\"t\")" : type + ".valueOf(each)";
        return "each == null ? null : " + value;
    }
}

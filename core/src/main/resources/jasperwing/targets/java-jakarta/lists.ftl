<#-- What keeps lists in a column: the text they share, and a class for each kind of element. -->
<@file path=java.path(design.package, "ListText") package=design.package name="ListText">
<@java.head package=design.package/>
/** Lists as the text of an array in a column: as JSON does, or as the array of a database. */
final class ListText {
    private ListText() {}

    /** The elements as a JSON array; those that are quoted are texts. */
    static ${use("java.lang.String")} json(${use("java.util.List")}<${use("java.lang.String")}> elements, boolean quoted) {
        ${use("java.lang.StringBuilder")} text = new ${use("java.lang.StringBuilder")}("[");
        for (${use("java.lang.String")} element : elements) {
            text.append(text.length() > 1 ? "," : "");
            text.append(element == null || !quoted ? ${use("java.lang.String")}.valueOf(element) : jsonText(element));
        }
        return text.append(']').toString();
    }

    private static ${use("java.lang.String")} jsonText(${use("java.lang.String")} element) {
        ${use("java.lang.StringBuilder")} text = new ${use("java.lang.StringBuilder")}("\"");
        for (char each : element.toCharArray()) {
            if (each == '"' || each == '\\') {
                text.append('\\').append(each);
            } else if (each < ' ') {
                text.append(${use("java.lang.String")}.format("\\u%04x", (int) each));
            } else {
                text.append(each);
            }
        }
        return text.append('"').toString();
    }

    /** The elements as the array of a database. */
    static ${use("java.lang.String")} array(${use("java.util.List")}<${use("java.lang.String")}> elements) {
        ${use("java.lang.StringBuilder")} text = new ${use("java.lang.StringBuilder")}("{");
        for (${use("java.lang.String")} element : elements) {
            text.append(text.length() > 1 ? "," : "");
            text.append(
                    element == null
                            ? "NULL"
                            : "\"" + element.replace("\\", "\\\\").replace("\"", "\\\"") + "\"");
        }
        return text.append('}').toString();
    }

    /** The elements of an array of either kind; what is null in it is null. */
    static ${use("java.util.List")}<${use("java.lang.String")}> elements(${use("java.lang.String")} text) {
        ${use("java.util.List")}<${use("java.lang.String")}> elements = new ${use("java.util.ArrayList")}<>();
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
                ${use("java.lang.String")} bare = text.substring(at, end).trim();
                elements.add(bare.equalsIgnoreCase("null") ? null : bare);
                at = end;
            }
        }
        return elements;
    }

    private static int quoted(${use("java.lang.String")} text, int start, boolean json, ${use("java.util.List")}<${use("java.lang.String")}> elements) {
        ${use("java.lang.StringBuilder")} element = new ${use("java.lang.StringBuilder")}();
        int at = start;
        while (text.charAt(at) != '"') {
            if (text.charAt(at) != '\\') {
                element.append(text.charAt(at++));
            } else if (json && text.charAt(at + 1) == 'u') {
                element.append((char) ${use("java.lang.Integer")}.parseInt(text.substring(at + 2, at + 6), 16));
                at += 6;
            } else {
                int control = json ? "bfnrt".indexOf(text.charAt(at + 1)) : -1;
                element.append(control < 0 ? text.charAt(at + 1) : "\b\f\n\r\t".charAt(control));
                at += 2;
            }
        }
        elements.add(element.toString());
        return at + 1;
    }
}
</@file>
<#if design.options.provider == "eclipselink" && design.mapping.rowLists?filter(l -> l.array)?has_content>
<@file path=java.path(design.package, "ArrayText") package=design.package name="ArrayText">
<@java.head package=design.package/>
/** The text of an array in a column, of which EclipseLink reads the elements. */
@${use("jakarta.persistence.Converter")}
public class ArrayText implements ${use("jakarta.persistence.AttributeConverter")}<${use("java.lang.String")}, ${use("java.lang.Object")}> {
    @${use("java.lang.Override")}
    public ${use("java.lang.Object")} convertToDatabaseColumn(${use("java.lang.String")} text) {
        return text;
    }

    @${use("java.lang.Override")}
    public ${use("java.lang.String")} convertToEntityAttribute(${use("java.lang.Object")} stored) {
        if (!(stored instanceof ${use("java.lang.Object")}[] objects)) {
            return stored == null ? null : stored.toString();
        }
        ${use("java.util.List")}<${use("java.lang.String")}> elements = new ${use("java.util.ArrayList")}<>();
        for (${use("java.lang.Object")} object : objects) {
            elements.add(object == null ? null : object.toString());
        }
        return ListText.array(elements);
    }
}
</@file>
</#if>
<#list design.mapping.rowLists as l>
<@file path=java.path(design.package, l.class) package=design.package name=l.class>
<#assign element = java.single(l.type)>
<#assign list = use("java.util.List") + "<" + element + ">">
<#assign text = use("java.lang.String")>
<@java.head package=design.package/>
/** Lists as the text of <#if l.array>an array of PostgreSQL<#else>a JSON array</#if>, which is what objects have of them. */
public final class ${l.class} {
    public static final ${text} EMPTY = <#if l.array>"{}"<#else>"[]"</#if>;

    private ${l.class}() {}

    /** The text of a list; null for null. */
    public static ${text} text(${list} list) {
        if (list == null) {
            return null;
        }
        ${use("java.util.List")}<${text}> elements = list.stream().map(each -> ${written(l.type)}).toList();
<#if l.array>
        return ListText.array(elements);
<#else>
        return ListText.json(elements, ${(!java.is_number(l.type) && l.type.word != "boolean")?c});
</#if>
    }

    /** The list of a text, which cannot be changed; empty for null. */
    public static ${list} list(${text} text) {
        ${list} list = new ${use("java.util.ArrayList")}<>();
        if (text != null) {
            ListText.elements(text).forEach(each -> list.add(${read(l.type, element)}));
        }
        return ${use("java.util.Collections")}.unmodifiableList(list);
    }
}
</@file>
</#list>

<#-- An element as a text. -->
<#function written t>
  <#switch t.word>
    <#case "text"><#case "long text"><#return "each">
    <#case "enum"><#return "each == null ? null : each.stored()">
    <#case "decimal"><#return "each == null ? null : each.toPlainString()">
    <#default><#return "each == null ? null : each.toString()">
  </#switch>
</#function>

<#-- An element of a text. -->
<#function read t type>
  <#switch t.word>
    <#case "text"><#case "long text"><#return "each">
    <#case "enum"><#return type + ".of(each)">
    <#case "decimal"><#return "each == null ? null : new " + type + "(each)">
    <#case "uuid"><#return "each == null ? null : " + type + ".fromString(each)">
    <#case "date"><#return "each == null ? null : " + type + ".parse(each)">
    <#case "boolean"><#return "each == null ? null : each.startsWith(\"t\")">
    <#default><#return "each == null ? null : " + type + ".valueOf(each)">
  </#switch>
</#function>

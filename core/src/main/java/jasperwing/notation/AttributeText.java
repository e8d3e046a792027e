package jasperwing.notation;

import jasperwing.model.Attribute;
import jasperwing.model.Literal;
import jasperwing.model.Notes;
import jasperwing.model.Range;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.Arrays;

/** Writes an attribute as a line. */
final class AttributeText {
    private static final int TYPE_WIDTH = 15;

    private AttributeText() {}

    /** With its type and its rules below those of others. */
    static String padded(Attribute attribute, boolean key) {
        String name = Printer.pad(Quoting.leadingName(attribute.name()), Printer.NAME_WIDTH);
        String rules = rules(attribute, key);
        String type = type(attribute);
        return name + (rules.isEmpty() ? type : Printer.pad(type, TYPE_WIDTH) + rules);
    }

    static String of(Attribute attribute, boolean key) {
        return of(Quoting.leadingName(attribute.name()), attribute, key);
    }

    /** With the name in backquotes, whatever it is. */
    static String quoted(Attribute attribute, boolean key) {
        return of(Quoting.quotedName(attribute.name()), attribute, key);
    }

    private static String of(String name, Attribute attribute, boolean key) {
        String rules = rules(attribute, key);
        return name + " " + type(attribute) + (rules.isEmpty() ? "" : " " + rules);
    }

    static String type(Attribute attribute) {
        return type(attribute.type()) + (attribute.list() ? " list" : "") + (attribute.optional() ? "?" : "");
    }

    private static String type(Type type) {
        return type.match(
                text -> "text(" + text.length() + ")",
                decimal -> "decimal(" + decimal.precision() + "," + decimal.scale() + ")",
                plain -> plain.scalar().words(),
                named -> namedType(named.name()));
    }

    private static String namedType(String name) {
        boolean builtIn = name.equals("text") || name.equals("decimal") || isScalarWord(name);
        return builtIn ? "`" + name + "`" : Quoting.name(name);
    }

    private static boolean isScalarWord(String name) {
        return Arrays.stream(Scalar.values()).anyMatch(s -> s.words().equals(name));
    }

    private static String rules(Attribute attribute, boolean key) {
        StringBuilder rules = new StringBuilder();
        rules.append(key ? " key" : "").append(attribute.unique() ? " unique" : "");
        attribute.kept().filter(k -> attribute.list()).ifPresent(k -> rules.append(" kept as ")
                .append(k.words()));
        attribute.defaultValue().ifPresent(d -> rules.append(" default ").append(literal(d)));
        attribute.range().ifPresent(r -> rules.append(' ').append(range(r)));
        attribute.stamp().ifPresent(s -> rules.append(" set on ").append(s.word()));
        rules.append(
                attribute.counting().isUsual()
                        ? ""
                        : " counted " + attribute.counting().words());
        attribute.textConstraint().longerThan().ifPresent(l -> rules.append(" longer than ")
                .append(l));
        rules.append(pattern(attribute.textConstraint().matching()))
                .append(attribute.textConstraint().ignoringCase() ? " ignoring case" : "")
                .append(
                        attribute.textConstraint().sortedAs().isEmpty()
                                ? ""
                                : " sorted as " + attribute.textConstraint().sortedAs());
        attribute.formula().ifPresent(f -> rules.append(" = ").append(ExpressionPrinter.text(f)));
        Notes notes = attribute.notes();
        rules.append(notes.label().isEmpty() ? "" : " label " + Quoting.string(notes.label()))
                .append(notes.physical().isEmpty() ? "" : " column " + Quoting.string(notes.physical()))
                .append(NamingText.types(notes.stored()))
                .append(Printer.was(notes))
                .append(notes.doc().isEmpty() ? "" : " " + Quoting.string(notes.doc()));
        return rules.isEmpty() ? "" : rules.substring(1);
    }

    private static String pattern(String regex) {
        return regex.isEmpty() ? "" : " matching /" + regex.replace("/", "\\/") + "/";
    }

    private static String range(Range range) {
        return range.from()
                .map(from -> "from " + literal(from)
                        + range.to().map(to -> " to " + literal(to)).orElse(""))
                .orElseGet(() -> "up to " + literal(range.to().orElseThrow()));
    }

    private static String literal(Literal literal) {
        return switch (literal.kind()) {
            case NUMBER, DATE, CLOCK, UUID -> literal.text();
            case TEXT -> Quoting.string(literal.text());
            case WORD -> Quoting.name(literal.text());
        };
    }
}

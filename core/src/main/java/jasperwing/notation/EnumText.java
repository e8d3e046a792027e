package jasperwing.notation;

import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Enums as text. */
final class EnumText {
    private EnumText() {}

    static String of(EnumType type) {
        String values = type.values().stream().map(EnumText::of).collect(Collectors.joining(", "));
        String kept = type.kept().map(k -> " kept as " + k.words()).orElse("");
        return "enum " + Quoting.name(type.name()) + kept + ": " + values;
    }

    static String of(EnumValue value) {
        return Quoting.name(value.name()) + (value.label().isEmpty() ? "" : " " + Quoting.string(value.label()));
    }

    /** What is said of a value besides its name and label, as the line below its enum has it; empty where that is nothing. */
    static String said(EnumValue value) {
        String doc = value.notes().doc();
        return Stream.of(
                        value.retired() ? "retired" : "",
                        Printer.was(value.notes()).strip(),
                        doc.isEmpty() ? "" : Quoting.string(doc))
                .filter(w -> !w.isEmpty())
                .collect(Collectors.joining(" "));
    }
}

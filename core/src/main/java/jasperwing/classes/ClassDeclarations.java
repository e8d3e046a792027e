package jasperwing.classes;

import java.util.ArrayList;
import java.util.List;

/**
 * The parts of a generated file that declare something, told by what its lines are made of: in whatever language or mapping, what a class is comes
 * before its members, and its members' fields before anything that is made of all of them, such as a constructor. Parts are parted by blank
 * lines.
 *
 * @param head the last part before the first member
 * @param fields the parts of the members up to the first one that is made of no member
 */
public record ClassDeclarations(List<String> head, List<Field> fields) {
    /** A part and what it is made of. */
    public record Field(Source source, List<String> lines) {
        public Field {
            lines = List.copyOf(lines);
        }
    }

    public ClassDeclarations {
        head = List.copyOf(head);
        fields = List.copyOf(fields);
    }

    /** Linear in the lines. */
    public static ClassDeclarations of(GeneratedFile file) {
        List<Field> parts = parts(file);
        int first = 0;
        while (first < parts.size() && parts.get(first).source().member().isEmpty()) {
            first++;
        }
        int end = first;
        while (end < parts.size() && !parts.get(end).source().member().isEmpty()) {
            end++;
        }
        int head = (first < parts.size() ? first : parts.size()) - 1;
        return new ClassDeclarations(head < 0 ? List.of() : parts.get(head).lines(), parts.subList(first, end));
    }

    private static List<Field> parts(GeneratedFile file) {
        List<Field> parts = new ArrayList<>();
        List<String> lines = new ArrayList<>();
        Source source = Source.WHOLE;
        int number = 0;
        for (String line : file.text().lines().toList()) {
            if (line.isBlank()) {
                add(parts, source, lines);
                source = Source.WHOLE;
            } else {
                lines.add(line);
                Source its = file.source(number);
                source = its.member().isEmpty() ? source : its;
            }
            number++;
        }
        add(parts, source, lines);
        return parts;
    }

    private static void add(List<Field> parts, Source source, List<String> lines) {
        if (!lines.isEmpty()) {
            parts.add(new Field(source, lines));
            lines.clear();
        }
    }
}

package jasperwing.cli;

import jasperwing.findings.Subject;
import jasperwing.model.Design;
import jasperwing.model.Relationship;
import jasperwing.notation.TextMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** Where in the text of a design stands what a finding is about. */
final class FindingPlaces {
    private final TextMap map;
    private final Map<String, Integer> entities = new HashMap<>();
    private final Map<Relationship, Integer> relationships = new HashMap<>();

    private FindingPlaces(Design design, String text) {
        map = TextMap.of(text);
        for (int i = 0; i < design.entities().size(); i++) {
            entities.putIfAbsent(design.entities().get(i).name(), i);
        }
        for (int i = 0; i < design.relationships().size(); i++) {
            relationships.putIfAbsent(design.relationships().get(i), i);
        }
    }

    static FindingPlaces of(Design design, String text) {
        return new FindingPlaces(design, text);
    }

    /** Its line, counted from 1; the first where it stands nowhere by itself. */
    int line(Subject subject) {
        return subject.relationship()
                        .flatMap(r -> map.of(TextMap.Kind.RELATIONSHIP, relationships.getOrDefault(r, -1)))
                        .map(TextMap.Span::first)
                        .or(() -> statement(subject).map(s -> line(s, subject)))
                        .orElse(0)
                + 1;
    }

    private Optional<TextMap.Span> statement(Subject subject) {
        return map.of(TextMap.Kind.ENTITY, entities.getOrDefault(subject.entity(), -1))
                .or(() -> map.named(subject.entity()));
    }

    private int line(TextMap.Span statement, Subject subject) {
        Optional<Integer> constraint =
                subject.line().isEmpty() ? Optional.empty() : map.constraint(statement, subject.line());
        return constraint
                .or(() -> subject.member().isEmpty() ? Optional.empty() : map.line(statement, subject.member()))
                .orElse(statement.first());
    }
}

package jasperwing.cli;

import jasperwing.findings.Subject;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.notation.TextMap;
import java.util.List;
import java.util.Optional;

/** Where in the text of a design stands what a finding is about. */
record FindingPlaces(Design design, TextMap map) {
    static FindingPlaces of(Design design, String text) {
        return new FindingPlaces(design, TextMap.of(text));
    }

    /** Its line, counted from 1; the first where it stands nowhere by itself. */
    int line(Subject subject) {
        return subject.relationship()
                        .flatMap(r -> map.of(
                                TextMap.Kind.RELATIONSHIP,
                                design.relationships().indexOf(r)))
                        .map(TextMap.Span::first)
                        .or(() -> entity(subject))
                        .orElse(0)
                + 1;
    }

    private Optional<Integer> entity(Subject subject) {
        List<String> names = design.entities().stream().map(Entity::name).toList();
        return map.of(TextMap.Kind.ENTITY, names.indexOf(subject.entity()))
                .map(s -> subject.member().isEmpty()
                        ? s.first()
                        : map.line(s, subject.member()).orElse(s.first()));
    }
}

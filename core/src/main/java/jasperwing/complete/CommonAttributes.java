package jasperwing.complete;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Type;
import jasperwing.naming.TypeGuess;
import jasperwing.naming.Words;
import jasperwing.notation.Notation;
import java.util.List;
import java.util.stream.Stream;

/** Attributes that many designs have, for the first letters typed of one. */
final class CommonAttributes {
    /** What is more common stands before what is less, among those that begin alike. */
    private static final List<String> NAMES = Stream.of(
                    "name title code number email description quantity price amount total phone startsOn endsOn startedAt",
                    "endedAt startedOn endedOn createdAt updatedAt firstName lastName givenName familyName bornOn city country",
                    "street postcode latitude longitude position weight height width length depth temperature note body",
                    "comment label url photo active rating version dueOn paidAt paidOn doneAt sentAt takenAt seenAt since until",
                    "capacity duration percent currency language username address color remark summary text value year")
            .flatMap(s -> Stream.of(s.split(" ")))
            .toList();

    private CommonAttributes() {}

    /** Whole lines, with the type a name suggests; names are written as the design writes its own. */
    static Stream<Proposal> beginning(Design design, String typed) {
        boolean snake = design.entities().stream()
                .flatMap(e -> e.attributes().stream())
                .anyMatch(a -> a.name().indexOf('_') > 0);
        return NAMES.stream()
                .map(n -> snake ? Words.snake(n) : n)
                .filter(n -> MemberNames.starts(n, typed))
                .map(n -> new Proposal(n + " " + type(n), "often used"));
    }

    /** The type an attribute of that name likely has; a text where the name says nothing about it. */
    static String type(String name) {
        return Notation.type(Attribute.of(name, TypeGuess.of(name).orElse(new Type.Text(80))));
    }
}

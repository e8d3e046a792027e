package jasperwing.complete;

import jasperwing.model.EnumType;
import jasperwing.notation.Notation;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Completes the lines below an enum: one of its values, and what can be said of it. */
final class EnumCompletion {
    private static final List<Proposal> SAID = List.of(
            new Proposal("retired", "rows may still hold it, new ones should not"),
            new Proposal("was ", "its former name"));

    private EnumCompletion() {}

    /** @param before the line up to the caret, which is not blank */
    static Proposals below(Optional<EnumType> type, String before) {
        int word = before.lastIndexOf(' ') + 1;
        String typed = before.substring(word);
        Stream<Proposal> all = before.substring(0, word).isBlank()
                ? type.stream()
                        .flatMap(t -> t.values().stream())
                        .map(v -> new Proposal(Notation.name(v.name()), v.label()))
                : SAID.stream();
        return new Proposals(
                word,
                typed.isEmpty()
                        ? List.of()
                        : all.filter(p -> MemberNames.starts(p.insert(), typed)
                                        && !p.insert().equals(typed))
                                .toList());
    }
}

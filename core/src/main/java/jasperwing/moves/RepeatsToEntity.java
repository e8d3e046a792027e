package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.Attribute;
import jasperwing.model.Comments;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Literal;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.Range;
import jasperwing.model.Reading;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Makes numbered repeats rows of an entity, told apart by their numbers. */
public record RepeatsToEntity(String entity, String stem, String name) implements Move {
    private static final String NUMBER = "position";

    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, entity),
                () -> Preconditions.freeName(design, name),
                () -> Preconditions.when(
                        repeats(design).isEmpty(),
                        entity + " has no numbered attributes " + stem + "1, " + stem + "2."),
                () -> named(design.entity(entity).orElseThrow(), repeats(design).orElseThrow()),
                () -> Preconditions.sorting(
                        design, entity, repeats(design).orElseThrow().names()),
                () -> Preconditions.freeMember(design, entity, role()));
    }

    private Optional<String> named(Entity e, NumberedAttributes repeats) {
        List<Members> naming = new ArrayList<>(e.uniques());
        naming.add(e.shown());
        return naming.stream()
                .flatMap(m -> m.names().stream())
                .filter(repeats.names()::contains)
                .findFirst()
                .map(n -> entity + " is told apart or shown by its " + n + "; change that first.");
    }

    private Optional<NumberedAttributes> repeats(Design design) {
        return NumberedAttributes.of(design.entity(entity).orElseThrow()).stream()
                .filter(r -> r.stem().equals(stem))
                .findFirst();
    }

    private String role() {
        return Plurals.plural(Words.camel(stem));
    }

    @Override
    public Design made(Design design) {
        NumberedAttributes repeats = repeats(design).orElseThrow();
        Attribute first = repeats.numbered().values().iterator().next();
        Range numbers = new Range(
                Optional.of(Literal.number("" + repeats.numbered().firstKey())),
                Optional.of(Literal.number("" + repeats.numbered().lastKey())));
        Attribute position = Attribute.of(NUMBER, Type.of(Scalar.SMALL_INT)).withRange(Optional.of(numbers));
        Attribute said = first.withName(Words.camel(stem))
                .withOptional(false)
                .withNotes(Notes.NONE.withDoc(first.notes().doc()));
        Entity added = MoveSteps.keyed(name, List.of(position, said))
                .withUniques(List.of(Members.of(Words.camel(entity), NUMBER)))
                .withShown(Members.of(said.name()));
        Design without = MoveSteps.change(
                MoveSteps.addBeside(design, entity, added),
                entity,
                e -> e.withAttributes(MoveSteps.without(e, repeats.names())));
        Comments comments = new Comments(comments(repeats), "", List.of());
        Reading having = new Reading(false, "have", true, role());
        return MoveSteps.relate(without, MoveSteps.part(name, entity, having, comments));
    }

    private static List<String> comments(NumberedAttributes repeats) {
        List<String> lines = new ArrayList<>();
        for (Attribute attribute : repeats.numbered().values()) {
            Comments comments = attribute.notes().comments();
            lines.addAll(comments.before());
            if (!comments.after().isEmpty()) {
                lines.add(comments.after());
            }
        }
        return lines;
    }
}

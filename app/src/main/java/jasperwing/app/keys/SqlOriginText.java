package jasperwing.app.keys;

import jasperwing.app.workspace.Selection;
import jasperwing.derive.SqlOrigin;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.RowRule;
import jasperwing.notation.Notation;
import java.util.Optional;
import java.util.stream.Stream;

/** What a line of SQL was derived from, as the design says it, and as what is selected. */
final class SqlOriginText {
    private SqlOriginText() {}

    /** As the design says it: a sentence, an attribute, a rule, an entity, an enum. */
    static String of(Design design, SqlOrigin origin) {
        if (origin.relationship().isPresent()) {
            return Notation.print(origin.relationship().get())
                    .lines()
                    .findFirst()
                    .orElse("");
        }
        Optional<Entity> entity = design.whole().entity(origin.declaration());
        Optional<Attribute> attribute = entity.flatMap(e -> e.attribute(origin.member()));
        if (attribute.isPresent()) {
            return origin.declaration() + ": "
                    + Notation.print(attribute.get(), entity.get().isKey(attribute.get()));
        }
        Optional<RowRule> rule = entity.flatMap(e -> rule(design, e, origin.member()));
        if (rule.isPresent()) {
            return origin.declaration() + ": " + Notation.print(rule.get());
        }
        return entity.map(e -> "entity " + Notation.name(e.name()))
                .or(() -> design.enumType(origin.declaration()).map(Notation::print))
                .orElse("");
    }

    /** Its own, of its traits or of values in it. */
    private static Optional<RowRule> rule(Design design, Entity entity, String message) {
        return Stream.concat(entity.rules().stream(), design.groups().stream().flatMap(g -> g.rules().stream()))
                .filter(r -> r.message().equals(message))
                .findFirst();
    }

    /** Nothing where the sheet does not show it. */
    static Selection selection(Design design, SqlOrigin origin) {
        return origin.relationship().map(Selection::of).orElseGet(() -> design.entity(origin.declaration())
                .map(e -> Selection.of(e.name()))
                .orElse(Selection.NONE));
    }

    /** Whether a line with this origin is about what is selected. */
    static boolean isIn(Selection selection, SqlOrigin origin) {
        return selection.entities().contains(origin.declaration())
                || selection.relationship().isPresent()
                        && selection.relationship().equals(origin.relationship());
    }
}

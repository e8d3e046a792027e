package jasperwing.derive;

import jasperwing.formula.Formula;
import jasperwing.formula.Term;
import jasperwing.model.Design;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The columns an entity has so far in a table that is being gathered, for formulas over a row of it. */
final class DraftRow {
    private final Design design;
    private final KeyColumns keys;
    private final ColumnTypes types;
    private final TableDraft draft;
    private final String entity;

    DraftRow(EntityColumns.Making making, TableDraft draft, String entity) {
        this.design = making.design();
        this.keys = making.keys();
        this.types = making.types();
        this.draft = draft;
        this.entity = entity;
    }

    /** Whether the row alone has all that a formula looks at, and the formula is sound. */
    boolean has(Formula formula) {
        return formula.isSound()
                && RowFormulas.isOfRow(design, types.dialect(), entity, formula)
                && stored(formula).noneMatch(m -> column(m).isEmpty());
    }

    /** The columns it looks at. */
    List<String> columns(Formula formula) {
        return stored(formula).map(m -> column(m).orElseThrow()).distinct().toList();
    }

    /** The columns of members, in their order; fewer than there are where the row has not all of them. */
    List<String> columns(List<Term.Member> members) {
        return members.stream().flatMap(m -> column(m).stream()).toList();
    }

    /** Writes formulas that the row has. @param before what stands before the name of a column */
    FormulaSql sql(String before) {
        return types.formula(new FormulaSql.Source() {
            @Override
            public String column(Term.Member member) {
                return before + types.quote(DraftRow.this.column(member).orElseThrow());
            }

            @Override
            public String reached(Term.Member member) {
                return column(member);
            }

            @Override
            public String many(Term.Aggregate aggregate) {
                throw new IllegalStateException("a table cannot look beyond its row for " + aggregate);
            }
        });
    }

    private static Stream<Term.Member> stored(Formula formula) {
        return formula.term()
                .all()
                .filter(Term.Member.class::isInstance)
                .map(Term.Member.class::cast)
                .filter(m -> m.formula().isEmpty());
    }

    private Optional<String> column(Term.Member member) {
        return member.steps().isEmpty()
                ? FormulaSql.find(design, draft.columnsOf(member.path().get(0).name()), member)
                : keys.repeated(draft::columnsOf, member.steps(), member.leaf().name());
    }
}

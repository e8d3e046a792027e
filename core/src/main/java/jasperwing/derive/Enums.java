package jasperwing.derive;

import jasperwing.model.Design;
import jasperwing.model.EnumKept;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Words;
import jasperwing.physical.Column;
import jasperwing.physical.EnumDefinition;
import jasperwing.physical.Rows;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** The types and tables of enums that are kept as such, in the order of the design. */
final class Enums {
    private final Design design;
    private final ColumnTypes types;
    private final PhysicalNames names;

    Enums(Design design, ColumnTypes types, PhysicalNames names) {
        this.design = design;
        this.types = types;
        this.names = names;
    }

    private Stream<EnumType> kept(EnumKept way) {
        return design.enums().stream()
                .filter(e -> e.isKept(way)
                        && design.enumType(e.name()).filter(first -> first == e).isPresent());
    }

    /** Where enums are types with names; elsewhere a column says the values itself. */
    List<DerivedEnum> types() {
        return types.dialect().hasEnumTypes()
                ? kept(EnumKept.TYPE)
                        .filter(ColumnTypes::fits)
                        .map(e -> new DerivedEnum(
                                new EnumDefinition(
                                        names.namespace(),
                                        names.ofEnum(e.name()),
                                        e.values().stream()
                                                .map(EnumValue::name)
                                                .distinct()
                                                .toList()),
                                e.name()))
                        .toList()
                : List.of();
    }

    List<DerivedTable> tables() {
        return kept(EnumKept.TABLE).map(this::table).toList();
    }

    private DerivedTable table(EnumType type) {
        TableDraft draft = new TableDraft(names.ofEnum(type.name()), names, types);
        draft.column(DerivedTable.VALUE, types.valueType(type.name()), true, "");
        draft.column("label", types.type(Type.of(Scalar.LONG_TEXT)), true, "");
        draft.column("position", types.type(Type.of(Scalar.INT)), true, "");
        draft.primaryKey(List.of(DerivedTable.VALUE));
        return draft.table(new DerivedTable.Source.OfEnum(type), type.notes().doc());
    }

    /** The rows of the table of an enum: its values, each once; none for other tables. */
    static Optional<Rows> rows(DerivedTable table) {
        return table.source().match(e -> Optional.empty(), j -> Optional.empty(), l -> Optional.empty(), e -> {
            List<List<Object>> rows = new ArrayList<>();
            Set<String> known = new HashSet<>();
            for (EnumValue value : e.type().values()) {
                if (known.add(value.name())) {
                    rows.add(List.of(value.name(), label(value), rows.size()));
                }
            }
            return Optional.of(new Rows(
                    table.name(), table.columns().stream().map(Column::name).toList(), rows));
        });
    }

    private static String label(EnumValue value) {
        return value.label().isEmpty() ? Words.capitalised(Words.spoken(value.name())) : value.label();
    }
}

package jasperwing.schema;

import jasperwing.model.Design;
import jasperwing.model.EnumKept;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.List;
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
    List<EnumDefinition> types() {
        return types.dialect().hasEnumTypes()
                ? kept(EnumKept.TYPE)
                        .filter(ColumnTypes::fits)
                        .map(e -> new EnumDefinition(
                                names.ofEnum(e.name()),
                                e.name(),
                                e.values().stream()
                                        .map(EnumValue::name)
                                        .distinct()
                                        .toList()))
                        .toList()
                : List.of();
    }

    List<Table> tables() {
        return kept(EnumKept.TABLE).map(this::table).toList();
    }

    private Table table(EnumType type) {
        TableDraft draft = new TableDraft(names.ofEnum(type.name()), names, types);
        draft.column(Table.VALUE, types.valueType(type.name()), true, "");
        draft.column("label", types.type(Type.of(Scalar.LONG_TEXT)), true, "");
        draft.column("position", types.type(Type.of(Scalar.INT)), true, "");
        draft.primaryKey(List.of(Table.VALUE));
        return draft.table(new Table.Source.OfEnum(type), type.notes().doc());
    }
}

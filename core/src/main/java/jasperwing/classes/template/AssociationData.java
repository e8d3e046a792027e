package jasperwing.classes.template;

import jasperwing.classes.Association;
import jasperwing.classes.ClassModel;
import jasperwing.classes.ModelClass;
import jasperwing.classes.java.JavaOptions;
import jasperwing.model.DeleteRule;
import jasperwing.model.Entity;
import jasperwing.schema.Column;
import jasperwing.schema.Dialect;
import jasperwing.schema.ForeignKey;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What classes know of each other as the data templates see. */
final class AssociationData {
    private final ClassModel model;
    private final JavaOptions options;

    AssociationData(ClassModel model, JavaOptions options) {
        this.model = model;
        this.options = options;
    }

    /** Those of an entity, in the order of the class; none of one that has no class. */
    List<Map<String, Object>> of(Entity entity) {
        return model.find(entity.name()).map(ModelClass::associations).orElse(List.of()).stream()
                .map(this::data)
                .toList();
    }

    private Map<String, Object> data(Association association) {
        if (association instanceof Association.ToOne one) {
            return toOne(one);
        }
        if (association instanceof Association.ToOutside out) {
            Said said = new Said("outside", out.name(), out.target())
                    .owner()
                    .must(out.must())
                    .key(out.key());
            return said.columns(List.of(quoted(out.column()))).data();
        }
        if (association instanceof Association.Inverse inverse) {
            return new Said(inverse.many() ? "many" : "one", inverse.name(), inverse.target())
                    .back(Optional.of(inverse.mappedBy()))
                    .with("unique", !inverse.many())
                    .with("deleted", inverse.onDelete() == DeleteRule.DELETE_TOO)
                    .sorted(inverse.sortedBy())
                    .data();
        }
        if (association instanceof Association.Joined joined) {
            return joined(joined);
        }
        if (association instanceof Association.JoinedInverse inverse) {
            return new Said("many", inverse.name(), inverse.target())
                    .back(Optional.of(inverse.mappedBy()))
                    .sorted(inverse.sortedBy())
                    .data();
        }
        return several(association);
    }

    private Map<String, Object> joined(Association.Joined joined) {
        return new Said("many", joined.name(), joined.target())
                .owner()
                .back(joined.inverse())
                .columns(quoted(joined.here()))
                .with("table", Dialect.POSTGRESQL.quote(joined.table().name()))
                .with("far", quoted(joined.there()))
                .sorted(joined.sortedBy())
                .data();
    }

    private Map<String, Object> several(Association association) {
        if (association instanceof Association.ThroughLink through) {
            return new Said("through", through.name(), through.target())
                    .with("links", through.links())
                    .sorted(through.sortedBy())
                    .data();
        }
        if (association instanceof Association.OneOfEach each) {
            return new Said("each", each.name(), "")
                    .owner()
                    .must(each.must())
                    .back(each.back())
                    .with("subjects", each.subjects().stream().map(this::toOne).toList())
                    .data();
        }
        Association.OneOfKind kind = (Association.OneOfKind) association;
        List<Map<String, Object>> subjects = kind.subjects().stream()
                .map(s -> new Said("one", kind.name(), s).data())
                .toList();
        return new Said("kind", kind.name(), "")
                .owner()
                .must(kind.must())
                .columns(List.of(quoted(kind.kind()), quoted(kind.id())))
                .with("subjects", subjects)
                .data();
    }

    private Map<String, Object> toOne(Association.ToOne one) {
        return new Said("one", one.name(), one.target())
                .owner()
                .must(one.must())
                .key(one.key())
                .back(one.inverse())
                .columns(quoted(one.foreignKey()))
                .with("unique", one.unique())
                .data();
    }

    private static List<String> quoted(ForeignKey key) {
        return key.columns().stream().map(Dialect.POSTGRESQL::quote).toList();
    }

    private static String quoted(Column column) {
        return Dialect.POSTGRESQL.quote(column.name());
    }

    /** The fields of one, as far as they are said; the others are blank. */
    private final class Said {
        private final Map<String, Object> fields = new LinkedHashMap<>();

        Said(String kind, String name, String target) {
            Optional<ModelClass> known = model.find(target);
            with("name", name).with("kind", kind).with("target", target);
            with("class", known.map(ModelClass::name).orElse(""));
            with("package", known.map(c -> options.packageOf(c.entity().area())).orElse(""));
            List.of("owner", "must", "unique", "key", "deleted", "falling").forEach(f -> with(f, false));
            List.of("back", "table", "sortedBy", "links").forEach(f -> with(f, ""));
            List.of("columns", "far", "subjects").forEach(f -> with(f, List.of()));
        }

        Said with(String field, Object value) {
            fields.put(field, value);
            return this;
        }

        Said owner() {
            return with("owner", true);
        }

        Said must(boolean must) {
            return with("must", must);
        }

        Said key(boolean key) {
            return with("key", key);
        }

        Said back(Optional<String> property) {
            return with("back", property.orElse(""));
        }

        Said columns(List<String> names) {
            return with("columns", names);
        }

        Said sorted(Optional<Association.SortedBy> order) {
            return with("sortedBy", order.map(Association.SortedBy::property).orElse(""))
                    .with("falling", order.map(Association.SortedBy::falling).orElse(false));
        }

        Map<String, Object> data() {
            return Shape.ASSOCIATION.of(Shape.ASSOCIATION.fields().keySet().stream()
                    .map(fields::get)
                    .toArray());
        }
    }
}

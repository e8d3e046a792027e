package jasperwing.classes.template;

import jasperwing.classes.Association;
import jasperwing.classes.ModelClass;
import jasperwing.classes.Property;
import jasperwing.classes.language.ChosenClasses;
import jasperwing.classes.language.TypeNames;
import jasperwing.derive.Reference;
import jasperwing.model.DeleteRule;
import jasperwing.model.Entity;
import jasperwing.model.Type;
import jasperwing.naming.Step;
import jasperwing.physical.Column;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What classes know of each other as the data templates see. */
final class AssociationData {
    private static final List<String> TRUTHS =
            List.of("owner", "must", "unique", "key", "deleted", "joined", "backShared", "sameKey");
    private static final List<String> TEXTS = List.of(
            "back",
            "opposite",
            "table",
            "position",
            "links",
            "doc",
            "interface",
            "keyProperty",
            "link",
            "linkClass",
            "linkPackage",
            "linkRole");
    private static final List<String> LISTS = List.of("columns", "far", "subjects", "others", "agreed", "order");

    private final ChosenClasses classes;
    private final TypeData types;

    AssociationData(ChosenClasses classes) {
        this.classes = classes;
        this.types = new TypeData(classes);
    }

    /** Those of an entity, in the order of the class; none of one that has no class. */
    List<Data> of(Entity entity) {
        return classes.find(entity.name()).stream()
                .flatMap(c -> c.associations().stream().map(a -> data(c, a)))
                .toList();
    }

    private Data data(ModelClass subject, Association association) {
        return association.match(
                one -> toOne(one).with("agreed", agreed(subject, one)).data(),
                this::outside,
                this::inverse,
                this::joined,
                this::joinedInverse,
                this::through,
                each -> each(subject, each),
                this::oneOfKind);
    }

    private Data inverse(Association.Inverse inverse) {
        return new Said(inverse.many() ? "many" : "one", inverse.name(), inverse.target())
                .back(Optional.of(inverse.mappedBy()), Optional.of(classes.reader(inverse)))
                .with("unique", !inverse.many())
                .with("deleted", inverse.onDelete() == DeleteRule.DELETE_TOO)
                .sorted(inverse.order())
                .data();
    }

    private Data joinedInverse(Association.JoinedInverse inverse) {
        return new Said("many", inverse.name(), inverse.target())
                .back(Optional.of(inverse.mappedBy()))
                .with("joined", true)
                .sorted(inverse.order())
                .data();
    }

    private Data joined(Association.Joined joined) {
        return new Said("many", joined.name(), joined.target())
                .owner()
                .back(joined.inverse())
                .with("joined", true)
                .columns(quoted(joined.here()))
                .with("table", classes.dialect().quote(joined.table().table()))
                .with("far", quoted(joined.there()))
                .sorted(joined.order())
                .data();
    }

    private Data through(Association.ThroughLink through) {
        ModelClass link = classes.of(through.link());
        return new Said("through", through.name(), through.target())
                .with("links", through.links())
                .with("link", through.link())
                .with("linkClass", link.name())
                .with("linkPackage", classes.packageOf(link))
                .with("linkRole", through.linkRole())
                .sorted(through.order())
                .data();
    }

    private Data each(ModelClass subject, Association.OneOfEach each) {
        return new Said("each", each.name(), "")
                .owner()
                .must(each.must())
                .back(each.back())
                .with(
                        "subjects",
                        each.subjects().stream().map(s -> toOne(s).data()).toList())
                .with("others", each.outside().stream().map(this::outside).toList())
                .with("interface", classes.subjectInterface(subject, each))
                .with("backShared", isBackShared(each))
                .data();
    }

    private static boolean isBackShared(Association.OneOfEach each) {
        return each.back().isPresent()
                && each.subjects().stream().allMatch(s -> s.inverse().equals(each.back()));
    }

    private Data oneOfKind(Association.OneOfKind kind) {
        return new Said("kind", kind.name(), "")
                .owner()
                .must(kind.must())
                .columns(List.of(quoted(kind.kind()), quoted(kind.id())))
                .with("type", types.of(kind.idType()))
                .with(
                        "subjects",
                        kind.subjects().stream().map(s -> subject(kind, s)).toList())
                .data();
    }

    /** One of the kinds of thing that a kind and an id can point to. */
    private Data subject(Association.OneOfKind kind, String entity) {
        Said said = new Said("one", kind.name(), entity);
        List<Property> key =
                classes.find(entity).isPresent() ? classes.keyed(entity).keyProperties() : List.of();
        if (key.size() == 1 && !classes.hasCompositeKey(classes.keyed(entity))) {
            Type type = key.get(0).attribute().type();
            said.with("keyProperty", key.get(0).name()).with("sameKey", isSame(type, kind.idType()));
        }
        return said.data();
    }

    private boolean isSame(Type one, Type other) {
        TypeNames names = new TypeNames(classes);
        return names.qualified(one).equals(names.qualified(other));
    }

    private Data outside(Association.ToOutside out) {
        return new Said("outside", out.name(), out.target())
                .owner()
                .must(out.must())
                .key(out.key())
                .columns(List.of(quoted(out.column())))
                .with("type", types.of(out.type()))
                .data();
    }

    /** What can be changed and is to lead to the same as a property of what the association leads to. */
    private List<Data> agreed(ModelClass subject, Association.ToOne one) {
        return subject.rules().stream()
                .flatMap(r -> r.agreement().stream())
                .filter(a -> isOf(one.name(), a.reference()))
                .flatMap(a -> subject.associations().stream()
                        .filter(s -> s instanceof Association.ToOne same
                                && !same.key()
                                && same != one
                                && isOf(same.name(), a.same()))
                        .flatMap(s -> classes.model().property(a.further()).stream()
                                .map(there -> SharedShapes.AGREED.of(s.name(), there))))
                .toList();
    }

    private boolean isOf(String property, Step step) {
        return classes.model().property(step).filter(property::equals).isPresent();
    }

    private Said toOne(Association.ToOne one) {
        return new Said("one", one.name(), one.target())
                .owner()
                .must(one.must())
                .key(one.key())
                .back(one.inverse())
                .columns(quoted(one.foreignKey()))
                .with("unique", one.unique())
                .with("position", position(one))
                .with("doc", one.doc());
    }

    /** The property in which the list that leads back numbers objects; empty where it does not. */
    private String position(Association.ToOne one) {
        return classes.find(one.target()).stream()
                .flatMap(c -> c.associations().stream())
                .filter(a -> one.inverse().equals(Optional.of(a.name())))
                .filter(Association.Inverse.class::isInstance)
                .map(a -> ((Association.Inverse) a).order().position())
                .findFirst()
                .orElse("");
    }

    private List<String> quoted(Reference key) {
        return key.columns().stream().map(classes.dialect()::quote).toList();
    }

    private String quoted(Column column) {
        return classes.dialect().quote(column.name());
    }

    /** The fields of one, as far as they are said; the others are blank. */
    private final class Said {
        private final Map<String, Object> fields = new HashMap<>();

        Said(String kind, String name, String target) {
            Optional<ModelClass> known = classes.find(target);
            with("name", name).with("kind", kind).with("target", target);
            with("class", known.map(ModelClass::name).orElse(""));
            with("package", known.map(classes::packageOf).orElse(""));
            with("type", TypeData.NONE);
            TRUTHS.forEach(f -> with(f, false));
            TEXTS.forEach(f -> with(f, ""));
            LISTS.forEach(f -> with(f, List.of()));
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
            return back(property, property);
        }

        Said back(Optional<String> property, Optional<String> opposite) {
            return with("back", property.orElse("")).with("opposite", opposite.orElse(""));
        }

        Said columns(List<String> names) {
            return with("columns", names);
        }

        Said sorted(Association.Order order) {
            List<Data> keys = order.keys().stream()
                    .map(k -> SharedShapes.SORTED_BY.of(k.path(), k.falling(), k.ofLink()))
                    .toList();
            order.number().ifPresent(n -> with("type", types.of(n)));
            return with("order", keys).with("position", order.position());
        }

        Data data() {
            return SharedShapes.ASSOCIATION.of(SharedShapes.ASSOCIATION.fields().keySet().stream()
                    .map(fields::get)
                    .toArray());
        }
    }
}

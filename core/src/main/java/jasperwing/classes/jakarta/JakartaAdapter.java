package jasperwing.classes.jakarta;

import jasperwing.classes.ModelClass;
import jasperwing.classes.ModelGroup;
import jasperwing.classes.Property;
import jasperwing.classes.language.ChosenClasses;
import jasperwing.classes.language.Field;
import jasperwing.classes.template.Data;
import jasperwing.classes.template.Shape;
import jasperwing.classes.template.StandardAdapter;
import jasperwing.classes.template.TypeData;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What Jakarta Persistence and Jakarta Validation ask of classes. */
public final class JakartaAdapter implements StandardAdapter {
    /** As targets name it. */
    public static final String WORD = "jakarta";

    public static final Factory FACTORY = new Factory() {
        @Override
        public StandardAdapter of(ChosenClasses classes, TypeData types) {
            return new JakartaAdapter(classes, types);
        }

        @Override
        public List<Shape> shapes() {
            return JakartaShapes.ALL;
        }
    };

    private final ChosenClasses classes;
    private final TypeData types;
    private final Columns columns;

    private JakartaAdapter(ChosenClasses classes, TypeData types) {
        this.classes = classes;
        this.types = types;
        this.columns = new Columns(classes);
    }

    @Override
    public ChosenClasses classes() {
        return classes;
    }

    @Override
    public List<Adapted> fields(ModelClass subject) {
        return MappedFields.of(classes, subject).stream().map(this::adapted).toList();
    }

    @Override
    public List<Adapted> fields(ModelGroup group) {
        return MappedFields.of(classes, group).stream().map(this::adapted).toList();
    }

    private Adapted adapted(MappedField mapped) {
        Optional<Property> property = mapped.field().property();
        Data data = JakartaShapes.FIELD.of(
                Data.later(() -> AnnotationData.of(mapped.mappings())),
                Data.later(() -> AnnotationData.of(mapped.rules())),
                property.filter(p -> MappedFields.isAsStored(classes, p)).isPresent(),
                property.filter(p -> p.attribute().isListInRow())
                        .map(p -> classes.packageOf("") + "." + columns.listText(p))
                        .orElse(""));
        return new Adapted(mapped.field(), data);
    }

    @Override
    public List<Field> key(ModelClass subject) {
        return MappedFields.ofKey(classes, subject);
    }

    @Override
    public Data ofDesign() {
        return JakartaShapes.DESIGN.of(Data.later(this::rowLists));
    }

    private List<Data> rowLists() {
        Map<String, Property> lists = new LinkedHashMap<>();
        classes.model().design().entities().stream()
                .filter(e -> e.attributes().stream().anyMatch(Attribute::isListInRow))
                .flatMap(e -> classes.model().find(e.name()).stream())
                .distinct()
                .flatMap(c -> c.properties().stream())
                .filter(p -> p.attribute().list() && p.column().isPresent())
                .forEach(p -> lists.putIfAbsent(columns.listText(p), p));
        List<Data> all = new ArrayList<>();
        lists.forEach((name, list) -> all.add(JakartaShapes.ROW_LIST.of(
                name, Columns.isArray(list), types.of(list.attribute().type()))));
        return all;
    }

    @Override
    public Data ofClass(ModelClass subject, Map<String, Data> fields) {
        return JakartaShapes.OBJECT.of(
                Data.later(() -> AnnotationData.of(ClassAnnotations.of(classes, subject))),
                Callback.of(subject).stream().map(c -> callback(c, fields)).toList());
    }

    private static Data callback(Callback callback, Map<String, Data> fields) {
        return JakartaShapes.CALLBACK.of(
                callback.event(),
                callback.method(),
                callback.fields().stream().map(fields::get).toList());
    }

    @Override
    public Data ofGroup(ModelGroup group) {
        boolean value = group.group().is(AttributeGroup.Kind.VALUE);
        return JakartaShapes.GROUP.of(AnnotationData.of(value ? ClassAnnotations.ofValue() : List.of()));
    }
}

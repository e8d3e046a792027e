package jasperwing.classes.jakarta;

import jasperwing.classes.template.Data;
import java.util.ArrayList;
import java.util.List;

/** Annotations as the data templates see. */
final class AnnotationData {
    private AnnotationData() {}

    static List<Data> of(List<Annotation> annotations) {
        return annotations.stream().map(AnnotationData::of).toList();
    }

    private static Data of(Annotation annotation) {
        List<Data> members = new ArrayList<>();
        annotation.members().forEach((name, value) -> members.add(JakartaShapes.MEMBER.of(name, value(value))));
        return JakartaShapes.ANNOTATION.of(annotation.home(), annotation.name(), members);
    }

    private static Object value(Object value) {
        if (value instanceof Annotation annotation) {
            return of(annotation);
        }
        if (value instanceof Annotation.Constant constant) {
            return JakartaShapes.CONSTANT.of(constant.home(), constant.type(), constant.name());
        }
        if (value instanceof Annotation.ClassName type) {
            return JakartaShapes.CLASS_NAME.of(type.qualified(), type.nested());
        }
        return value instanceof List<?> list
                ? list.stream().map(AnnotationData::value).toList()
                : value;
    }
}

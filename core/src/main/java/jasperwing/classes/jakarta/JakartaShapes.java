package jasperwing.classes.jakarta;

import jasperwing.classes.template.Shape;
import java.util.List;

/** What templates see of what Jakarta Persistence and Jakarta Validation say. */
final class JakartaShapes {
    static final Shape DESIGN = new Shape(
            "mapping of a design",
            "With `uses jakarta`: what is said of the whole.",
            """
            rowLists: the kinds of lists that objects keep in a column: a list of **row list**
            """);

    static final Shape OBJECT = new Shape(
            "mapping of an object",
            "With `uses jakarta`: what is said of a class, in any language that keeps objects by these standards.",
            """
            annotations: what is said of the class as a whole: a list of **annotation**
            callbacks: the methods that set what is set by itself, or refuse that an object is deleted: a list of **callback**
            """);

    static final Shape GROUP = new Shape(
            "mapping of a group",
            "With `uses jakarta`: what is said of the class of a value or trait.",
            """
            annotations: what is said of the class: a list of **annotation**
            """);

    static final Shape FIELD = new Shape(
            "mapping of a field",
            "With `uses jakarta`: what is said of a field.",
            """
            annotations: mapping annotations: a list of **annotation**
            rules: validation annotations: a list of **annotation**
            asStored: whether the field holds the stored form, which accessors convert: a text, or the milliseconds of a duration
            listText: the qualified name of the class that converts a list stored in a column to text and back
            """);

    static final Shape ANNOTATION = new Shape(
            "annotation",
            "An annotation of a class or a field.",
            """
            package: the package of the annotation
            name: its simple name, such as `JoinColumn`
            members: in order: a list of **annotation member**
            """);

    static final Shape MEMBER = new Shape(
            "annotation member",
            "A member of an annotation.",
            """
            name: its name, such as `nullable`; `value` for the one that goes without
            value: a text, a number, a truth value, a **constant**, a **class name**, an **annotation**, or a list of these
            """);

    static final Shape CONSTANT = new Shape(
            "constant",
            "A constant of an enum of a standard.",
            """
            enumOf: the package of the enum
            type: the enum
            constant: its name
            """);

    static final Shape CLASS_NAME = new Shape(
            "class name",
            "A class that an annotation names.",
            """
            qualified: its qualified name, or that of the class around it
            nested: its name within that one, or empty
            """);

    static final Shape CALLBACK = new Shape(
            "callback",
            "A lifecycle callback: a method called before an object is stored or deleted.",
            """
            annotation: when it is called: `PrePersist`, `PreUpdate` or `PreRemove`
            method: its name
            fields: the fields it sets, or those that must be empty before the object is deleted: a list of **field**
            """);

    static final Shape ROW_LIST = new Shape(
            "row list",
            "A kind of list that objects keep in a column.",
            """
            class: the name of the class that makes texts of such lists, and lists of texts
            array: whether they are kept as an array; else as JSON
            type: the **type** of an element
            """);

    /** In the order of the guide. */
    static final List<Shape> ALL =
            List.of(DESIGN, OBJECT, GROUP, FIELD, ANNOTATION, MEMBER, CONSTANT, CLASS_NAME, CALLBACK, ROW_LIST);

    private JakartaShapes() {}
}

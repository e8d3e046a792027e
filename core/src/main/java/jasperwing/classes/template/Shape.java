package jasperwing.classes.template;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What templates see of one kind of thing: its fields and what they mean, from which the guide to them is written. */
enum Shape {
    DESIGN(
            "design",
            "The whole, in every template.",
            "name",
            "its name",
            "package",
            "the package of what belongs to no area, such as `saltmarsh`",
            "header",
            "what is to stand at the head of every file, or empty",
            "records",
            "whether rows are to be records; else classes like them",
            "values",
            "the name of a class for what all share that no other class has",
            "entities",
            "every entity with a table, in order: a list of **entity**",
            "enums",
            "every enum, in order: a list of **enum**"),
    ENTITY(
            "entity",
            "What `entity.ftl` is run for.",
            "name",
            "its name in the design",
            "label",
            "how people see it; empty when it is its name",
            "doc",
            "its documentation, or empty",
            "area",
            "the name of its area, or empty",
            "package",
            "its package: that of the design, and below it one for each area",
            "class",
            "its name as that of a class",
            "rows",
            "the name of a class for its rows that no other class has",
            "table",
            "its table's name as SQL writes it",
            "condition",
            "of a kind whose rows lie among others, what tells them apart, as SQL; else empty",
            "columns",
            "what its rows keep, in order, but what the database computes: a list of **column**",
            "computed",
            "what is computed from a row alone, in order: a list of **column**",
            "key",
            "the columns of its key, in order",
            "uniques",
            "what no two rows share besides the key: a list of lists of **column**",
            "references",
            "what its rows point to: a list of **reference**",
            "oneOfs",
            "where its rows point to one of several kinds of thing by a column for each: a list of **one of**",
            "lists",
            "its lists that are kept as rows of their own: a list of **rows**",
            "joins",
            "its plain many-to-many relationships, from its side: a list of **join**",
            "associations",
            "what its objects know of others: a list of **association**",
            "parent",
            "the entity it is a kind of, or empty",
            "onlyKinds",
            "whether every row of it is one of its kinds",
            "shown",
            "the attributes and roles an object is shown by, by their names in the design"),
    ASSOCIATION(
            "association",
            "What an object of a class knows of others, as a property, whichever table keeps it.",
            "name",
            "the name of the property",
            "kind",
            "`one`, `many`, `outside` (a key in another system), `through` (the far ends of links), `each` (one of several by a column for each) or `kind` (one of several by a kind and an id)",
            "target",
            "the entity it leads to; empty where it is one of several",
            "class",
            "that entity's name as that of a class, or empty",
            "package",
            "its package, or empty",
            "owner",
            "whether its own side keeps it: in columns of its table, or as pairs",
            "back",
            "the property at the other end that leads back, or empty",
            "must",
            "whether there is always one",
            "unique",
            "whether no two lead to the same",
            "key",
            "whether it is in the key",
            "deleted",
            "whether what it leads to goes with the object",
            "columns",
            "the names of columns that keep it, as SQL writes them: of the entity's table, or of pairs",
            "table",
            "of pairs their table as SQL writes it, else empty",
            "far",
            "of pairs the names of the columns that lead to the far end",
            "sortedBy",
            "of many the property they are in order of, or empty",
            "falling",
            "whether that order is a falling one",
            "links",
            "of far ends the property of the links they are read through, or empty",
            "subjects",
            "of one of several what it can be: a list of **association**"),
    COLUMN(
            "column",
            "A column of a table.",
            "name",
            "its name as SQL writes it",
            "plain",
            "its name as it is",
            "property",
            "its name as that of a property",
            "member",
            "the attribute or role it is made of",
            "type",
            "its type in the design's words without sizes, such as `text`, `small int` or `timestamp`; `enum` for an enum",
            "enum",
            "the class of its enum, or empty",
            "length",
            "the most characters of a text; 0 when not said",
            "precision",
            "the digits of a decimal; 0 when not said",
            "scale",
            "those of them behind the point",
            "list",
            "whether it is an array of such values",
            "sqlType",
            "its type as PostgreSQL writes it",
            "required",
            "whether it must be filled",
            "generated",
            "whether the database counts it up",
            "key",
            "whether it is in the primary key",
            "stamp",
            "`insert` or `update` when it is set by itself, else empty",
            "version",
            "whether it counts the updates of its row",
            "formula",
            "what the database computes it by, as SQL of PostgreSQL, or empty",
            "from",
            "the least value, or empty",
            "to",
            "the greatest value, or empty",
            "longerThan",
            "the number of characters a text must exceed, or -1",
            "matching",
            "the regular expression a text must match, or empty",
            "doc",
            "its documentation, or empty"),
    REFERENCE(
            "reference",
            "A foreign key.",
            "role",
            "the role, as the name of a property",
            "target",
            "the entity it points to",
            "class",
            "that entity's name as that of a class",
            "package",
            "that entity's package",
            "columns",
            "the columns that point, in order: a list of **column**",
            "must",
            "whether each row points to one",
            "unique",
            "whether no two rows point to the same",
            "outside",
            "whether what it points to lives in another system"),
    ONE_OF(
            "one of",
            "A reference to one of several kinds of thing.",
            "role",
            "the role, as the name of a property",
            "class",
            "the role as the name of a class, behind that of the entity",
            "must",
            "whether each row points to one",
            "subjects",
            "a list of **reference**, one for each kind of thing"),
    ROWS(
            "rows",
            "A list that is kept in a table of its own.",
            "property",
            "its name as that of a property",
            "table",
            "its table's name as SQL writes it",
            "owner",
            "the columns that point to the entity's key, in order",
            "position",
            "the column of the position, counted from 0",
            "elements",
            "the columns of an element: one, or those of a value",
            "doc",
            "its documentation, or empty"),
    JOIN(
            "join",
            "A join table, seen from one of its ends.",
            "role",
            "the role of those at the other end, as the name of a property",
            "table",
            "its table's name as SQL writes it",
            "here",
            "the columns that point to this end",
            "there",
            "the columns that point to the other end",
            "target",
            "the entity at the other end",
            "class",
            "that entity's name as that of a class"),
    ENUM(
            "enum",
            "What `enum.ftl` is run for.",
            "name",
            "its name in the design",
            "class",
            "its name as that of a class",
            "package",
            "its package",
            "values",
            "a list of **value**"),
    VALUE(
            "value",
            "A value of an enum.",
            "name",
            "as it is stored",
            "constant",
            "as the name of a constant",
            "label",
            "as people see it");

    private final String title;
    private final String about;
    private final Map<String, String> fields = new LinkedHashMap<>();

    Shape(String title, String about, String... fields) {
        this.title = title;
        this.about = about;
        for (int i = 0; i < fields.length; i += 2) {
            this.fields.put(fields[i], fields[i + 1]);
        }
    }

    String title() {
        return title;
    }

    String about() {
        return about;
    }

    /** What each field means, in order. */
    Map<String, String> fields() {
        return new LinkedHashMap<>(fields);
    }

    /** Data of this shape: a value for each field, in order. */
    Map<String, Object> of(Object... values) {
        if (values.length != fields.size()) {
            throw new IllegalArgumentException(
                    title + " has " + fields.size() + " fields, but was given " + values.length + " values");
        }
        Map<String, Object> data = new LinkedHashMap<>();
        List<String> names = new ArrayList<>(fields.keySet());
        for (int i = 0; i < values.length; i++) {
            data.put(names.get(i), values[i]);
        }
        return data;
    }
}

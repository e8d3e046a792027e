package jasperwing.classes.template;

import java.util.List;

/** What templates see, whatever the language. */
final class SharedShapes {
    static final Shape DESIGN = new Shape(
            "design",
            "The whole, in every template.",
            """
            name: its name
            package: the package of what belongs to no area, such as `saltmarsh`
            header: what is to stand at the head of every file, or empty
            records: whether rows are to be records; else classes like them
            values: the name of a class for what all share that no other class has
            options: what is chosen for the target, by its words in the notation, such as `design.options.setters`
            entities: every entity with a table, in order: a list of **entity**
            enums: every enum, in order: a list of **enum**
            valueTypes: every value, in order: a list of **group**
            traits: every trait, in order: a list of **group**
            durations: whether anything is a duration
            timeOrdered: whether anything is a UUID of version 7 by default
            inverses: whether any two objects know each other, so that what changes at one end changes at the other
            mapping: what the standard that the target uses says of it; missing where it uses none
            """);

    static final Shape ENTITY = new Shape(
            "entity",
            "What `entity.ftl` is run for.",
            """
            name: its name in the design
            label: how people see it; empty when it is its name
            doc: its documentation, or empty
            area: the name of its area, or empty
            package: its package: that of the design, and below it one for each area
            class: its name as that of a class
            rows: the name of a class for its rows that no other class has
            table: its table's name as SQL writes it
            view: whether that is a read-only view over the tables of its kinds
            condition: the discriminator condition as SQL, of a kind stored in the table of another entity; else empty
            columns: the stored columns of its table, in order, without computed ones: a list of **column**
            components: the components of a row, in order; a value of several columns is one: a list of **component**
            base: the parent **entity** whose table is joined, of a kind with a table of its own; missing for others
            computed: attributes computed from the row alone, in order: a list of **column**
            rules: the rules it states, those it inherits first: a list of **rule**
            key: the columns of its key, in order
            uniques: unique constraints besides the key: a list of lists of **column**
            references: its foreign keys: a list of **reference**
            oneOfs: one-of relationships stored as a column for each subject: a list of **one of**
            lists: lists stored in tables of their own: a list of **rows**
            joins: plain many-to-many relationships, seen from this entity: a list of **join**
            associations: the associations of its class: a list of **association**
            parent: the name of the entity it is a kind of, or empty
            parentClass: that as the name of a class, or empty
            kinds: what is a kind of it, in order: a list of **entity**
            traits: its traits, in order: a list of **group**
            onlyKinds: whether it is abstract: every row is one of its kinds
            shown: the attributes and roles an object is shown by, by their names in the design
            object: what it is as a class of objects that know each other: an **object**
            """);

    static final Shape OBJECT = new Shape(
            "object",
            "An entity as a class of objects.",
            """
            above: the **entity** it is a kind of; missing where it is none
            root: whether it is the root of a family of kinds
            abstract: whether the class is abstract
            interfaces: the qualified names of interfaces: of its traits, and of the one of several it can be
            mapping: what the standard that the target uses says of it; missing where it uses none
            fields: in order, its key first and what leads back last: a list of **field**
            properties: its attributes in the order of the design, as fields
            computed: what is computed, as fields; `code(field.name)` gives the statements
            key: the parts of its key, as fields with the type of the key where they refer to another
            composite: whether its key, or that of what it is a kind of, is other than one attribute
            shown: what an object is shown by: a list of **shown**
            """);

    static final Shape FIELD = new Shape(
            "field",
            "What an object has.",
            """
            name: its name
            member: the property it belongs to, for `of`; one of several has a field for each
            doc: its documentation, or empty
            type: a **type**
            attribute: whether it is an attribute; the fields below are empty for others
            default: its default, or empty; of an enum the name of the constant
            defaultKind: `number`, `date`, `word` (`true`, `false`, `now`, `today` or `uuid`), `clock` (such as `today + 14 days`), `uuid` (of version 7), `text`, `enum`, or empty
            optional: whether it is nullable
            generated: whether it is an identity column
            key: whether it is in the key
            stamp: `insert` or `update` when it is set automatically then, else empty
            inRow: whether it is a list stored in a column
            mapping: what the standard that the target uses says of it; missing where it uses none
            """);

    static final Shape TYPE = new Shape(
            "type",
            "The type of a field.",
            """
            word: in the design's words without sizes; `enum`, `value`, `object`, or `key` for the whole key of an entity
            class: the class of an enum, value or entity, or empty
            package: its package, or empty
            many: `list` or `set` when there are several, else empty
            """);

    static final Shape SHOWN = new Shape(
            "shown",
            "A property an object is shown by.",
            """
            name: its name
            above: whether it is one of what the entity is a kind of
            """);

    static final Shape GROUP = new Shape(
            "group",
            "A value or a trait; what `value.ftl` and `trait.ftl` are run for.",
            """
            name: its name in the design
            class: its name as that of a class
            package: its package
            doc: its documentation, or empty
            mapping: what the standard that the target uses says of it; missing where it uses none
            fields: in order: a list of **field**
            rules: the rules that a value states: a list of **rule**
            """);

    static final Shape RULE = new Shape(
            "rule",
            "A condition that every object, row or value fulfils.",
            """
            name: its name as that of a member
            message: what is said of one that breaks it
            inherited: whether it is stated of what the entity is a kind of
            """);

    static final Shape ASSOCIATION = new Shape(
            "association",
            "What an object of a class knows of others, as a property, whichever table keeps it.",
            """
            name: the name of the property
            kind: `one`, `many`, `outside` (a key of what others keep), `through` (the far ends of links), `each` (one of several by a column for each) or `kind` (one of several by a kind and an id)
            target: the entity it leads to; empty where it is one of several
            class: that entity's name as that of a class, or empty
            package: its package, or empty
            owner: whether this is the owning side: its table has the columns, or it owns the join table
            back: the inverse property, or empty
            must: whether it is required
            unique: whether the reference is unique
            key: whether it is in the key
            deleted: whether the target is deleted with the object
            columns: the names of columns that keep it, as SQL writes them: of the entity's table, or of pairs
            table: of pairs their table as SQL writes it, else empty
            far: of pairs the names of the columns that lead to the far end
            order: of many what they are in order of, the next for those that agree in the one before: a list of **sorted by**
            position: of many whose order is kept the property of the target that numbers them, of one the property of this object that is so numbered; else empty
            links: of far ends the property of the links they are read through, or empty
            subjects: of one of several what it can be: a list of **association**
            doc: its documentation, or empty
            joined: whether pairs are kept in a table of their own
            opposite: the property at the other end that changes with it, or empty: `back`, or the one of several that is kept by it
            type: of a key in another system, and of one of several by a kind and an id, the **type** of the key; of many that are numbered, of their numbers
            others: of one of several what it can be in other systems: a list of **association**
            interface: of one of several the qualified name of an interface for what it can be, or empty
            backShared: whether all that it can be call the way back the same
            keyProperty: of what a kind and an id point to the property that is its key; empty when that is several
            sameKey: whether that key is of the type of the id
            link: of far ends the entity they are read through, or empty
            linkClass: its name as that of a class, or empty
            linkPackage: its package, or empty
            linkRole: the property of a link that leads to the far end, or empty
            agreed: what is set together with it, so that rules hold: a list of **agreed**
            """);

    static final Shape SORTED_BY = new Shape(
            "sorted by",
            "A property that a collection is in order of.",
            """
            path: its name, and within a value what leads to the part: a list of names
            falling: whether that order is a falling one
            ofLink: whether it is one of the links the far ends are read through
            """);

    static final Shape AGREED = new Shape(
            "agreed",
            "A property that leads to the same as a property of what another leads to, as a rule says.",
            """
            name: the name of the property
            there: the name of the property of what the other leads to
            """);

    static final Shape COLUMN = new Shape(
            "column",
            "A column of a table.",
            """
            name: its name as SQL writes it
            plain: its name as it is
            property: its name as that of a property
            member: the attribute or role it is made of
            type: its type in the design's words without sizes, such as `text`, `small int` or `timestamp`; `enum` for an enum
            enum: the class of its enum, or empty
            length: the most characters of a text; 0 when not said
            precision: the digits of a decimal; 0 when not said
            scale: those of them behind the point
            list: whether it is an array of such values
            sqlType: its type as its database writes it
            required: whether it is not null
            generated: whether it is an identity column
            key: whether it is in the primary key
            stamp: `insert` or `update` when it is set automatically then, else empty
            version: whether it is the version of its row for optimistic locking
            formula: what the database computes it by, as its SQL, or empty
            from: the least value, or empty
            to: the greatest value, or empty
            longerThan: the number of characters a text must exceed, or -1
            matching: the regular expression a text must match, or empty
            ignoringCase: whether capitals make no difference where it is unique
            doc: its documentation, or empty
            path: the components that lead to it from its row, the outermost first; empty for one of the row itself: a list of **step**
            part: what the last of them calls it; empty for the elements of a list that are no values
            partRequired: whether it must be filled where the last of them is there
            """);

    static final Shape COMPONENT = new Shape(
            "component",
            "What a row has as one: what a column keeps, a value of several columns, or the row of what it is a kind of.",
            """
            property: its name
            member: the attribute or role it is made of
            doc: its documentation, or empty
            column: the **column**; missing for what has several
            class: the class of what has several, or empty
            package: its package, or empty
            optional: whether it may be missing
            parts: of a value what it has, in order: a list of **component**
            columns: all its columns, in order; none for the row of what it is a kind of
            """);

    static final Shape STEP = new Shape(
            "step",
            "A component that leads further.",
            """
            property: its name
            class: its class
            package: the package of that
            optional: whether it may be missing
            """);

    static final Shape REFERENCE = new Shape(
            "reference",
            "A foreign key.",
            """
            role: the role, as the name of a property
            target: the entity it points to
            class: that entity's name as that of a class
            package: that entity's package
            columns: the columns that point, in order: a list of **column**
            must: whether each row points to one
            unique: whether no two rows point to the same
            outside: whether others keep what it points to
            """);

    static final Shape ONE_OF = new Shape(
            "one of",
            "A reference to one of several kinds of thing.",
            """
            role: the role, as the name of a property
            class: the role as the name of a class, behind that of the entity
            must: whether each row points to one
            subjects: a list of **reference**, one for each kind of thing
            member: the role it is made of, for `of`
            """);

    static final Shape ROWS = new Shape(
            "rows",
            "A list that is kept in a table of its own.",
            """
            property: its name as that of a property
            table: its table's name as SQL writes it
            owner: the columns that point to the entity's key, in order
            position: the column of the position, counted from 0
            elements: the columns of an element: one, or those of a value
            element: an element as a **component**
            doc: its documentation, or empty
            member: the attribute it is made of, for `of`
            """);

    static final Shape JOIN = new Shape(
            "join",
            "A join table, seen from one of its ends.",
            """
            role: the role of those at the other end, as the name of a property
            table: its table's name as SQL writes it
            here: the columns that point to this end
            there: the columns that point to the other end
            target: the entity at the other end
            class: that entity's name as that of a class
            member: the role it is made of, for `of`
            """);

    static final Shape ENUM = new Shape(
            "enum",
            "What `enum.ftl` is run for.",
            """
            name: its name in the design
            class: its name as that of a class
            package: its package
            values: a list of **value**
            doc: its documentation, or empty
            """);

    static final Shape VALUE = new Shape(
            "value",
            "A value of an enum.",
            """
            name: as it is stored
            constant: as the name of a constant
            label: as people see it
            doc: what it means, or empty
            retired: whether rows may still hold it, but new ones should not
            """);

    /** In the order of the guide. */
    static final List<Shape> ALL = List.of(
            DESIGN,
            ENTITY,
            OBJECT,
            FIELD,
            TYPE,
            SHOWN,
            GROUP,
            RULE,
            ASSOCIATION,
            AGREED,
            SORTED_BY,
            COLUMN,
            COMPONENT,
            STEP,
            REFERENCE,
            ONE_OF,
            ROWS,
            JOIN,
            ENUM,
            VALUE);

    private SharedShapes() {}
}

package jasperwing.findings;

/** The rules every design is held against. Codes are stable: scripts stand on them. */
public enum Rule {
    DUPLICATE_NAME("duplicate-name", Level.ERROR, "no two elements of one scope have the same name"),
    LOOK_ALIKE_NAME("look-alike-name", Level.WARNING, "no two names look the same"),
    DEVICE_NAME("device-name", Level.ERROR, "every class can be in a file of its name on every system"),
    UNKNOWN_NAME("unknown-name", Level.ERROR, "every name that is used exists"),
    VALUE_IN_ITSELF("value-in-itself", Level.ERROR, "no value is a part of itself"),
    KINDS_IN_CIRCLE("kinds-in-circle", Level.ERROR, "nothing is a kind of itself"),
    KIND_OUTSIDE("kind-outside", Level.ERROR, "kinds and what they are kinds of are kept here"),
    KIND_WITH_KEY("kind-with-key", Level.ERROR, "every kind is known by the key of what it is a kind of"),
    COUNTED_KEY_APART("counted-key-apart", Level.ERROR, "no key is counted up in several tables"),
    UNIQUE_APART("unique-apart", Level.ERROR, "what is unique together lies in one table"),
    KIND_NOT_ENFORCED("kind-not-enforced", Level.WARNING, "every reference to a kind is enforced by the database"),
    KIND_ROWS_NOT_ENFORCED(
            "kind-rows-not-enforced", Level.WARNING, "the database enforces that each row of a family is of one kind"),
    NO_KINDS("no-kinds", Level.ERROR, "what is only its kinds has some"),
    KINDS_KEPT_IN_VAIN("kinds-kept-in-vain", Level.WARNING, "only the root of a family says how its kinds are kept"),
    KINDS_TOO_DEEP("kinds-too-deep", Level.WARNING, "no row is spread over more tables than people follow"),
    PHYSICAL_CLASH("physical-clash", Level.ERROR, "no two tables and no two columns of a table have the same name"),
    RESERVED_WORD("reserved-word", Level.WARNING, "no table, column or property is a reserved word"),
    NO_KEY("no-key", Level.ERROR, "every entity has a key"),
    KEY_TOO_WIDE("key-too-wide", Level.ERROR, "every key has as few columns as a database takes"),
    VALUE_TOO_WIDE("value-too-wide", Level.ERROR, "every value has few enough columns to be kept"),
    KEY_MEMBER("key-member", Level.ERROR, "every part of a key is one value"),
    EMPTY_ON_MUST("empty-on-must", Level.ERROR, "no rule empties a reference that must be filled"),
    REQUIRED_SELF("required-self-reference", Level.ERROR, "no entity must point to itself"),
    REQUIRED_CYCLE("required-cycle", Level.ERROR, "no circle of references that must all be filled"),
    CHECKED_AT_ONCE("checked-at-once", Level.WARNING, "the database can check keys when it is asked to"),
    SORTED_OTHERWISE(
            "sorted-otherwise", Level.WARNING, "the database knows the order of every language texts are sorted as"),
    UNDECLARED_REFERENCE("undeclared-reference", Level.WARNING, "every reference is a relationship"),
    RULE_ON_JOIN(
            "rule-on-join", Level.WARNING, "a delete rule on a plain many-to-many forbids to delete what is paired"),
    RULE_ON_OUTSIDE("rule-on-outside", Level.WARNING, "no rule on deleting or changing what lives in another system"),
    ONE_OF_KEYS_DIFFER("one-of-keys-differ", Level.ERROR, "subjects kept as a kind and an id are keyed alike"),
    ONE_OF_NOT_ENFORCED("one-of-not-enforced", Level.WARNING, "every one-of is enforced by the database"),
    HALF_REFERENCE(
            "half-reference",
            Level.WARNING,
            "the database enforces that a reference of several columns is filled as a whole"),
    DEFAULT_NOT_OF_TYPE("default-not-of-type", Level.ERROR, "every default is a value of its type"),
    RETIRED_DEFAULT("retired-default", Level.WARNING, "no default is a value that is retired"),
    RANGE_NOT_OF_TYPE("range-not-of-type", Level.ERROR, "every range suits its type"),
    FORM_NOT_OF_TYPE("form-not-of-type", Level.ERROR, "only texts have a least length, a pattern or capitals"),
    STAMP_NOT_OF_TYPE("stamp-not-of-type", Level.ERROR, "only times and counts are set by themselves"),
    LIST_NOT_IN_ROW("list-not-in-row", Level.ERROR, "only lists that can lie in a row are kept in it"),
    LIST_NOT_CHECKED("list-not-checked", Level.WARNING, "the database checks the elements of every list"),
    PATTERN_NOT_CHECKED("pattern-not-checked", Level.WARNING, "the database checks every pattern"),
    RULE_NOT_CHECKED("rule-not-checked", Level.WARNING, "the database checks every rule over a row"),
    RULE_STATED_TWICE("rule-stated-twice", Level.WARNING, "no two rules of an entity say the same"),
    FORMULA_UNKNOWN_NAME("formula-unknown-name", Level.ERROR, "every name and function in a formula exists"),
    FORMULA_IN_CIRCLE("formula-in-circle", Level.ERROR, "nothing is computed from itself"),
    FORMULA_NOT_OF_TYPE("formula-not-of-type", Level.ERROR, "every formula gives a value of its attribute's type"),
    INDEX_CONDITION("index-condition", Level.ERROR, "every condition of an index is one of its row"),
    RULE_CONDITION("rule-condition", Level.ERROR, "every rule is a condition over its row"),
    CANNOT_INDEX("cannot-index", Level.ERROR, "the database can index what is unique, indexed or in a key"),
    NAME_TOO_LONG("name-too-long", Level.WARNING, "every name is as short as the database takes it"),
    NAME_NOT_USED("name-not-used", Level.WARNING, "every name given for the database is one there"),
    POSITIONS_COLLIDE("positions-collide", Level.WARNING, "what is put in order by hand can be moved"),
    NAME_NOT_USABLE("name-not-usable", Level.WARNING, "every name can be one in code"),
    PLURAL_ENTITY("plural-entity", Level.WARNING, "every entity is named after one"),
    OPTIONAL_KEY("optional-key", Level.WARNING, "nothing in a key may be empty"),
    UNSTABLE_KEY("unstable-key", Level.WARNING, "no key is what people change"),
    INEXACT_KEY("inexact-key", Level.WARNING, "every key is of a kind that is the same again"),
    WIDE_KEY("wide-key", Level.WARNING, "no key is wider than it need be"),
    REDUNDANT_UNIQUE("redundant-unique", Level.WARNING, "nothing is unique that follows from what is"),
    NOT_COUNTED_UP("not-counted-up", Level.WARNING, "the database counts up every serial"),
    COUNTED_OTHERWISE("counted-otherwise", Level.WARNING, "every serial is counted as is said"),
    COUNTED_FROM_BELOW("counted-from-below", Level.ERROR, "no serial begins below its range"),
    REFERENCE_TYPE_DIFFERS("reference-type-differs", Level.WARNING, "what holds a key has the type of that key"),
    RELATIONSHIP_TWICE("relationship-twice", Level.WARNING, "no relationship is said twice"),
    REQUIRED_BOTH_SIDES("required-both-sides", Level.WARNING, "no one-to-one must be on both sides"),
    ROUTES_DISAGREE("routes-disagree", Level.WARNING, "no two routes to one ancestor can disagree"),
    CASCADE_ROUTES("cascade-routes", Level.WARNING, "no delete reaches a table by two ways"),
    CASCADE_CIRCLE("cascade-circle", Level.WARNING, "no delete comes back to where it began"),
    DELETE_RULE_REPLACED(
            "delete-rule-replaced", Level.WARNING, "the database takes every rule on deleting and changing keys"),
    FAR_CASCADE("far-cascade", Level.WARNING, "no delete goes on through more than two entities"),
    TWO_JOINS("two-joins", Level.WARNING, "two entities are joined by one table"),
    BARE_LINK("bare-link", Level.WARNING, "every link carries something"),
    ONLY_A_JOIN("only-a-join", Level.WARNING, "no entity is only the pairs of two others"),
    AT_LEAST_ONE("at-least-one", Level.WARNING, "nothing must have many"),
    AT_MOST("at-most", Level.WARNING, "the database counts no rows that are limited in number"),
    SELF_JOIN_ALIKE("self-join-alike", Level.WARNING, "the ends of a many-to-many with itself have two names"),
    ONE_OF_SINGLE("one-of-single", Level.WARNING, "every one-of has several subjects"),
    KIND_RENAMED("kind-renamed", Level.WARNING, "no subject kept by its kind was renamed"),
    MONEY_IN_REAL("money-in-real", Level.WARNING, "no money is kept as a real"),
    OPTIONAL_BOOLEAN("optional-boolean", Level.WARNING, "every boolean is true or false"),
    NO_ZONE("no-zone", Level.WARNING, "every moment has a zone"),
    SECRET_IN_CLEAR("secret-in-clear", Level.WARNING, "no secret is kept as it is"),
    UNBOUNDED_IN_INDEX("unbounded-in-index", Level.WARNING, "what is indexed has a length"),
    NUMBERED_REPEATS("numbered-repeats", Level.WARNING, "nothing is repeated under numbers"),
    PREFIX_GROUP("prefix-group", Level.WARNING, "what belongs together is gathered"),
    REPEATED_GROUP("repeated-group", Level.WARNING, "what several entities have is said once"),
    UNTIED("untied", Level.WARNING, "every entity is related to something"),
    NO_ATTRIBUTES("no-attributes", Level.WARNING, "every entity has attributes"),
    TANGLED_AREAS("tangled-areas", Level.WARNING, "no areas point to each other in a circle"),
    UNUSED_DECLARATION("unused-declaration", Level.WARNING, "every enum, value, trait and area is used"),
    TEXT_FOR_TYPE("text-for-type", Level.WARNING, "no date, number or money is kept as text"),
    LIST_OF_IDS("list-of-ids", Level.WARNING, "no column holds a list of keys"),
    UNIQUE_WITH_NULLS("unique-with-nulls", Level.WARNING, "what is unique together is never null"),
    SOFT_DELETE_UNIQUE("soft-delete-unique", Level.WARNING, "no deleted row blocks what is unique"),
    COPIED_ATTRIBUTE("copied-attribute", Level.WARNING, "no attribute repeats what a reference leads to"),
    STORED_TOTAL("stored-total", Level.WARNING, "no count or sum is stored that can be computed"),
    BOOLEANS_AS_STATE("booleans-as-state", Level.WARNING, "no state is spread over booleans"),
    MISSING_UNIQUE("missing-unique", Level.WARNING, "what identifies a thing is unique"),
    NO_MEMBERSHIP("no-membership", Level.WARNING, "what only members have refers to the membership"),
    UNKNOWN_OPTION("unknown-option", Level.WARNING, "every choice for a target is one there is");

    private final String code;
    private final Level level;
    private final String holds;

    Rule(String code, Level level, String holds) {
        this.code = code;
        this.level = level;
        this.holds = holds;
    }

    public String code() {
        return code;
    }

    public Level level() {
        return level;
    }

    /** What is true of a design that keeps the rule. */
    public String holds() {
        return holds;
    }
}

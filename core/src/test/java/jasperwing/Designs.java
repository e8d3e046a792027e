package jasperwing;

import jasperwing.model.AcceptedWarning;
import jasperwing.model.Area;
import jasperwing.model.AreaColor;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.AutoTimestamp;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.CodeTarget;
import jasperwing.model.Comments;
import jasperwing.model.Counting;
import jasperwing.model.DatabaseNaming;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.EnumKept;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Expression;
import jasperwing.model.Indexing;
import jasperwing.model.Inheritance;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.KindsKept;
import jasperwing.model.ListKept;
import jasperwing.model.Literal;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.OnDelete;
import jasperwing.model.OnKeyChange;
import jasperwing.model.Place;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Range;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.Scalar;
import jasperwing.model.Sheet;
import jasperwing.model.SheetEdits;
import jasperwing.model.StorageNotes;
import jasperwing.model.TextConstraint;
import jasperwing.model.Type;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/**
 * Generates designs: sound and unsound, with hostile names, texts and comments. The properties that use them have fixed
 * seeds, so that a build can be repeated; without the seeds they look further.
 */
public final class Designs {
    private static final List<String> WORDS = List.of(
            "Dive", "Photo", "Taxon", "of", "one", "each", "key", "unique", "list", "text", "shown", "which", "places",
            "ünïcode");

    private Designs() {}

    public static Arbitrary<String> names() {
        Arbitrary<String> odd = Arbitraries.strings()
                .withChars("ab `\"'\\#;:,()\n\t?=/-1é\u2028\u0001")
                .ofMinLength(1)
                .ofMaxLength(6)
                .filter(s -> !s.isBlank());
        Arbitrary<String> plain = Arbitraries.strings().alpha().ofMinLength(1).ofMaxLength(8);
        return Arbitraries.frequencyOf(
                net.jqwik.api.Tuple.of(4, Arbitraries.of(WORDS)),
                net.jqwik.api.Tuple.of(3, plain),
                net.jqwik.api.Tuple.of(2, odd));
    }

    static Arbitrary<String> texts() {
        return Arbitraries.strings().withChars("ab \"\\#\n`é").ofMaxLength(8);
    }

    static Arbitrary<Comments> comments(boolean closing) {
        Arbitrary<String> line =
                Arbitraries.strings().withChars("ab #\"`").ofMaxLength(5).map(String::stripTrailing);
        Arbitrary<List<String>> lines = line.list().ofMaxSize(2);
        Arbitrary<List<String>> ends = closing ? lines : Arbitraries.just(List.of());
        Arbitrary<Comments> some = Combinators.combine(lines, line, ends).as(Comments::new);
        return Arbitraries.frequencyOf(
                net.jqwik.api.Tuple.of(4, Arbitraries.just(Comments.NONE)), net.jqwik.api.Tuple.of(1, some));
    }

    private static Arbitrary<Type> types() {
        return Arbitraries.oneOf(
                Arbitraries.integers().between(1, 9999).map(Type.Text::new),
                Arbitraries.integers().between(1, 30).map(p -> new Type.Decimal(p, p / 2)),
                Arbitraries.of(Scalar.values()).map(Type::of),
                names().map(Type.Named::new));
    }

    private static Arbitrary<Literal> numbers() {
        return Arbitraries.bigDecimals()
                .between(BigDecimal.valueOf(-999), BigDecimal.valueOf(999))
                .ofScale(2)
                .map(n -> Literal.number(n.toPlainString()));
    }

    private static Arbitrary<Literal> literals() {
        return Arbitraries.oneOf(
                numbers(),
                texts().map(Literal::text),
                names().map(Literal::word),
                Arbitraries.of("today + 14 days", "now - 1 hour").map(t -> new Literal(Literal.Kind.CLOCK, t)),
                Arbitraries.of(new Literal(Literal.Kind.DATE, "2026-03-01"), Literal.UUID_7));
    }

    private static Arbitrary<Range> ranges() {
        return Combinators.combine(numbers().optional(), numbers().optional())
                .filter((from, to) -> from.isPresent() || to.isPresent())
                .as(Range::new);
    }

    private static Arbitrary<Attribute> attributes() {
        Arbitrary<Boolean> flag = Arbitraries.of(true, false);
        Arbitrary<Attribute> attributes = Combinators.combine(
                        names(),
                        types(),
                        flag,
                        flag,
                        flag,
                        literals().optional(0.3),
                        ranges().optional(0.2),
                        ArbitraryNotes.formerNotes(ArbitraryNotes.columns(), false))
                .as((name, type, list, optional, unique, fallback, range, notes) -> Attribute.of(name, type)
                        .withList(list)
                        .withOptional(optional)
                        .withUnique(unique)
                        .withDefault(fallback)
                        .withRange(range)
                        .withNotes(notes));
        Arbitrary<Counting> countings = Arbitraries.of(1L, 1L, 1L, 1000L)
                .flatMap(start -> Arbitraries.of(1L, 1L, 10L).map(step -> new Counting(start, step)));
        Arbitrary<Optional<AutoTimestamp>> stamps =
                Arbitraries.of(AutoTimestamp.values()).optional(0.1);
        Arbitrary<Attribute> ruled = Combinators.combine(attributes, forms(), stamps, countings)
                .as((attribute, form, stamp, counting) ->
                        attribute.withTextConstraint(form).withStamp(stamp).withCounting(counting));
        Arbitrary<Optional<ListKept>> ways = Arbitraries.of(ListKept.values()).optional();
        return Combinators.combine(ruled, ways)
                .as((attribute, kept) -> attribute.list() ? attribute.withKept(kept) : attribute);
    }

    private static Arbitrary<TextConstraint> forms() {
        Arbitrary<String> patterns =
                Arbitraries.of("", "", "", "[A-Z]{2}/\\d+", "a|b'c\"#", "\\\\/x", "\\/", "`é` +", "//");
        return Combinators.combine(
                        Arbitraries.integers().between(0, 9).optional(0.2),
                        patterns,
                        Arbitraries.of(false, false, true),
                        Arbitraries.of("", "", "sv", "zh", "zxx"))
                .as(TextConstraint::new);
    }

    private static Arbitrary<Members> members(List<Attribute> attributes) {
        List<String> known = attributes.stream().map(Attribute::name).distinct().toList();
        Arbitrary<String> one = known.isEmpty() ? names() : Arbitraries.oneOf(Arbitraries.of(known), names());
        return Combinators.combine(one.list().uniqueElements().ofMinSize(1).ofMaxSize(3), comments(false))
                .as(Members::new)
                .map(m -> m.names().size() == 2
                        ? m.withConstraint("of " + m.names().get(0))
                        : m);
    }

    private static Arbitrary<Members> keys(List<Attribute> attributes) {
        return Arbitraries.oneOf(Arbitraries.just(Members.NONE), members(attributes));
    }

    private static Arbitrary<Members> shown(List<Attribute> attributes) {
        return keys(attributes).map(m -> m.withConstraint(""));
    }

    public static Arbitrary<Entity> entities() {
        return attributes()
                .list()
                .uniqueElements(Attribute::name)
                .ofMaxSize(4)
                .flatMap(attributes -> Combinators.combine(
                                names(),
                                Arbitraries.oneOf(Arbitraries.just(""), names()),
                                Arbitraries.of(true, false),
                                keys(attributes),
                                members(attributes).list().ofMaxSize(2),
                                shown(attributes),
                                names().list().uniqueElements().ofMaxSize(2),
                                ArbitraryNotes.formerNotes(ArbitraryNotes.named(), true))
                        .as((name, area, outside, key, uniques, shown, traits, notes) -> new Entity(
                                name,
                                area,
                                outside,
                                attributes,
                                key,
                                uniques,
                                List.of(),
                                List.of(),
                                shown,
                                traits,
                                Inheritance.NONE,
                                notes)))
                .flatMap(entity ->
                        indexings(entity.attributes()).list().ofMaxSize(2).map(entity::withIndexes))
                .flatMap(entity -> ArbitraryRules.all().list().ofMaxSize(2).map(entity::withRules))
                .flatMap(entity -> kinships().map(entity::withInheritance));
    }

    private static Arbitrary<Indexing> indexings(List<Attribute> attributes) {
        Expression filled = new Expression.Call("is not null", List.of(new Expression.Name(List.of("depth"))));
        return Combinators.combine(members(attributes), names().list().ofMaxSize(2), Arbitraries.of(true, false))
                .as((members, covered, some) ->
                        new Indexing(members, covered, some ? Optional.of(filled) : Optional.empty(), false));
    }

    private static Arbitrary<Inheritance> kinships() {
        Arbitrary<Inheritance> any = Combinators.combine(
                        Arbitraries.oneOf(Arbitraries.just(""), names()),
                        Arbitraries.of(true, false),
                        Arbitraries.of(KindsKept.values()).optional())
                .as(Inheritance::new);
        return Arbitraries.frequencyOf(
                net.jqwik.api.Tuple.of(2, Arbitraries.just(Inheritance.NONE)), net.jqwik.api.Tuple.of(1, any));
    }

    private static Arbitrary<AttributeGroup> groups() {
        return Combinators.combine(
                        Arbitraries.of(AttributeGroup.Kind.values()),
                        names(),
                        attributes().list().uniqueElements(Attribute::name).ofMaxSize(3),
                        ArbitraryRules.all().list().ofMaxSize(2),
                        texts(),
                        comments(true))
                .as((kind, name, attributes, rules, doc, comments) -> new AttributeGroup(
                        kind, name, attributes, rules, Notes.of(comments).withDoc(doc)));
    }

    private static Arbitrary<Reading> readings(boolean oneOnly) {
        Arbitrary<String> verb = Arbitraries.of("have", "belong to", "be", "be about", "sign in as", "co-own", "o'er");
        Arbitrary<String> role = Arbitraries.oneOf(Arbitraries.just(""), names());
        Arbitrary<Boolean> many = oneOnly ? Arbitraries.just(false) : Arbitraries.of(true, false);
        return Combinators.combine(
                        Arbitraries.of(true, false),
                        verb,
                        many,
                        role,
                        role,
                        ArbitraryOrders.all().optional(0.3))
                .as((must, words, plural, name, former, order) -> new Reading(must, words, plural, name)
                        .withSorting(order.filter(o -> plural))
                        .withWas(name.isEmpty() ? "" : former)
                        .withMost(plural && words.length() % 3 == 0 ? 2 + words.length() : 0));
    }

    public static Arbitrary<Relationship> relationships() {
        Arbitrary<Relationship> binaries = Combinators.combine(
                        names(),
                        names(),
                        names(),
                        readings(false),
                        readings(false).optional(),
                        Arbitraries.of(true, false),
                        ArbitraryNotes.notes(ArbitraryNotes.references(), true))
                .as((from, to, via, there, back, linked, notes) -> {
                    boolean plural = there.many() && back.map(Reading::many).orElse(true);
                    boolean late = notes.doc().length() % 3 == 1;
                    boolean turned = notes.doc().length() % 2 == 1;
                    BinaryRelationship binary = new BinaryRelationship(
                            from, to, linked && plural ? via : "", there, back, List.of(), late, turned, notes);
                    return binary.shape() == BinaryRelationship.Shape.ONE_TO_MANY
                            ? withRule(binary, binary.parent())
                            : binary;
                });
        Arbitrary<Relationship> oneOfs = Combinators.combine(
                        names(),
                        names().list().uniqueElements().ofMinSize(1).ofMaxSize(3),
                        readings(true),
                        readings(false).optional(),
                        Arbitraries.of(PolymorphicMapping.values()).optional(),
                        ArbitraryNotes.notes(ArbitraryNotes.references(), true))
                .as((from, subjects, there, back, keeping, notes) -> withRule(
                        new PolymorphicRelationship(from, subjects, there, back, keeping, List.of(), notes),
                        subjects.get(0)));
        return Arbitraries.oneOf(binaries, oneOfs);
    }

    private static Relationship withRule(Relationship relationship, String parent) {
        int choice = Math.floorMod(relationship.hashCode(), 4);
        return choice == 3
                ? relationship
                : relationship
                        .withDeletes(List.of(new OnDelete(parent, DeleteRule.values()[choice])))
                        .withKeyChanges(keyChanges(relationship, parent));
    }

    private static List<OnKeyChange> keyChanges(Relationship relationship, String parent) {
        int choice = Math.floorMod(relationship.hashCode() / 4, 4);
        return choice == 3 ? List.of() : List.of(new OnKeyChange(parent, KeyChangeRule.values()[choice]));
    }

    public static Arbitrary<Design> all() {
        Arbitrary<Area> areas = Combinators.combine(
                        names(), Arbitraries.of(AreaColor.values()), comments(true), texts(), texts())
                .as((n, c, comments, doc, schema) ->
                        new Area(n, c, schema, Notes.of(comments).withDoc(doc)));
        Arbitrary<EnumValue> value = Combinators.combine(
                        names(),
                        Arbitraries.of(true, false),
                        ArbitraryNotes.notes(Arbitraries.just(StorageNotes.NONE), false),
                        Arbitraries.oneOf(Arbitraries.just(""), names()))
                .as((name, retired, notes, was) -> new EnumValue(name, retired, notes.withWas(was)));
        Arbitrary<EnumType> enums = Combinators.combine(
                        names(),
                        Arbitraries.of(EnumKept.values()).optional(),
                        value.list()
                                .uniqueElements(EnumValue::name)
                                .ofMinSize(1)
                                .ofMaxSize(3),
                        comments(true),
                        texts())
                .as((n, k, v, comments, doc) ->
                        new EnumType(n, k, v, Notes.of(comments).withDoc(doc)));
        Arbitrary<Sheet> sheets = Combinators.combine(names(), names().list().ofMaxSize(3), comments(true))
                .as(Sheet::new);
        Arbitrary<Integer> coordinate = Arbitraries.integers().between(-9999, 9999);
        Arbitrary<Place> places = Combinators.combine(
                        names(), Arbitraries.oneOf(Arbitraries.just(""), names()), coordinate, coordinate)
                .as(Place::new);
        Arbitrary<AcceptedWarning> accepted = Combinators.combine(
                        names(), names(), Arbitraries.oneOf(Arbitraries.just(""), names()), names(), comments(true))
                .as(AcceptedWarning::new);
        Arbitrary<Design> designs = Combinators.combine(
                        names(),
                        areas.list().ofMaxSize(2),
                        enums.list().ofMaxSize(2),
                        entities().list().ofMaxSize(4),
                        relationships().list().ofMaxSize(4),
                        sheets.list().ofMaxSize(2),
                        places.list()
                                .uniqueElements(p -> p.entity() + "\0" + p.sheet())
                                .ofMaxSize(3),
                        comments(true))
                .as((name, a, e, all, r, s, p, c) ->
                        new Design(name, DatabaseNaming.USUAL, a, e, List.of(), all, r, s, List.of(), List.of(), p, c));
        return Combinators.combine(
                        designs,
                        accepted.list().ofMaxSize(2),
                        groups().list().ofMaxSize(2),
                        targets().list().ofMaxSize(2),
                        ArbitraryNotes.namings())
                .as((design, warning, groups, targets, naming) -> design.withAccepted(warning)
                        .withGroups(groups)
                        .withTargets(targets)
                        .withNaming(naming));
    }

    private static Arbitrary<CodeTarget> targets() {
        Arbitrary<Map<String, String>> options = Arbitraries.maps(
                        Arbitraries.oneOf(names(), Arbitraries.of("setters", "package", "fetch")),
                        Arbitraries.oneOf(texts(), Arbitraries.of("fluent", "eager", "org.marsh")))
                .ofMaxSize(3);
        return Combinators.combine(names(), texts(), options, comments(true)).as(CodeTarget::new);
    }

    /** Any of the edits the window makes, with the names it needs drawn from the design it is made on. */
    public static Arbitrary<Edit> edits() {
        return Combinators.combine(Arbitraries.integers().between(0, 7), names(), entities(), relationships())
                .as(Designs::edit);
    }

    private static Edit edit(int kind, String name, Entity entity, Relationship relationship) {
        return design -> {
            String some = design.entities().isEmpty()
                    ? name
                    : design.entities().get(0).name();
            Optional<Relationship> first = design.relationships().stream().findFirst();
            Edit edit =
                    switch (kind) {
                        case 0 -> EntityEdits.add(entity);
                        case 1 -> EntityEdits.rename(some, name);
                        case 2 -> EntityEdits.remove(some);
                        case 3 -> EntityEdits.retype(some, entity.attributes(), List.of());
                        case 4 -> RelationshipEdits.add(relationship);
                        case 5 -> first.map(RelationshipEdits::remove).orElse(d -> d);
                        case 6 -> first.map(f -> RelationshipEdits.replace(f, relationship))
                                .orElse(d -> d);
                        default -> SheetEdits.place(some, "", name.length(), 7);
                    };
            return edit.on(design);
        };
    }
}

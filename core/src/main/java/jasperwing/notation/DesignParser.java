package jasperwing.notation;

import jasperwing.model.AcceptedWarning;
import jasperwing.model.Area;
import jasperwing.model.AreaColor;
import jasperwing.model.AttributeGroup;
import jasperwing.model.CodeTarget;
import jasperwing.model.Comments;
import jasperwing.model.DatabaseNaming;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.Notes;
import jasperwing.model.Place;
import jasperwing.model.Relationship;
import jasperwing.model.Sheet;
import jasperwing.naming.TypeAliases;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Reads a whole design, statement by statement. */
final class DesignParser {
    private static final String STATEMENTS =
            "'database', 'area', 'enum', 'value', 'trait', 'entity', 'each', 'sheet', 'accept', 'classes' or 'places'";

    private final List<Problem> problems = new ArrayList<>();
    private final List<Area> areas = new ArrayList<>();
    private final List<EnumType> enums = new ArrayList<>();
    private final List<AttributeGroup> groups = new ArrayList<>();
    private final List<Entity> entities = new ArrayList<>();
    private final List<Relationship> relationships = new ArrayList<>();
    private final List<Sheet> sheets = new ArrayList<>();
    private final List<AcceptedWarning> accepted = new ArrayList<>();
    private final List<CodeTarget> targets = new ArrayList<>();
    private final List<Place> places = new ArrayList<>();
    private final List<String> above = new ArrayList<>();
    private final List<String> closing = new ArrayList<>();
    private Optional<Naming> naming = Optional.empty();
    private String name;
    private Comments head = Comments.NONE;

    /**
     * What is said of names in the database.
     *
     * @param again what is wrong when it is not the first
     */
    private record Naming(DatabaseNaming said, Problem again) {}

    Parsed<Design> parse(String text) {
        Outline outline = Outline.of(text);
        Optional<Problem> newer = newer(outline);
        if (newer.isPresent()) {
            return new Parsed<>(Design.named(""), List.of(newer.get()));
        }
        add(outline, 0);
        return parsed();
    }

    /** A statement by itself, of a design that has begun. */
    static DesignParser ofStatement(String text) {
        DesignParser parser = new DesignParser();
        parser.name = "";
        parser.add(Outline.of(text), 0);
        return parser;
    }

    /** Whether the design is named, or what should name it is passed. */
    boolean hasBegun() {
        return name != null;
    }

    /** @param line how many lines of the text stand above these statements */
    void add(Outline outline, int line) {
        int before = problems.size();
        problems.addAll(outline.problems());
        for (Outline.Statement statement : outline.statements()) {
            if (!statement.broken()) {
                attempt(statement);
            }
        }
        closing.addAll(outline.closing());
        problems.subList(before, problems.size()).replaceAll(p -> p.below(line));
    }

    /** Adds what was read by itself, as it stands in the text. */
    void add(DesignParser read, int line) {
        areas.addAll(read.areas);
        enums.addAll(read.enums);
        groups.addAll(read.groups);
        entities.addAll(read.entities);
        relationships.addAll(read.relationships);
        sheets.addAll(read.sheets);
        accepted.addAll(read.accepted);
        targets.addAll(read.targets);
        places.addAll(read.places);
        read.naming.ifPresent(n -> add(n, line));
        closing.addAll(read.closing);
        read.problems.forEach(p -> problems.add(p.below(line)));
    }

    /** Takes as many of others for its own as it has, where they are equal. */
    void adopt(Iterator<Entity> otherEntities, Iterator<Relationship> otherRelationships) {
        entities.replaceAll(e -> equalOne(e, otherEntities));
        relationships.replaceAll(r -> equalOne(r, otherRelationships));
    }

    private static <T> T equalOne(T own, Iterator<T> others) {
        T other = others.hasNext() ? others.next() : own;
        return other.equals(own) ? other : own;
    }

    /** What has been read. */
    Parsed<Design> parsed() {
        if (name == null && problems.isEmpty()) {
            problems.add(new Problem(1, 1, 0, "the text has no design in it", "design \"Name\" as its first line"));
        }
        problems.sort(Comparator.comparingInt(Problem::line).thenComparingInt(Problem::column));
        Design design = new Design(
                name == null ? "" : name,
                naming.map(Naming::said).orElse(DatabaseNaming.USUAL),
                areas,
                enums,
                groups,
                entities,
                relationships,
                sheets,
                accepted,
                targets,
                places,
                new Comments(before(), head.after(), closing));
        return new Parsed<>(TypeAliases.resolved(design), problems);
    }

    private List<String> before() {
        List<String> before = new ArrayList<>(above);
        before.addAll(head.before());
        return before;
    }

    /** What is told of a text that says it is written in a later notation, in place of all that cannot be read for that reason. */
    static Optional<Problem> newer(Outline outline) {
        return outline.statements().stream()
                .findFirst()
                .map(s -> s.head().cursor())
                .filter(c -> c.peek().isWord("notation"))
                .flatMap(DesignParser::newer);
    }

    private static Optional<Problem> newer(Cursor cursor) {
        cursor.next();
        Token number = cursor.next();
        boolean later = number.kind() == Token.Kind.NUMBER
                && new BigDecimal(number.text()).compareTo(BigDecimal.valueOf(Notation.VERSION)) > 0;
        return later
                ? Optional.of(new Problem(
                        cursor.lineNumber(),
                        number.column(),
                        number.length(),
                        "the design is written in notation " + number.text()
                                + ", by a newer Jasperwing than this one, which knows notation " + Notation.VERSION
                                + "; it was left as it is",
                        "a newer Jasperwing to open it with"))
                : Optional.empty();
    }

    private void version(Outline.Statement statement) throws SyntaxException {
        Cursor cursor = statement.head().cursor();
        cursor.words("notation");
        Token number = cursor.next();
        if (name != null || !number.text().equals(String.valueOf(Notation.VERSION))) {
            throw cursor.wrong(number, "found " + number.shown(), "notation " + Notation.VERSION + " above the design");
        }
        cursor.end();
        above.addAll(statement.head().comments().before());
        noBody(statement);
    }

    private void attempt(Outline.Statement statement) {
        try {
            statement(statement);
        } catch (SyntaxException e) {
            problems.add(e.problem());
        }
    }

    private void statement(Outline.Statement statement) throws SyntaxException {
        Cursor cursor = statement.head().cursor();
        Token first = cursor.peek();
        if (first.isWord("notation")) {
            version(statement);
            return;
        }
        if (name == null && !first.isWord("design")) {
            name = "";
            problems.add(new Problem(
                    cursor.lineNumber(),
                    first.column(),
                    first.length(),
                    "found " + first.shown() + " where the design begins",
                    "design \"Name\" as the first line"));
        }
        switch (first.kind() == Token.Kind.WORD ? first.text() : "") {
            case "design" -> design(statement);
            case "database" -> naming(statement);
            case "area" -> area(statement);
            case "enum" -> enums.add(new EnumParser(problems).read(statement));
            case "entity" -> entities.add(new EntityParser(problems).read(statement));
            case "each" -> relationship(statement);
            case "sheet" -> sheet(statement);
            case "places" -> places(statement);
            case "accept", "set" -> accepted(statement);
            case "classes" -> targets.add(new CodeTargetParser(problems).read(statement));
            case "value" -> groups.add(new GroupParser(problems).read(AttributeGroup.Kind.VALUE, statement));
            case "trait" -> groups.add(new GroupParser(problems).read(AttributeGroup.Kind.TRAIT, statement));
            default -> throw cursor.unexpected(STATEMENTS);
        }
    }

    private void design(Outline.Statement statement) throws SyntaxException {
        Cursor cursor = statement.head().cursor();
        Token word = cursor.next();
        if (name != null && !name.isEmpty()) {
            throw cursor.wrong(word, "the design is named twice", "");
        }
        name = cursor.string("the design's name in double quotes");
        cursor.end();
        head = statement.head().comments();
        noBody(statement);
    }

    private void naming(Outline.Statement statement) throws SyntaxException {
        Cursor cursor = statement.head().cursor();
        SyntaxException again =
                cursor.wrong(cursor.peek(), "names in the database are spoken of twice", "one 'database'");
        add(new Naming(NamingParser.read(statement, problems), again.problem()), 0);
    }

    private void add(Naming read, int line) {
        if (naming.isPresent()) {
            problems.add(read.again().below(line));
        } else {
            naming = Optional.of(read);
        }
    }

    private void area(Outline.Statement statement) throws SyntaxException {
        Cursor cursor = statement.head().cursor();
        cursor.words("area");
        String areaName = cursor.name("the name of the area");
        Notes notes = Notes.of(statement.head().comments());
        String colors = Arrays.stream(AreaColor.values()).map(AreaColor::word).collect(Collectors.joining(", "));
        Token token = cursor.peek();
        AreaColor color = Arrays.stream(AreaColor.values())
                .filter(c -> token.isWord(c.word()))
                .findFirst()
                .orElseThrow(() -> cursor.unexpected("a colour: " + colors));
        cursor.next();
        String schema =
                cursor.takeWords("in", "schema") ? cursor.string("the name of the schema in double quotes") : "";
        if (cursor.peek().kind() == Token.Kind.STRING) {
            notes = notes.withDoc(cursor.next().text());
        }
        cursor.end();
        areas.add(new Area(areaName, color, schema, notes));
        noBody(statement);
    }

    private void relationship(Outline.Statement statement) throws SyntaxException {
        Relationship relationship = SentenceParser.sentence(
                statement.head().cursor(), statement.head().comments());
        for (Outline.Item item : statement.body()) {
            try {
                relationship = SentenceParser.detail(relationship, item.cursor(), item.comments());
            } catch (SyntaxException e) {
                problems.add(e.problem());
            }
        }
        relationships.add(relationship);
    }

    private void sheet(Outline.Statement statement) throws SyntaxException {
        Cursor cursor = statement.head().cursor();
        cursor.words("sheet");
        String sheetName = cursor.name("the name of the sheet");
        cursor.symbol(":");
        List<String> shown = new ArrayList<>();
        while (!cursor.atEnd()) {
            shown.add(cursor.name("the name of an entity"));
            if (!cursor.atEnd()) {
                cursor.symbol(",");
            }
        }
        sheets.add(new Sheet(sheetName, shown, statement.head().comments()));
        noBody(statement);
    }

    /** {@code accept CODE on Entity.member "reason"}, before 0.2 {@code set aside CODE …}; a code is words joined by hyphens. */
    private void accepted(Outline.Statement statement) throws SyntaxException {
        Cursor cursor = statement.head().cursor();
        if (!cursor.takeWords("set", "aside")) {
            cursor.words("accept");
        }
        String code = cursor.name("the code of a warning");
        cursor.words("on");
        String entity = cursor.name("what the warning is about");
        String member = cursor.takeSymbol(".") ? cursor.name("its attribute or role") : "";
        Token at = cursor.peek();
        String reason = cursor.string("the reason in double quotes");
        cursor.end();
        if (reason.isBlank()) {
            throw cursor.wrong(at, "a warning is accepted for a reason", "the reason in double quotes");
        }
        accepted.add(new AcceptedWarning(
                code, entity, member, reason, statement.head().comments()));
        noBody(statement);
    }

    private void places(Outline.Statement statement) throws SyntaxException {
        Cursor head = statement.head().cursor();
        head.words("places");
        head.end();
        closing.addAll(statement.head().comments().before());
        statement.eachLine(problems, i -> {
            closing.addAll(i.comments().before());
            place(i.cursor());
        });
        closing.addAll(statement.head().comments().closing());
    }

    private void place(Cursor cursor) throws SyntaxException {
        String entity = cursor.name("the name of an entity");
        int x = cursor.wholeNumber("x,y in whole pixels, as in 288,62");
        cursor.symbol(",");
        int y = cursor.wholeNumber("y in whole pixels");
        String sheet = cursor.takeWord("on") ? cursor.name("the name of a sheet") : "";
        cursor.end();
        places.add(new Place(entity, sheet, x, y));
    }

    private void noBody(Outline.Statement statement) {
        for (Outline.Item item : statement.body()) {
            Token first = item.cursor().peek();
            problems.add(new Problem(
                    item.line().number(),
                    first.column(),
                    first.length(),
                    "nothing can be indented below '"
                            + statement.head().cursor().peek().text() + "'",
                    "the next statement at the margin"));
        }
    }
}

package jasperwing.notation;

import jasperwing.model.Attribute;
import jasperwing.model.AutoTimestamp;
import jasperwing.model.ClockOffset;
import jasperwing.model.Comments;
import jasperwing.model.Counting;
import jasperwing.model.Expression;
import jasperwing.model.ListKept;
import jasperwing.model.Literal;
import jasperwing.model.Notes;
import jasperwing.model.Range;
import jasperwing.model.TextConstraint;
import jasperwing.model.Type;
import jasperwing.naming.Spelling;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.regex.PatternSyntaxException;

/** Reads one attribute line: a name, a type, and rules in any order, each at most once. */
final class AttributeParser {
    private static final List<String> RULES = List.of(
            "key",
            "unique",
            "default",
            "from",
            "counted",
            "longer",
            "matching",
            "ignoring",
            "sorted",
            "label",
            "column",
            "list");

    private static final List<String> REQUIRED = List.of("not null", "required", "mandatory");

    private static final List<String> OPTIONAL = List.of("null", "nullable", "optional");

    private static final List<String> KEY = List.of("primary key", "pk");

    private final Cursor cursor;
    private final Comments comments;
    private String name;
    private Type type;
    private boolean list;
    private Optional<ListKept> kept = Optional.empty();
    private boolean optional;
    private boolean unique;
    private boolean key;
    private Token computedAt;
    private Optional<Literal> defaultValue = Optional.empty();
    private Optional<Range> range = Optional.empty();
    private TextConstraint form = TextConstraint.NONE;
    private Optional<AutoTimestamp> stamp = Optional.empty();
    private Counting counting = Counting.BY_ONE;
    private Optional<Expression> formula = Optional.empty();
    private Notes notes;

    AttributeParser(Cursor cursor, Comments comments) {
        this.cursor = cursor;
        this.comments = comments;
    }

    AttributeLine read() throws SyntaxException {
        name = cursor.name("the name of an attribute");
        type = TypeParser.read(cursor);
        notes = Notes.of(comments);
        optional = cursor.takeSymbol("?");
        list = cursor.takeWord("list");
        optional |= cursor.takeSymbol("?");
        while (!cursor.atEnd()) {
            rule();
        }
        computedAlone();
        Attribute attribute = new Attribute(
                name, type, list, kept, optional, unique, defaultValue, range, form, stamp, counting, formula, notes);
        return new AttributeLine(attribute, key);
    }

    /** What is computed is not said otherwise too. */
    private void computedAlone() throws SyntaxException {
        boolean said = list
                || key
                || unique
                || defaultValue.isPresent()
                || range.isPresent()
                || !form.isEmpty()
                || stamp.isPresent()
                || !counting.isUsual();
        if (formula.isPresent() && said) {
            throw cursor.wrong(
                    computedAt,
                    "a computed attribute has no other rules: it is what its formula gives",
                    "a type, a formula, and no more than a label, a column, a former name and a text");
        }
    }

    private void rule() throws SyntaxException {
        Token token = cursor.peek();
        switch (token.kind() == Token.Kind.WORD ? token.text() : "") {
            case "key" -> key = once(key);
            case "unique" -> unique = once(unique);
            case "default" -> {
                once(defaultValue.isPresent());
                defaultValue = Optional.of(literal());
            }
            case "from", "up" -> {
                once(range.isPresent());
                range = Optional.of(token.isWord("up") ? upTo() : from());
            }
            case "longer", "matching", "ignoring", "sorted" -> form(token);
            case "set" -> {
                once(stamp.isPresent());
                stamp = Optional.of(stamp());
            }
            case "counted" -> {
                once(!counting.isUsual());
                counting = counting();
            }
            case "kept" -> {
                once(kept.isPresent());
                kept = Optional.of(kept(token));
            }
            case "label", "column", "was" -> note(token);
            case "as" -> {
                cursor.next();
                notes = notes.withStored(NamingParser.type(notes.stored(), cursor));
            }
            default -> other(token);
        }
    }

    private void form(Token word) throws SyntaxException {
        switch (word.text()) {
            case "longer" -> {
                once(form.longerThan().isPresent());
                cursor.words("than");
                form = form.withLongerThan(length());
            }
            case "matching" -> {
                once(!form.matching().isEmpty());
                form = form.withMatching(pattern());
            }
            case "sorted" -> {
                once(!form.sortedAs().isEmpty());
                cursor.words("as");
                form = form.withSortedAs(language());
            }
            default -> {
                once(form.ignoringCase());
                cursor.words("case");
                form = form.withIgnoringCase(true);
            }
        }
    }

    private void note(Token word) throws SyntaxException {
        boolean already =
                switch (word.text()) {
                    case "label" -> !notes.label().isEmpty();
                    case "column" -> !notes.physical().isEmpty();
                    default -> !notes.was().isEmpty();
                };
        once(already);
        notes = switch (word.text()) {
            case "label" -> notes.withLabel(cursor.string("the label in double quotes"));
            case "column" -> notes.withPhysical(cursor.string("the column's name in double quotes"));
            default -> notes.withWas(cursor.name("the former name of the attribute"));
        };
    }

    private void other(Token token) throws SyntaxException {
        if (token.kind() == Token.Kind.STRING && notes.doc().isEmpty()) {
            notes = notes.withDoc(cursor.next().text());
            return;
        }
        if (token.isSymbol("=")) {
            once(formula.isPresent());
            formula = Optional.of(new ExpressionParser(cursor).read());
            computedAt = token;
            return;
        }
        if (takesSql()) {
            return;
        }
        throw cursor.unexpected(Spelling.nearest(token.text(), RULES)
                .map(r -> "'" + r + "'")
                .orElse("a rule such as key, unique, default 0 or from 0 to 9"));
    }

    /** What SQL and other words call a key, what may be null and what must not. */
    private boolean takesSql() {
        if (!optional && REQUIRED.stream().anyMatch(cursor::takeSql)) {
            return true;
        }
        if (OPTIONAL.stream().anyMatch(cursor::takeSql)) {
            optional = true;
            return true;
        }
        boolean keyed = !key && KEY.stream().anyMatch(cursor::takeSql);
        key |= keyed;
        return keyed;
    }

    private boolean once(boolean already) throws SyntaxException {
        if (already) {
            throw cursor.wrong(cursor.peek(), "'" + cursor.peek().text() + "' is said twice", "");
        }
        cursor.next();
        return true;
    }

    private ListKept kept(Token at) throws SyntaxException {
        if (!list) {
            throw cursor.wrong(at, "only a list is kept in several ways", "");
        }
        cursor.words("as");
        for (ListKept each : ListKept.values()) {
            if (cursor.takeWords(each.words().split(" "))) {
                return each;
            }
        }
        throw cursor.unexpected("'rows', 'an array' or 'json'");
    }

    private AutoTimestamp stamp() throws SyntaxException {
        cursor.words("on");
        for (AutoTimestamp each : AutoTimestamp.values()) {
            if (cursor.takeWord(each.word())) {
                return each;
            }
        }
        throw cursor.unexpected("'insert' or 'update'");
    }

    private Counting counting() throws SyntaxException {
        boolean from = cursor.takeWord("from");
        long start = from ? counted("the first number, from 1 on") : Counting.BY_ONE.start();
        boolean by = cursor.takeWord("by");
        if (!from && !by) {
            throw cursor.unexpected("'from' and the first number, or 'by' and how far apart they are");
        }
        return new Counting(start, by ? counted("how far apart the numbers are, from 1 on") : Counting.BY_ONE.step());
    }

    private long counted(String expected) throws SyntaxException {
        Token token = cursor.next();
        if (token.kind() != Token.Kind.NUMBER || !token.text().matches("0*[1-9]\\d{0,17}")) {
            throw cursor.wrong(token, "found " + token.shown(), expected);
        }
        return Long.parseLong(token.text());
    }

    private int length() throws SyntaxException {
        Token token = cursor.peek();
        int length = cursor.wholeNumber("a number of characters");
        if (length < 0) {
            throw cursor.wrong(token, "a length cannot be negative", "a number of characters");
        }
        return length;
    }

    private String language() throws SyntaxException {
        Token token = cursor.peek();
        if (token.kind() != Token.Kind.WORD || !TextConstraint.isLanguage(token.text())) {
            throw cursor.unexpected("a language by its two or three letters, such as sv, de or pl");
        }
        return cursor.next().text();
    }

    private String pattern() throws SyntaxException {
        Token token = cursor.peek();
        if (token.kind() != Token.Kind.PATTERN || token.text().isEmpty()) {
            throw cursor.unexpected("a regular expression between slashes, as in /[A-Z]{2}[0-9]+/");
        }
        try {
            Pattern.compile(token.text());
        } catch (PatternSyntaxException e) {
            throw cursor.wrong(token, "this is no regular expression: " + e.getDescription(), "");
        }
        return cursor.next().text();
    }

    private Range from() throws SyntaxException {
        Literal low = bound();
        return new Range(Optional.of(low), cursor.takeWord("to") ? Optional.of(bound()) : Optional.empty());
    }

    private Range upTo() throws SyntaxException {
        cursor.words("to");
        return new Range(Optional.empty(), Optional.of(bound()));
    }

    private Literal bound() throws SyntaxException {
        Token token = cursor.peek();
        if (token.kind() != Token.Kind.NUMBER && token.kind() != Token.Kind.DATE) {
            throw cursor.unexpected("a number or a date such as 2026-03-01");
        }
        return literal();
    }

    private Literal literal() throws SyntaxException {
        Token token = cursor.peek();
        Literal.Kind kind =
                switch (token.kind()) {
                    case NUMBER -> Literal.Kind.NUMBER;
                    case DATE -> Literal.Kind.DATE;
                    case STRING -> Literal.Kind.TEXT;
                    case WORD, QUOTED_NAME -> Literal.Kind.WORD;
                    default -> throw cursor.unexpected("a number, a \"text\", a date or a word");
                };
        String text = cursor.next().text();
        if (token.isWord("uuid") && cursor.takeWord("version")) {
            return version(cursor.next());
        }
        boolean clock = token.isWord("now") || token.isWord("today");
        Optional<String> shift = clock ? shift() : Optional.empty();
        return shift.map(s -> new Literal(Literal.Kind.CLOCK, text + s)).orElse(new Literal(kind, text));
    }

    private Literal version(Token number) throws SyntaxException {
        return switch (number.text()) {
            case "4" -> Literal.word("uuid");
            case "7" -> Literal.UUID_7;
            default -> throw cursor.wrong(
                    number, "found " + number.shown(), "4, drawn at random, or 7, in order of time");
        };
    }

    /** How long after or before, as {@code  + 14 days}; the number can stand at its sign. */
    private Optional<String> shift() throws SyntaxException {
        Token sign = cursor.peek();
        boolean joined = sign.kind() == Token.Kind.NUMBER && sign.text().startsWith("-");
        boolean before = joined || cursor.takeSymbol("-");
        if (!before && !cursor.takeSymbol("+")) {
            return Optional.empty();
        }
        Token number = cursor.next();
        String digits = joined ? number.text().substring(1) : number.text();
        if (number.kind() != Token.Kind.NUMBER || !digits.matches("\\d{1,9}")) {
            throw cursor.wrong(number, "found " + number.shown(), "how many, as a whole number");
        }
        Token word = cursor.next();
        ClockOffset.Unit unit = ClockOffset.Unit.of(word.text())
                .orElseThrow(() ->
                        cursor.wrong(word, "found " + word.shown(), "minutes, hours, days, weeks, months or years"));
        int amount = Integer.parseInt(digits);
        return Optional.of(
                new ClockOffset(false, before ? -amount : amount, unit).text().substring("now".length()));
    }
}

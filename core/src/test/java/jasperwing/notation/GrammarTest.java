package jasperwing.notation;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Designs;
import jasperwing.WideDesigns;
import jasperwing.model.Design;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** The grammar of docs/notation.md is that of the parser: it reads what the grammar makes, and the grammar has what is printed. */
class GrammarTest {
    private static final Ebnf GRAMMAR = grammar();
    private static final int DEEPEST = 9;

    /** What the page says stands beyond the grammar. */
    private static final Pattern BEYOND = Pattern.compile(
            ".*(?:is said twice|has no other rules|only a list is kept|^\"(?s:.*)\" is not understood here; expected a rule such as|'(?:outside|only)' is not understood here; expected 'outside' or|below a one-of relationship|only many have"
                    + " an order|needs many at both|a one-of needs|must lead to|says nothing here|that points to|who holds the key|is at neither end|has no value"
                    + "|more is said of|no type of a column|spoken of twice|has no key: only|a length|the scale of|digits|decimals|one-of points|said otherwise|twice).*");

    private static Ebnf grammar() {
        try {
            String page = Files.readString(Path.of(System.getProperty("jasperwing.root"), "docs", "notation.md"));
            Matcher block = Pattern.compile("```ebnf\n(.*?)```", Pattern.DOTALL).matcher(page);
            assertThat(block.find()).isTrue();
            return new Ebnf(block.group(1));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String written(String terminal, Random random) {
        return switch (terminal) {
            case "NEW" -> "\n";
            case "BELOW" -> "\n  ";
            case "NAME" -> List.of("Alpha", "Alpha", "beta", "`of one`", "`Gr\u00fcn 2`")
                    .get(random.nextInt(5));
            case "TEXT" -> List.of("\"some text\"", "\"a \\\"b\\\" # c\"").get(random.nextInt(2));
            case "VERB" -> List.of("have", "belong to", "be taken at").get(random.nextInt(3));
            case "WHOLE" -> String.valueOf(2 + random.nextInt(8));
            case "INTEGER" -> List.of("4", "-3").get(random.nextInt(2));
            case "NUMBER" -> List.of("4", "-3", "2.5", "120").get(random.nextInt(4));
            case "DATE" -> "2026-03-01";
            case "PATTERN" -> "/[A-Z]{2,}-[0-9]+/";
            case "LANGUAGE" -> "sv";
            case "WORD" -> List.of("round", "coalesce").get(random.nextInt(2));
            default -> throw new IllegalArgumentException("no rule for " + terminal);
        };
    }

    private static String text(List<String> sentence) {
        return String.join(" ", sentence).replace("\n ", "\n").strip() + "\n";
    }

    @Property(tries = 600)
    void theParserReadsWhatTheGrammarMakes(@ForAll long seed) {
        String text = text(GRAMMAR.sentence("design", new Random(seed), GrammarTest::written, DEEPEST));
        Parsed<Design> parsed = Notation.parse(text);
        assertThat(parsed.problems()).as(text).allMatch(p -> BEYOND.matcher(p.message() + "; expected " + p.expected())
                .matches());
    }

    @Property(tries = 600)
    void theParserReadsFormulasOfTheGrammar(@ForAll long seed) {
        String formula = text(GRAMMAR.sentence("formula", new Random(seed), GrammarTest::written, DEEPEST));
        String text = "design \"x\"\nentity Alpha\n  rule \"must hold\": " + formula;
        assertThat(Notation.parse(text).problems()).as(text).isEmpty();
    }

    @Test
    void mostOfWhatItMakesIsReadWithoutAProblem() {
        int sound = 0;
        for (String rule : List.of("database", "area", "entity", "sheet", "accepted", "relationship", "group")) {
            for (int seed = 0; seed < 50; seed++) {
                String text =
                        "design \"x\"\n" + text(GRAMMAR.sentence(rule, new Random(seed), GrammarTest::written, 6));
                sound += Notation.parse(text).problems().isEmpty() ? 1 : 0;
            }
        }
        assertThat(sound).isGreaterThan(150);
    }

    @Provide
    Arbitrary<Design> designs() {
        return Arbitraries.oneOf(Designs.all(), Arbitraries.longs().map(WideDesigns::of));
    }

    @Property(tries = 200)
    void theGrammarHasWhatIsPrinted(@ForAll("designs") Design design) throws SyntaxException {
        String printed = Notation.print(design);
        List<Token> tokens = new ArrayList<>();
        int number = 0;
        for (String line : printed.split("\n")) {
            Lexer.Line read = Lexer.read(line, ++number);
            if (!read.tokens().isEmpty()) {
                tokens.add(new Token(Token.Kind.SYMBOL, read.indent() > 0 ? "BELOW" : "NEW", 0, 0));
                tokens.addAll(read.tokens());
            }
        }
        assertThat(GRAMMAR.recognises("design", tokens, GrammarTest::ends))
                .as(printed)
                .isTrue();
    }

    private static Set<Integer> ends(String terminal, boolean word, List<Token> text, int at) {
        if (at >= text.size()) {
            return Set.of();
        }
        Token token = text.get(at);
        boolean one =
                switch (word ? "" : terminal) {
                    case "" -> isWord(terminal, token);
                    case "NEW", "BELOW" -> token.isSymbol(terminal);
                    case "NAME" -> token.kind() == Token.Kind.WORD || token.kind() == Token.Kind.QUOTED_NAME;
                    case "TEXT" -> token.kind() == Token.Kind.STRING;
                    case "NUMBER", "WHOLE", "INTEGER" -> token.kind() == Token.Kind.NUMBER;
                    case "DATE" -> token.kind() == Token.Kind.DATE;
                    case "PATTERN" -> token.kind() == Token.Kind.PATTERN;
                    case "LANGUAGE", "VERB", "WORD" -> token.kind() == Token.Kind.WORD;
                    default -> throw new IllegalArgumentException("no rule for " + terminal);
                };
        if (word && terminal.length() > 1 && !Character.isLetter(terminal.charAt(0))) {
            return signs(terminal, text, at);
        }
        return !one ? Set.of() : !word && terminal.equals("VERB") ? verb(text, at) : Set.of(at + 1);
    }

    private static boolean isWord(String terminal, Token token) {
        return token.isWord(terminal)
                || token.isSymbol(terminal)
                || token.kind() == Token.Kind.NUMBER && token.text().equals(terminal);
    }

    /** A sign of two characters is two symbols. */
    private static Set<Integer> signs(String terminal, List<Token> text, int at) {
        for (int i = 0; i < terminal.length(); i++) {
            if (at + i >= text.size() || !text.get(at + i).isSymbol(terminal.substring(i, i + 1))) {
                return Set.of();
            }
        }
        return Set.of(at + terminal.length());
    }

    private static Set<Integer> verb(List<Token> text, int at) {
        Set<Integer> ends = new TreeSet<>();
        for (int i = at; i < text.size() && text.get(i).kind() == Token.Kind.WORD; i++) {
            if (text.get(i).isWord("one") || text.get(i).isWord("many")) {
                break;
            }
            ends.add(i + 1);
        }
        return ends;
    }
}

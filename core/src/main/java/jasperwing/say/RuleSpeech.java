package jasperwing.say;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Expression;
import jasperwing.model.InheritanceTree;
import jasperwing.model.RowRule;
import jasperwing.naming.Steps;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How an attribute of a row compares with another, or with one of what the row refers to: {@code the end of a hire must be after its start}.
 * Both must be there.
 */
final class RuleSpeech {
    /** The words for a sign, with those that ask for it; those that say more come first. */
    private record Comparison(String sign, String asked, String words) {
        Comparison(String sign, String words) {
            this(sign, MUST, words);
        }
    }

    private static final String MUST = "(must be|has to be|should be|must always be)";
    private static final String MUST_NOT = "(must not be|may not be|cannot be|must never be|should not be)";

    private static final List<Comparison> COMPARISONS = List.of(
            new Comparison(
                    ">=",
                    "(at least|not before|not less than|no less than|not below|not smaller than|after or on|on or after)"),
            new Comparison(
                    "<=",
                    "(at most|not after|not more than|no more than|not above|not greater than|before or on|on or before)"),
            new Comparison(">", "(after|later than|more than|greater than|larger than|above|higher than|over)"),
            new Comparison("<", "(before|earlier than|less than|smaller than|below|lower than|under)"),
            new Comparison(">=", MUST_NOT, "(before|earlier than|less than|smaller than|below|lower than|under)"),
            new Comparison(
                    "<=", MUST_NOT, "(after|later than|more than|greater than|larger than|above|higher than|over)"),
            new Comparison("<>", MUST_NOT, "(the same as|equal to)"),
            new Comparison("<>", "(different from|other than|not the same as)"));

    /** {@code purchase date of its hive}, {@code hive's purchase date}. */
    private static final Pattern OF_ITS =
            Pattern.compile("(?i)(?<part>.+) of (?:its|their|the) (?<role>.+)|(?<owner>.+?) ?['\u2019]s (?<owned>.+)");

    /** One side of a comparison, and how a message says it. */
    private record Operand(Expression.Name path, String words) {}

    private record Form(Comparison comparison, SentenceForm sentence) {}

    private static final List<Form> FORMS = forms();

    private final Design design;
    private final SpokenNouns nouns;

    RuleSpeech(Design design, SpokenNouns nouns) {
        this.design = design;
        this.nouns = nouns;
    }

    private static List<Form> forms() {
        List<Form> forms = new ArrayList<>();
        for (Comparison comparison : COMPARISONS) {
            String rest = comparison.asked() + " " + comparison.words() + " (its|their|the)? K:any";
            for (String start : List.of("(the|its|each)? X:any of E:noun ", "E:noun 's X:any ")) {
                forms.add(new Form(comparison, SentenceForm.of(start + rest)));
            }
        }
        return List.copyOf(forms);
    }

    Optional<List<ClauseMeaning>> read(List<Token> tokens) {
        Optional<List<ClauseMeaning>> found = Optional.empty();
        for (Form form : FORMS) {
            found = found.or(() -> form.sentence().read(tokens, nouns, m -> compared(m, tokens, form.comparison())));
        }
        return found;
    }

    private Optional<List<ClauseMeaning>> compared(
            SentenceForm.Match match, List<Token> tokens, Comparison comparison) {
        return nouns.known(match.text("E")).flatMap(entity -> {
            Optional<Operand> one = own(entity, match.text("X"));
            Optional<Operand> other = operand(entity, match.text("K"));
            return one.isEmpty()
                            || other.isEmpty()
                            || one.get().path().equals(other.get().path())
                    ? Optional.empty()
                    : ClauseMeaning.ruled(
                            design,
                            entity,
                            RowRule.of(
                                    "must have " + one.get().words() + " " + how(match, tokens) + " "
                                            + other.get().words(),
                                    Expression.Call.of(
                                            comparison.sign(),
                                            one.get().path(),
                                            other.get().path())));
        });
    }

    /** How they compare, in the words that were said: {@code not before}. */
    private static String how(SentenceForm.Match match, List<Token> tokens) {
        int from = 0;
        while (!tokens.get(from).is("be")) {
            from++;
        }
        String how = Token.text(
                        tokens.subList(from + 1, tokens.size() - match.get("K").size()))
                .replaceFirst(" *\\b(its|their|the)$", "");
        return (tokens.get(from - 1).is("not", "never", "cannot") ? "not " : "") + how;
    }

    private static String bare(String said) {
        return said.strip().replaceFirst("(?i)^(?:the|its|their|an?) ", "");
    }

    /** An attribute of the row, or one of what the row refers to. */
    private Optional<Operand> operand(String entity, String said) {
        Matcher of = OF_ITS.matcher(said.strip());
        if (!of.matches()) {
            return own(entity, said);
        }
        String role = of.group("role") == null ? of.group("owner") : of.group("role");
        String attribute = of.group("part") == null ? of.group("owned") : of.group("part");
        return Steps.from(design, entity).stream()
                .filter(s -> !s.many() && s.name().equalsIgnoreCase(Words.camel(bare(role))))
                .findFirst()
                .flatMap(s -> attribute(s.to(), attribute)
                        .map(name -> new Operand(
                                Expression.Name.of(s.name(), name),
                                "its " + spoken(s.name()) + "'s " + spoken(attribute))));
    }

    private Optional<Operand> own(String entity, String said) {
        return attribute(entity, said).map(name -> new Operand(Expression.Name.of(name), "its " + spoken(said)));
    }

    private static String spoken(String said) {
        return Words.spoken(bare(said));
    }

    private Optional<String> attribute(String entity, String said) {
        List<String> all = design.entity(entity).stream()
                .flatMap(e -> InheritanceTree.line(design, e).stream())
                .flatMap(e -> e.attributes().stream())
                .map(Attribute::name)
                .toList();
        return SpokenNouns.among(all, bare(said));
    }
}

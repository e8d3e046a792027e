package jasperwing.say;

import jasperwing.formula.Formula;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import jasperwing.model.Expression;
import jasperwing.model.InheritanceTree;
import jasperwing.model.RowRule;
import jasperwing.naming.Words;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How two attributes of a row compare: {@code the end of a hire must be after its start}. Both must be there. */
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
            Optional<String> one = attribute(entity, match.text("X"));
            Optional<String> other = attribute(entity, match.text("K"));
            return one.isEmpty() || other.isEmpty() || one.equals(other)
                    ? Optional.empty()
                    : ruled(entity, message(match, tokens), condition(one.get(), comparison, other.get()));
        });
    }

    private static Expression condition(String one, Comparison comparison, String other) {
        return Expression.Call.of(comparison.sign(), Expression.Name.of(one), Expression.Name.of(other));
    }

    private Optional<List<ClauseMeaning>> ruled(String entity, String message, Expression condition) {
        RowRule rule = RowRule.of(message, condition);
        if (!Formula.condition(design, entity, condition).isSound()) {
            return Optional.empty();
        }
        String sentence = Notation.name(entity) + ": " + Notation.print(rule);
        return Optional.of(List.of(new ClauseMeaning.Done(
                sentence,
                EntityEdits.change(entity, e -> {
                    List<RowRule> rules = new ArrayList<>(e.rules());
                    rules.removeIf(r -> r.message().equals(message));
                    rules.add(rule);
                    return e.withRules(rules);
                }),
                List.of())));
    }

    /** {@code must have its end after its start}, in the words that were said. */
    private static String message(SentenceForm.Match match, List<Token> tokens) {
        int from = 0;
        while (!tokens.get(from).is("be")) {
            from++;
        }
        String how = Token.text(
                        tokens.subList(from + 1, tokens.size() - match.get("K").size()))
                .replaceFirst(" *\\b(its|their|the)$", "");
        boolean not = tokens.get(from - 1).is("not", "never", "cannot");
        return "must have its " + spoken(match.text("X")) + " " + (not ? "not " : "") + how + " its "
                + spoken(match.text("K"));
    }

    private static String spoken(String said) {
        return Words.spoken(bare(said));
    }

    private static String bare(String said) {
        return said.strip().replaceFirst("(?i)^(?:the|its|their|an?) ", "");
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

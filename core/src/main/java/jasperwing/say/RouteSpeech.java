package jasperwing.say;

import jasperwing.formula.RouteAgreement;
import jasperwing.model.Design;
import jasperwing.model.Expression.Name;
import jasperwing.naming.Plurals;
import jasperwing.naming.Step;
import jasperwing.naming.Steps;
import jasperwing.naming.Words;
import java.util.List;
import java.util.Optional;

/**
 * That what two routes lead to is the same: {@code the harbour of a mooring must be the harbour of its berth}, or {@code a mooring and its berth must have
 * the same harbour}.
 */
final class RouteSpeech {
    private static final String MUST = "(must be|has to be|should be|must always be)";
    private static final String IN = "(in|of|on|at|from|for)";

    /** X is the role of the entity, Y the one that is gone along, K the one from there. */
    private static final List<SentenceForm> FORMS = List.of(
            SentenceForm.of("(the|its|each)? X:any of E:noun " + MUST + " (the same as)? (the|that)? K:any of"
                    + " (its|their|the) Y:any"),
            SentenceForm.of("E:noun 's X:any " + MUST + " (the same as)? (the|that)? K:any of (its|their|the) Y:any"));

    private static final List<SentenceForm> TOGETHER = List.of(
            SentenceForm.of(
                    "E:noun and (its|their) Y:any (must have|must belong to|must share|have|have to have) the same K:any"),
            SentenceForm.of(
                    "E:noun and (its|their) Y:any (must be|must lie|must belong|have to be) " + IN + " the same K:any"),
            SentenceForm.of("(the|its|each)? Y:any of E:noun (must be|must lie|has to be) " + IN + " the same K:any"));

    private final Design design;
    private final SpokenNouns nouns;

    RouteSpeech(Design design, SpokenNouns nouns) {
        this.design = design;
        this.nouns = nouns;
    }

    Optional<List<ClauseMeaning>> read(List<Token> tokens) {
        return SentenceForm.first(FORMS, tokens, nouns, m -> agreed(m, m.text("X")))
                .or(() -> SentenceForm.first(TOGETHER, tokens, nouns, m -> agreed(m, m.text("K"))));
    }

    private Optional<List<ClauseMeaning>> agreed(SentenceForm.Match match, String own) {
        return nouns.known(match.text("E")).flatMap(entity -> role(entity, match.text("Y"))
                .flatMap(between -> role(between.to(), match.text("K")).flatMap(far -> role(entity, own)
                        .filter(direct -> direct.to().equals(far.to()) && !direct.equals(between))
                        .flatMap(direct -> ClauseMeaning.ruled(
                                design,
                                entity,
                                RouteAgreement.rule(Name.of(between.name(), far.name()), Name.of(direct.name())))))));
    }

    private Optional<Step> role(String entity, String said) {
        String wanted = Words.camel(said.strip().replaceFirst("(?i)^(?:the|its|their|an?) ", ""));
        return Steps.from(design, entity).stream()
                .filter(s -> !s.many()
                        && (Words.camel(s.name()).equalsIgnoreCase(wanted)
                                || Words.camel(s.name()).equalsIgnoreCase(Plurals.singular(wanted))))
                .findFirst();
    }
}

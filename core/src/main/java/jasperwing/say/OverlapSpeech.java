package jasperwing.say;

import jasperwing.formula.OverlapRule;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Expression;
import jasperwing.model.InheritanceTree;
import jasperwing.model.RowRule;
import jasperwing.model.Scalar;
import jasperwing.naming.Step;
import jasperwing.naming.Steps;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Rows that must keep apart: {@code no two bookings of the same room may overlap}. */
final class OverlapSpeech {
    private static final List<Scalar> TIMES = List.of(Scalar.DATE, Scalar.TIMESTAMP, Scalar.LOCAL_TIMESTAMP);
    private static final Pattern START = Pattern.compile("(?i)start|begin|began|from|open|since|arriv|valid_?from");
    private static final Pattern END =
            Pattern.compile("(?i)end|until|to(?![a-z])|till|clos|depart|leav|return|valid_?to");

    private static final String SAME = "(of|in|on|at|for|with|by) (the same|one|one and the same) K:any ";

    private static final List<SentenceForm> FORMS = List.of(
            SentenceForm.of("no two P:noun " + SAME + "(may|can|must|should|will)? overlap"),
            SentenceForm.of("two P:noun " + SAME + "(must not|may not|cannot|can never|must never|should not) overlap"),
            SentenceForm.of("(the|all)? P:noun " + SAME
                    + "(must not|may not|cannot|can never|must never|should not|do not|never) overlap"
                    + " (each other|one another)?"));

    private final Design design;
    private final SpokenNouns nouns;

    OverlapSpeech(Design design, SpokenNouns nouns) {
        this.design = design;
        this.nouns = nouns;
    }

    Optional<List<ClauseMeaning>> read(List<Token> tokens) {
        return tokens.stream().anyMatch(t -> t.is("overlap"))
                ? SentenceForm.first(FORMS, tokens, nouns, this::apart)
                : Optional.empty();
    }

    private Optional<List<ClauseMeaning>> apart(SentenceForm.Match match) {
        return nouns.known(match.text("P")).flatMap(entity -> {
            List<String> span = span(entity);
            List<String> same = new ArrayList<>();
            for (String item : SpokenNouns.items(match.get("K"))) {
                same.addAll(SpokenNouns.among(members(entity), item.replaceFirst("(?i)^(the same|the) ", "")).stream()
                        .toList());
            }
            boolean understood = span.size() == 2
                    && same.size() == SpokenNouns.items(match.get("K")).size();
            return understood ? ruled(entity, span, same) : Optional.empty();
        });
    }

    /** The attributes that by their names begin and end something, or the only two days or moments; else none. */
    private List<String> span(String entity) {
        List<Attribute> times = attributes(entity)
                .filter(a -> !a.list()
                        && !a.isComputed()
                        && a.stamp().isEmpty()
                        && TIMES.stream().anyMatch(a.type()::is))
                .toList();
        List<Attribute> starts = named(times, START);
        List<Attribute> ends = named(times, END);
        List<Attribute> span = starts.size() == 1 && ends.size() == 1 ? List.of(starts.get(0), ends.get(0)) : times;
        boolean alike = span.stream().map(Attribute::type).distinct().count() == 1;
        return span.size() == 2 && alike ? span.stream().map(Attribute::name).toList() : List.of();
    }

    private static List<Attribute> named(List<Attribute> all, Pattern name) {
        return all.stream().filter(a -> name.matcher(a.name()).lookingAt()).toList();
    }

    private Stream<Attribute> attributes(String entity) {
        List<Entity> line =
                design.entity(entity).map(e -> InheritanceTree.line(design, e)).orElse(List.of());
        return line.stream().flatMap(e -> e.attributes().stream());
    }

    /** What rows can have in common. */
    private List<String> members(String entity) {
        return Stream.concat(
                        Steps.from(design, entity).stream()
                                .filter(s -> !s.many())
                                .map(Step::name),
                        attributes(entity).map(Attribute::name))
                .toList();
    }

    private Optional<List<ClauseMeaning>> ruled(String entity, List<String> span, List<String> same) {
        Expression[] arguments = Stream.concat(span.stream(), same.stream())
                .map(Expression.Name::of)
                .toArray(Expression[]::new);
        String its = String.join(" and ", same.stream().map(Words::spoken).toList());
        RowRule rule = RowRule.of(
                "must not overlap another of its " + its, Expression.Call.of(OverlapRule.FUNCTION, arguments));
        return ClauseMeaning.ruled(design, entity, rule);
    }
}

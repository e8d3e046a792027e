package jasperwing.say;

import jasperwing.model.Area;
import jasperwing.model.AreaEdits;
import jasperwing.model.DatabaseNaming.Rule;
import jasperwing.model.DatabaseNamingEdits;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How tables and keys are called and where they lie: {@code tables are named in the singular}, {@code the tables of Fieldwork lie in the schema field}. A
 * design that has tables of its own, as a restaurant's, does not speak of these.
 */
final class DatabaseSpeech {
    private static final String ARE = "(are|must be|should be|shall be)? (named|called)?";
    private static final String LIE = "(are|lie|live|must be|should be|belong|go|go into)";

    private static final Map<Rule, List<SentenceForm>> RULES = Map.of(
            Rule.SINGULAR_TABLES,
            List.of(
                    SentenceForm.of("(the|all)? tables " + ARE + " in the singular"),
                    SentenceForm.of("(the|all)? (tables|table names|names of tables) (are|must be|should be) singular"),
                    SentenceForm.of("use singular table names")),
            Rule.JOINS_AFTER_BOTH,
            List.of(SentenceForm.of("(the|all)? join tables " + ARE + " after both (entities|sides|ends)?")),
            Rule.KEYS_AFTER_TABLES,
            List.of(SentenceForm.of("(the|all)? (keys|key columns) " + ARE + " after (their|the) (table|tables)")),
            Rule.KIND_LAST,
            List.of(SentenceForm.of("(the|all)? constraints (end|must end|should end) (in|with) their kind")));

    private static final List<SentenceForm> PLURAL = List.of(
            SentenceForm.of("(the|all)? tables " + ARE + " in the plural"),
            SentenceForm.of("(the|all)? (tables|table names|names of tables) (are|must be|should be) plural"));

    private static final List<SentenceForm> PREFIX = List.of(
            SentenceForm.of("(the|all)? (tables|table names|names of tables) (begin|start|must begin|must start|should"
                    + " begin|should start) with X:any"),
            SentenceForm.of("(the|all)? tables (have|get) the prefix X:any"));

    private static final List<SentenceForm> SCHEMA =
            List.of(SentenceForm.of("(the|all)? tables " + LIE + " in (the)? schema X:any"));

    private static final List<SentenceForm> OF_AREA = List.of(
            SentenceForm.of("(the|all)? tables of (the|area|the area)? A:any " + LIE + " in (the)? schema X:any"));

    private final Design design;
    private final SpokenNouns nouns;

    DatabaseSpeech(Design design, SpokenNouns nouns) {
        this.design = design;
        this.nouns = nouns;
    }

    Optional<List<ClauseMeaning>> read(List<Token> tokens) {
        if (tokens.stream().noneMatch(t -> t.is("tables", "table", "keys", "key", "constraints"))
                || nouns.known("table").isPresent()
                || nouns.known("key").isPresent()) {
            return Optional.empty();
        }
        return RULES.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .flatMap(r -> SentenceForm.first(r.getValue(), tokens, nouns, m -> done(r.getKey())).stream())
                .findFirst()
                .or(() -> SentenceForm.first(
                        PLURAL,
                        tokens,
                        nouns,
                        m -> done("tables in the plural", DatabaseNamingEdits.rule(Rule.SINGULAR_TABLES, false))))
                .or(() -> SentenceForm.first(PREFIX, tokens, nouns, m -> name(m.text("X"))
                        .flatMap(p -> done("tables begin with \"" + p + "\"", DatabaseNamingEdits.prefix(p)))))
                .or(() -> SentenceForm.first(SCHEMA, tokens, nouns, m -> name(m.text("X"))
                        .flatMap(s -> done("schema \"" + s + "\"", DatabaseNamingEdits.schema(s)))))
                .or(() -> SentenceForm.first(
                        OF_AREA, tokens, nouns, m -> name(m.text("X")).flatMap(s -> area(m.text("A"))
                                .flatMap(a -> done(
                                        "area " + a.name() + " in schema \"" + s + "\"",
                                        AreaEdits.schema(a.name(), s))))));
    }

    private Optional<Area> area(String said) {
        return design.areas().stream()
                .filter(a -> a.name().equalsIgnoreCase(said.strip()))
                .findFirst();
    }

    /** One word, which can be in quotes. */
    private static Optional<String> name(String said) {
        String bare = said.strip().replaceAll("^[\"'`\u201c]|[\"'`\u201d]$", "");
        return bare.matches("[\\p{L}\\p{N}_]+") ? Optional.of(bare) : Optional.empty();
    }

    private static Optional<List<ClauseMeaning>> done(Rule rule) {
        return done(rule.words(), DatabaseNamingEdits.rule(rule, true));
    }

    private static Optional<List<ClauseMeaning>> done(String line, Edit edit) {
        return Optional.of(List.of(new ClauseMeaning.Done(line, edit, List.of())));
    }
}

package jasperwing.say;

import jasperwing.derive.DeleteImpact;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Step;
import jasperwing.naming.Steps;
import jasperwing.naming.Words;
import jasperwing.notation.Notation;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Answers questions about a design, without changing it: {@code what refers to Dive}, {@code where is email used}. */
final class Questions {
    private static final List<SentenceForm> REFERRING = List.of(
            SentenceForm.of(
                    "(what|who|which entities) (refers to|refer to|points to|point to|uses|use|belongs to|belong to|depends on|depend on) E:noun"));
    private static final List<SentenceForm> DELETING = List.of(
            SentenceForm.of("what happens (when|if) E:noun is (deleted|removed)"),
            SentenceForm.of("what (does|would) (deleting|removing) E:noun (do|delete)"),
            SentenceForm.of("can (I|we|i)? (delete|remove) E:noun"));
    private static final List<SentenceForm> PATHS = List.of(
            SentenceForm.of("how (do i|do we|can i|does one|to) (get|come|go) from A:noun to B:noun"),
            SentenceForm.of("how (are|is) A:noun (and|related to|connected to) B:noun (related|connected)?"),
            SentenceForm.of("(path|way|route) from A:noun to B:noun"));
    private static final List<SentenceForm> ATTRIBUTES = List.of(
            SentenceForm.of("(which|what) attributes (are|of) (optional|required|unique|computed|lists)"),
            SentenceForm.of("(which|what) attributes of E:noun are (optional|required|unique|computed|lists)"));
    private static final List<SentenceForm> USED =
            List.of(SentenceForm.of("where is X:member (used|stored|kept|found)"), SentenceForm.of("who has X:member"));

    private final Design design;
    private final SpokenNouns nouns;

    Questions(Design design) {
        this.design = design;
        this.nouns = new SpokenNouns(design);
    }

    /** The answer; empty for what is no question that can be answered. */
    Optional<Understanding> answer(String text) {
        List<Token> tokens = Token.of(text.replaceFirst("\\?+\\s*$", ""));
        return first(REFERRING, tokens, this::referring)
                .or(() -> first(DELETING, tokens, this::deleting))
                .or(() -> first(PATHS, tokens, this::path))
                .or(() -> first(ATTRIBUTES, tokens, m -> attributes(m, tokens)))
                .or(() -> first(USED, tokens, this::used));
    }

    private interface Answer {
        Optional<Understanding> of(SentenceForm.Match match);
    }

    private Optional<Understanding> first(List<SentenceForm> forms, List<Token> tokens, Answer answer) {
        return forms.stream()
                .flatMap(f -> f.read(tokens, nouns, answer::of).stream())
                .findFirst();
    }

    private Optional<Understanding> referring(SentenceForm.Match match) {
        return nouns.known(match.text("E")).map(entity -> {
            List<Role> roles = design.entities().stream()
                    .flatMap(e -> Roles.heldBy(design, e.name()).stream())
                    .filter(r -> r.targets().contains(entity))
                    .distinct()
                    .toList();
            List<String> lines = new ArrayList<>(roles.stream()
                    .map(r -> r.holder() + "." + r.name() + " refers to " + entity + (r.must() ? "" : ", or is empty"))
                    .toList());
            design.relationshipsOf(entity)
                    .forEach(r -> r.visit(binary -> pairs(binary, entity).ifPresent(lines::add), oneOf -> {}));
            return Understanding.answer(
                    lines.isEmpty() ? List.of("Nothing refers to " + entity + ".") : lines,
                    roles.stream().map(Role::holder).distinct().toList());
        });
    }

    private static Optional<String> pairs(BinaryRelationship binary, String entity) {
        String other = binary.from().equals(entity) ? binary.to() : binary.from();
        return binary.isOfPairsAlone()
                ? Optional.of("Pairs of " + other + " and " + entity + " refer to both")
                : Optional.empty();
    }

    private Optional<Understanding> deleting(SentenceForm.Match match) {
        return nouns.known(match.text("E")).flatMap(entity -> {
            Schema schema = Schema.derive(design, Dialects.DEFAULT);
            Optional<DerivedTable> table = schema.table(entity);
            return table.map(t -> Understanding.answer(
                    List.of(DeleteImpact.of(design.whole(), schema, t).sentence()), List.of(entity)));
        });
    }

    private Optional<Understanding> path(SentenceForm.Match match) {
        Optional<String> from = nouns.known(match.text("A"));
        Optional<String> to = nouns.known(match.text("B"));
        return from.isEmpty() || to.isEmpty()
                ? Optional.empty()
                : Optional.of(Understanding.answer(
                        List.of(shortest(from.get(), to.get())
                                .map(path -> "By " + from.get() + "." + path)
                                .orElse("No relationships lead from " + from.get() + " to " + to.get() + ".")),
                        List.of(from.get(), to.get())));
    }

    private record Path(String at, String roles) {}

    private Optional<String> shortest(String from, String to) {
        Deque<Path> open = new ArrayDeque<>(List.of(new Path(from, "")));
        Set<String> seen = new HashSet<>(Set.of(from));
        while (!open.isEmpty()) {
            Path path = open.poll();
            for (Step step : Steps.from(design, path.at())) {
                String roles = path.roles().isEmpty() ? step.name() : path.roles() + "." + step.name();
                if (step.to().equals(to)) {
                    return Optional.of(roles);
                }
                if (seen.add(step.to())) {
                    open.add(new Path(step.to(), roles));
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Understanding> attributes(SentenceForm.Match match, List<Token> tokens) {
        String what = tokens.get(tokens.size() - 1).low();
        Optional<String> only = match.get("E").isEmpty() ? Optional.empty() : nouns.known(match.text("E"));
        if (!match.get("E").isEmpty() && only.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(listed(
                e -> only.isEmpty() || only.get().equals(e.name()), (e, a) -> isSo(what, e, a), "No attribute is."));
    }

    private static boolean isSo(String what, Entity entity, Attribute attribute) {
        return switch (what) {
            case "optional" -> attribute.optional();
            case "required" -> !attribute.optional() && !attribute.isComputed();
            case "unique" -> attribute.unique() || entity.key().names().equals(List.of(attribute.name()));
            case "computed" -> attribute.isComputed();
            default -> attribute.list();
        };
    }

    private Optional<Understanding> used(SentenceForm.Match match) {
        return SpokenNouns.member(match.text("X"))
                .map(name -> listed(
                        e -> true,
                        (e, a) -> Words.camel(a.name()).equalsIgnoreCase(Words.camel(name)),
                        "No attribute is called " + name + "."));
    }

    private Understanding listed(Predicate<Entity> entities, BiPredicate<Entity, Attribute> wanted, String otherwise) {
        List<String> lines = new ArrayList<>();
        List<String> holders = new ArrayList<>();
        for (Entity entity : design.entities()) {
            Stream<Attribute> all = entities.test(entity) ? entity.attributes().stream() : Stream.empty();
            all.filter(a -> wanted.test(entity, a)).forEach(a -> {
                lines.add(
                        entity.name() + "." + Notation.print(a, entity.isKey(a)).replaceAll("\\s+", " "));
                holders.add(entity.name());
            });
        }
        return Understanding.answer(
                lines.isEmpty() ? List.of(otherwise) : lines,
                holders.stream().distinct().toList());
    }
}

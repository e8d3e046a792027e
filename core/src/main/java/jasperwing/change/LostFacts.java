package jasperwing.change;

import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Indexing;
import jasperwing.model.Notes;
import jasperwing.model.OnDelete;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.RowRule;
import jasperwing.model.Scalar;
import jasperwing.model.Sorting;
import jasperwing.model.TextConstraint;
import jasperwing.naming.Roles;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a design says and another, made of it by an edit, does not say any more, wherever it might stand: documentation, labels, defaults,
 * ranges, patterns, formulas, uniqueness, indexes, rules, delete rules. It compares the two designs and knows nothing of the edit, so that no edit can
 * lose anything unseen.
 */
public final class LostFacts {
    /**
     * Something said, without its place.
     *
     * @param sort such as a default
     * @param content what is said, so that it is recognised when it has moved
     */
    private record Fact(String sort, String content) {}

    private final Map<Fact, List<String>> places = new LinkedHashMap<>();

    private LostFacts(Design design) {
        Design whole = design.whole();
        whole.entities().forEach(this::entity);
        for (AttributeGroup group : design.groups()) {
            group.attributes().forEach(a -> attribute(group.name(), a));
            if (group.is(AttributeGroup.Kind.VALUE)) {
                rules(group.rules(), group.name());
            }
        }
        design.relationships().forEach(this::relationship);
    }

    /** Each in a few words with the place it had, as in {@code the default of Dive.depth}; in the order of the design. */
    public static List<String> of(Design before, Design after) {
        Map<Fact, List<String>> left = new LostFacts(after).places;
        List<String> lost = new ArrayList<>();
        new LostFacts(before).places.forEach((fact, all) -> {
            List<String> now = left.getOrDefault(fact, List.of());
            List<String> gone = new ArrayList<>(all);
            now.forEach(gone::remove);
            gone.stream()
                    .limit(Math.max(0, all.size() - now.size()))
                    .forEach(p -> lost.add("the " + fact.sort() + " " + p));
        });
        return lost;
    }

    private void add(String sort, String content, String place) {
        if (!content.isEmpty()) {
            places.computeIfAbsent(new Fact(sort, content), f -> new ArrayList<>(1))
                    .add(place);
        }
    }

    private void notes(Notes notes, String place) {
        notes.doc().lines().filter(l -> !l.isBlank()).forEach(l -> add("documentation", l.strip(), "of " + place));
        add("label", notes.label(), "of " + place);
        add("physical name", notes.physical(), "of " + place);
        notes.stored().types().forEach((database, type) -> add("type in " + database, type, "of " + place));
        notes.stored().columns().forEach(c -> add("column name", c, "of " + place));
        notes.stored().constraints().forEach(c -> add("foreign key name", c, "of " + place));
    }

    private void entity(Entity entity) {
        notes(entity.notes(), entity.name());
        entity.attributes().forEach(a -> attribute(entity.name(), a));
        add("constraint name", entity.key().constraint(), "of " + entity.name());
        entity.uniques().forEach(u -> add("constraint name", u.constraint(), "of " + entity.name()));
        entity.indexes().forEach(i -> add("constraint name", i.members().constraint(), "of " + entity.name()));
        entity.uniques()
                .forEach(u ->
                        add("unique constraint", "" + u.names().size(), words(u.names()) + " of " + entity.name()));
        entity.indexes().forEach(i -> index(entity.name(), i));
        rules(entity.rules(), entity.name());
    }

    /** One that is stated twice says no more than once. */
    private void rules(List<RowRule> rules, String owner) {
        rules.stream().distinct().forEach(r -> add("constraint name", r.constraint(), "of " + owner));
        rules.stream().distinct().forEach(r -> add("rule", r.message(), "\u201c" + r.message() + "\u201d of " + owner));
    }

    private void index(String entity, Indexing index) {
        String sort = index.unique() ? "unique constraint" : "index";
        String where = index.where().map(w -> " where " + Notation.print(w)).orElse("");
        add(
                sort,
                index.members().names().size() + " " + index.covered().size() + " "
                        + index.where().isPresent(),
                words(index.members().names()) + where + " of " + entity);
    }

    private static String words(List<String> names) {
        return "(" + String.join(", ", names) + ")";
    }

    private void attribute(String owner, Attribute attribute) {
        String place = "of " + owner + "." + attribute.name();
        notes(attribute.notes(), owner + "." + attribute.name());
        add("default", attribute.defaultValue().map(d -> d.kind() + d.text()).orElse(""), place);
        add("range", attribute.range().map(Object::toString).orElse(""), place);
        add(
                "way of counting",
                attribute.type().is(Scalar.SERIAL) ? attribute.counting().words() : "",
                place);
        add("time set by itself", attribute.stamped().map(Enum::name).orElse(""), place);
        add("formula", attribute.formula().map(f -> attribute.name()).orElse(""), place);
        add("uniqueness", attribute.unique() ? "unique" : "", place);
        form(attribute.textConstraint(), place);
    }

    private void form(TextConstraint form, String place) {
        add("least length", form.longerThan().map(l -> "" + l).orElse(""), place);
        add("pattern", form.matching(), place);
        add("comparison ignoring case", form.ignoringCase() ? "yes" : "", place);
        add("sort order", form.sortedAs(), place);
    }

    private void relationship(Relationship relationship) {
        String place = relationship.from() + "." + Roles.forward(relationship);
        notes(relationship.notes(), place);
        for (OnDelete rule : relationship.deletes()) {
            add("delete rule", rule.rule().name(), "of " + place);
        }
        relationship
                .keyChanges()
                .forEach(c -> add("rule on changes of a key", c.rule().name(), "of " + place));
        add("check at the end of the transaction", relationship.checkedAtEnd() ? "late" : "", "of " + place);
        Stream.concat(Stream.of(relationship.forward()), relationship.back().stream())
                .forEach(r -> add("number of many", r.most() > 0 ? "" + r.most() : "", "of " + place));
        relationship.forward().sorting().ifPresent(s -> order(s, place));
        relationship.back().flatMap(Reading::sorting).ifPresent(s -> order(s, place));
    }

    /** Names aside, which an order follows. */
    private void order(Sorting sorting, String place) {
        String ways = sorting.keys().stream()
                .map(k -> k.falling() ? "falling" : "rising")
                .collect(Collectors.joining(" "));
        add("order", (sorting.kept() ? "kept " : "") + ways, "of " + place);
    }
}

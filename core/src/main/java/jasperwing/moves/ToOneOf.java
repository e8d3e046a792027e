package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.derive.KeyTypes;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Reading;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Gives a pair of attributes, one for the kind of a thing and one for its id, the one-of relationship they stand for. */
public record ToOneOf(String entity, String kind, String id, List<String> subjects) implements Move {
    private static final List<String> KIND_ENDINGS = List.of("Kind", "Type");

    public ToOneOf {
        subjects = List.copyOf(subjects);
    }

    /** The pairs an entity has: {@code subjectKind} or {@code subjectType} beside {@code subjectId}; the kind first. */
    static List<List<String>> pairs(Entity entity) {
        List<List<String>> pairs = new ArrayList<>();
        for (Attribute attribute : entity.attributes()) {
            String name = Words.camel(attribute.name());
            for (String ending : KIND_ENDINGS) {
                if (name.endsWith(ending) && name.length() > ending.length()) {
                    String stem = name.substring(0, name.length() - ending.length());
                    entity.attributes().stream()
                            .filter(a -> Words.camel(a.name()).equals(stem + "Id"))
                            .findFirst()
                            .ifPresent(a -> pairs.add(List.of(attribute.name(), a.name())));
                }
            }
        }
        return pairs;
    }

    private String role() {
        String name = Words.camel(id);
        return name.endsWith("Id") && name.length() > 2 ? name.substring(0, name.length() - 2) : name;
    }

    /** What the subjects call what points to them, clear of what they have. */
    private String back(Design design) {
        String plain = MoveSteps.backRole(entity, true);
        boolean taken =
                subjects.stream().anyMatch(s -> Preconditions.members(design, s).contains(plain));
        return taken ? role() + Words.pascal(plain) : plain;
    }

    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, entity),
                () -> Preconditions.attributes(design, entity, List.of(kind, id)),
                () -> Preconditions.when(subjects.isEmpty(), "Choose what it can point to."),
                () -> subjects.stream()
                        .filter(s -> design.entity(s).isEmpty())
                        .findFirst()
                        .map(s -> "There is no entity " + s + "."),
                () -> Preconditions.when(
                        new LinkedHashSet<>(subjects).size() < subjects.size(), "A subject is said twice."),
                () -> Preconditions.when(
                        !KeyTypes.alike(design, subjects),
                        "The keys of " + String.join(", ", subjects) + " are not alike, so that one " + id
                                + " cannot hold them all; choose others, or key them alike first."),
                () -> Preconditions.inKey(design, entity, List.of(kind, id)),
                () -> Preconditions.torn(design, entity, List.of(kind, id)).filter(h -> namesOneOnly(design)),
                () -> Preconditions.sorting(design, entity, List.of(kind, id)),
                () -> Preconditions.freeMember(design, entity, role()),
                () -> subjects.stream()
                        .flatMap(s -> Preconditions.freeMember(design, s, back(design)).stream())
                        .findFirst());
    }

    /** Whether something is unique by, or shown as, one of the two without the other. */
    private boolean namesOneOnly(Design design) {
        Entity e = design.entity(entity).orElseThrow();
        List<Members> naming = new ArrayList<>(e.uniques());
        naming.add(e.shown());
        return naming.stream()
                .anyMatch(m -> m.names().contains(kind) != m.names().contains(id));
    }

    @Override
    public Design made(Design design) {
        Entity before = design.entity(entity).orElseThrow();
        boolean must = !before.attribute(id).orElseThrow().optional();
        Design without = MoveSteps.change(design, entity, e -> e.withAttributes(MoveSteps.without(e, List.of(kind, id)))
                .withUniques(e.uniques().stream().map(this::pointing).toList())
                .withShown(pointing(e.shown())));
        Reading forward = new Reading(must, "be about", false, role());
        Reading back = new Reading(false, "have", true, back(design));
        PolymorphicRelationship oneOf = new PolymorphicRelationship(
                entity,
                subjects,
                forward,
                Optional.of(back),
                Optional.of(PolymorphicMapping.KIND_AND_ID),
                List.of(),
                Notes.of(before.attribute(kind).orElseThrow().notes().comments()));
        return MoveSteps.relate(without, oneOf);
    }

    private Members pointing(Members members) {
        Set<String> names = new LinkedHashSet<>();
        members.names().forEach(n -> names.add(n.equals(kind) || n.equals(id) ? role() : n));
        return members.withNames(List.copyOf(names));
    }
}

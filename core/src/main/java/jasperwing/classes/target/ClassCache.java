package jasperwing.classes.target;

import jasperwing.classes.GeneratedFile;
import jasperwing.classes.template.TemplateProblemException;
import jasperwing.derive.Schema;
import jasperwing.derive.SchemaCache;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.Family;
import jasperwing.model.Relationship;
import jasperwing.model.Scalar;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * The files made last, so that an edit makes anew only those of the entities it concerns. What is made does not depend on what was made before.
 * Confined to one thread.
 */
public final class ClassCache {
    private final SchemaCache schemas = new SchemaCache();
    private Target target;
    private Design last;
    private Schema schema;
    private List<GeneratedFile> files = List.of();

    /** The same as {@link Target#generate(Design)}, of a target whose files are each of one thing, or of the whole. */
    public List<GeneratedFile> files(Target wanted, Design design) throws TemplateProblemException {
        Schema derived = Schema.derive(design, wanted.dialect(design), schemas);
        Optional<Set<String>> concerned = wanted == target ? concerned(design, derived) : Optional.empty();
        files = concerned.isPresent() ? patched(wanted, design, derived, concerned.get()) : wanted.generate(design);
        target = wanted;
        last = design;
        schema = derived;
        return files;
    }

    private List<GeneratedFile> patched(Target wanted, Design design, Schema derived, Set<String> concerned)
            throws TemplateProblemException {
        if (concerned.isEmpty()) {
            return files;
        }
        Set<String> names = new HashSet<>(concerned);
        design.enums().stream().map(EnumType::name).forEach(names::add);
        design.groups().stream().map(AttributeGroup::name).forEach(names::add);
        Map<String, GeneratedFile> all = new TreeMap<>();
        files.stream()
                .filter(f -> !f.entity().isEmpty() && !concerned.contains(f.entity()))
                .forEach(f -> all.put(f.path(), f));
        wanted.generate(design, derived, names).forEach(f -> all.put(f.path(), f));
        wanted.generateOnce(design, derived).forEach(f -> all.put(f.path(), f));
        return List.copyOf(all.values());
    }

    /** The entities whose files may be others than before; empty when all may be. */
    private Optional<Set<String>> concerned(Design design, Schema derived) {
        if (!isAlike(design)) {
            return Optional.empty();
        }
        Set<String> changed = new HashSet<>();
        for (int i = 0; i < design.entities().size(); i++) {
            Entity before = last.entities().get(i);
            Entity now = design.entities().get(i);
            if (before != now && !before.equals(now)) {
                if (reachesFar(before) || reachesFar(now)) {
                    return Optional.empty();
                }
                changed.add(now.name());
            }
            if (!derived.table(now.name()).equals(schema.table(now.name()))) {
                changed.add(now.name());
            }
        }
        changed.addAll(ofChangedRelationships(design));
        if (changed.stream().anyMatch(e -> Family.has(design, e) || Family.has(last, e))) {
            return Optional.empty();
        }
        return Optional.of(changed.isEmpty() ? changed : withNeighbours(design, changed));
    }

    /** Whether everything is the same that any file may depend on. */
    private boolean isAlike(Design design) {
        return last.name().equals(design.name())
                && last.areas().equals(design.areas())
                && last.enums().equals(design.enums())
                && last.groups().equals(design.groups())
                && last.targets().equals(design.targets())
                && names(last).equals(names(design));
    }

    private static List<String> names(Design design) {
        return design.entities().stream().map(Entity::name).toList();
    }

    /** Whether files that are not its own depend on it: those that several classes share, or that name its package. */
    private boolean reachesFar(Entity entity) {
        return entity.attributes().stream()
                .anyMatch(a -> a.isListInRow() || a.type().is(Scalar.DURATION));
    }

    private Set<String> ofChangedRelationships(Design design) {
        Set<String> concerned = new HashSet<>();
        if (!last.relationships().equals(design.relationships())) {
            Set<Relationship> before = new HashSet<>(last.relationships());
            Set<Relationship> now = new HashSet<>(design.relationships());
            Stream.concat(
                            last.relationships().stream().filter(r -> !now.contains(r)),
                            design.relationships().stream().filter(r -> !before.contains(r)))
                    .forEach(r -> concerned.addAll(ends(r)));
        }
        return concerned;
    }

    private static List<String> ends(Relationship relationship) {
        List<String> ends = new ArrayList<>(relationship.targets());
        ends.add(relationship.from());
        if (relationship instanceof BinaryRelationship tie && !tie.via().isEmpty()) {
            ends.add(tie.via());
        }
        return ends;
    }

    /** A class speaks of those it is related to by their names; what is computed may look farther. */
    private Set<String> withNeighbours(Design design, Set<String> changed) {
        Set<String> all = new HashSet<>(changed);
        for (String entity : changed) {
            Stream.of(last, design)
                    .flatMap(d -> d.relationshipsOf(entity).stream())
                    .forEach(r -> all.addAll(ends(r)));
        }
        design.entities().stream()
                .filter(e -> e.attributes().stream().anyMatch(Attribute::isComputed))
                .forEach(e -> all.add(e.name()));
        return all;
    }
}

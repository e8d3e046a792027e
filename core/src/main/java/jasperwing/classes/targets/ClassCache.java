package jasperwing.classes.targets;

import jasperwing.classes.GeneratedFile;
import jasperwing.classes.template.TemplateProblemException;
import jasperwing.derive.Schema;
import jasperwing.derive.SchemaCache;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Change;
import jasperwing.model.Design;
import jasperwing.model.DesignDiff;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.InheritanceTree;
import jasperwing.model.Scalar;
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
        DesignDiff diff = DesignDiff.between(last, design);
        if (!isOfEntities(diff)) {
            return Optional.empty();
        }
        Set<String> changed = diff.touched();
        design.entities().stream()
                .map(Entity::name)
                .filter(e -> !derived.table(e).equals(schema.table(e)))
                .forEach(changed::add);
        if (changed.stream().anyMatch(e -> InheritanceTree.has(design, e) || InheritanceTree.has(last, e))) {
            return Optional.empty();
        }
        return Optional.of(changed.isEmpty() ? changed : withNeighbours(design, changed));
    }

    /** Whether everything else is the same that any file may depend on. */
    private boolean isOfEntities(DesignDiff diff) {
        return !diff.renamed()
                && !diff.naming()
                && diff.areas().isEmpty()
                && diff.enums().isEmpty()
                && diff.groups().isEmpty()
                && diff.targets().isEmpty()
                && !diff.entities().concern(Entity::name)
                && diff.entities().all().stream().flatMap(Change::both).noneMatch(this::reachesFar);
    }

    /** Whether files that are not its own depend on it: those that several classes share, or that name its package. */
    private boolean reachesFar(Entity entity) {
        return entity.attributes().stream()
                .anyMatch(a -> a.isListInRow() || a.isTimeOrdered() || a.type().is(Scalar.DURATION));
    }

    /** A class speaks of those it is related to by their names; what is computed and rules may look farther. */
    private Set<String> withNeighbours(Design design, Set<String> changed) {
        Set<String> all = new HashSet<>(changed);
        for (String entity : changed) {
            Stream.of(last, design)
                    .flatMap(d -> d.relationshipsOf(entity).stream())
                    .forEach(r -> all.addAll(r.ends()));
        }
        design.whole().entities().stream()
                .filter(e -> !e.rules().isEmpty() || e.attributes().stream().anyMatch(Attribute::isComputed))
                .forEach(e -> all.add(e.name()));
        return all;
    }
}

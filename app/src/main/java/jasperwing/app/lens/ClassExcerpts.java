package jasperwing.app.lens;

import jasperwing.app.controls.CodeLine;
import jasperwing.app.controls.Kept;
import jasperwing.app.workspace.Projection;
import jasperwing.classes.ClassDeclarations;
import jasperwing.classes.GeneratedFile;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Relationship;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;

/** Excerpts of the generated classes as boxes of the lens. */
final class ClassExcerpts {
    private static final int MOST_LINES = 24;

    private final Projection projection;
    private final Kept kept;

    ClassExcerpts(Projection projection, Kept kept) {
        this.projection = projection;
        this.kept = kept;
    }

    List<Node> entity(String entity) {
        return projection.files(Set.of(entity)).stream()
                .limit(1)
                .map(f -> box(f.path(), declared(ClassDeclarations.of(f))))
                .toList();
    }

    /** What a class is, and its fields. */
    private static List<String> declared(ClassDeclarations declarations) {
        List<String> lines = new ArrayList<>(plain(declarations.head()));
        declarations.fields().forEach(d -> lines.addAll(plain(d.lines())));
        return lines.size() > MOST_LINES ? concat(lines.subList(0, MOST_LINES), "    \u2026") : lines;
    }

    /** Without documentation of one line. */
    private static List<String> plain(List<String> lines) {
        return lines.stream().filter(l -> !l.strip().startsWith("/**")).toList();
    }

    private static List<String> concat(List<String> lines, String last) {
        List<String> all = new ArrayList<>(lines);
        all.add(last);
        return all;
    }

    List<Node> relationship(Relationship relationship) {
        Set<String> names = new LinkedHashSet<>();
        Roles.of(relationship).stream().map(Role::name).forEach(names::add);
        names.add(Roles.forward(relationship));
        relationship.back().ifPresent(b -> names.add(Roles.back(relationship)));
        List<Node> boxes = new ArrayList<>();
        Set<String> concerned = new LinkedHashSet<>(relationship.targets());
        concerned.add(relationship.from());
        if (relationship instanceof BinaryRelationship binary) {
            concerned.add(binary.via());
        }
        for (GeneratedFile file : projection.files(concerned)) {
            List<String> lines = ClassDeclarations.of(file).fields().stream()
                    .filter(d -> names.contains(d.source().member()))
                    .flatMap(d -> plain(d.lines()).stream())
                    .toList();
            if (!lines.isEmpty()) {
                boxes.add(box(file.path(), lines));
            }
        }
        return boxes;
    }

    private Node box(String path, List<String> lines) {
        int indent = lines.stream()
                .mapToInt(l -> l.length() - l.stripLeading().length())
                .min()
                .orElse(0);
        List<Node> rows = lines.stream()
                .map(l -> l.substring(indent))
                .map(l -> (Node) kept.node(List.of("line", l), () -> CodeLine.of(l, true)))
                .toList();
        return kept.box(List.of("class", path), rows, "code-box", "paper-box");
    }
}

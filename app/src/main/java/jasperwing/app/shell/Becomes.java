package jasperwing.app.shell;

import jasperwing.classes.GeneratedFile;
import jasperwing.model.Relationship;
import jasperwing.model.Tie;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import javafx.scene.Node;

/** Excerpts of the generated classes as boxes of the lens. */
final class Becomes {
    private static final int MOST_LINES = 24;

    private final Projection projection;
    private final Kept kept;

    Becomes(Projection projection, Kept kept) {
        this.projection = projection;
        this.kept = kept;
    }

    List<Node> entity(String entity) {
        return projection.files(Set.of(entity)).stream()
                .limit(1)
                .map(f -> box(f.path(), head(f.text())))
                .toList();
    }

    /** The fields of a class, up to its first constructor. */
    private static List<String> head(String text) {
        List<String> lines = new ArrayList<>();
        boolean inside = false;
        for (String line : text.lines().toList()) {
            inside |= line.startsWith("@Entity");
            boolean end = line.contains("For the persistence provider")
                    || line.matches("    (public|protected) \\w+\\(\\) \\{}");
            if (inside && end) {
                break;
            }
            if (inside && !line.isBlank() && !line.strip().startsWith("/**")) {
                lines.add(line);
            }
        }
        return lines.size() > MOST_LINES ? concat(lines.subList(0, MOST_LINES), "    \u2026") : lines;
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
        if (relationship instanceof Tie tie) {
            concerned.add(tie.via());
        }
        for (GeneratedFile file : projection.files(concerned)) {
            List<String> lines = fields(file.text(), names);
            if (!lines.isEmpty()) {
                boxes.add(box(file.path(), lines));
            }
        }
        return boxes;
    }

    /** The paragraphs that declare a field of one of the names, or of a one-of's column of that name. */
    private static List<String> fields(String text, Set<String> names) {
        String any = String.join("|", names.stream().map(Pattern::quote).toList());
        Pattern field = Pattern.compile("private [\\w.<>]+ (" + any + ")([A-Z]\\w*)?( =.*)?;");
        List<String> lines = new ArrayList<>();
        for (String paragraph : text.split("\n\n")) {
            if (field.matcher(paragraph).find()) {
                lines.addAll(Arrays.stream(paragraph.split("\n"))
                        .filter(l -> !l.contains("/**"))
                        .toList());
            }
        }
        return lines;
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

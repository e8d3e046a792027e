package jasperwing.diagram;

import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Relationship;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What of the scene shown last an edit leaves as it was: what runs between cards that stand where they stood, and past every other. */
final class ReusedRoutes {
    static final ReusedRoutes NOTHING = new ReusedRoutes(Scene.EMPTY, List.of());

    private final Scene last;
    private final Set<String> still = new HashSet<>();
    private final List<Box> fresh = new ArrayList<>();
    private final Map<Relationship, List<Line>> lines = new IdentityHashMap<>();
    private final Map<Relationship, Fan> fans = new IdentityHashMap<>();
    private final Map<String, KindLine> kinds = new HashMap<>();

    /** @param cards as they are now */
    ReusedRoutes(Scene last, List<Card> cards) {
        this.last = last;
        Map<String, Box> before = new HashMap<>();
        last.cards().forEach(c -> before.put(c.entity(), c.box()));
        for (Card card : cards) {
            if (card.box().equals(before.get(card.entity()))) {
                still.add(card.entity());
            } else {
                fresh.add(card.box());
            }
        }
        for (Line line : last.lines()) {
            if (stands(line.fromEntity(), line.toEntity()) && isClear(line.bounds(), line.points())) {
                lines.computeIfAbsent(line.relationship(), r -> new ArrayList<>(2))
                        .add(line);
            }
        }
        last.kinds().stream()
                .filter(k -> stands(k.kind(), k.of()) && isClear(k.bounds(), k.points()))
                .forEach(k -> kinds.put(k.kind(), k));
        last.fans().stream()
                .filter(f -> still.contains(f.relationship().from())
                        && still.containsAll(f.relationship().subjects()))
                .filter(f -> f.branches().stream().allMatch(this::isClear))
                .forEach(f -> fans.put(f.relationship(), f));
    }

    private boolean stands(String one, String other) {
        return still.contains(one) && still.contains(other);
    }

    private boolean isClear(Box bounds, List<Point> route) {
        for (Box box : fresh) {
            if (bounds.overlaps(box)) {
                return isClear(route);
            }
        }
        return true;
    }

    /** Whether nothing has come to stand in a route's way. */
    private boolean isClear(List<Point> route) {
        for (int i = 1; i < route.size(); i++) {
            Box segment = Box.around(route.get(i - 1), route.get(i)).grown(0.1);
            if (fresh.stream().anyMatch(segment::overlaps)) {
                return false;
            }
        }
        return true;
    }

    /** The line of a connection that says the same as before. */
    Optional<Line> line(Connection connection) {
        if (connection.relationship().isPresent()) {
            for (Line line : lines.getOrDefault(connection.relationship().get(), List.of())) {
                if (says(line, connection)) {
                    return Optional.of(line);
                }
            }
        }
        return Optional.empty();
    }

    private static boolean says(Line line, Connection connection) {
        return line.fromEntity().equals(connection.from().entity())
                && line.toEntity().equals(connection.to().entity())
                && line.label().equals(connection.label())
                && line.identifying() == connection.identifying();
    }

    Optional<KindLine> kind(Connection connection) {
        return Optional.ofNullable(kinds.get(connection.from().entity()))
                .filter(k -> k.of().equals(connection.to().entity()));
    }

    boolean has(Connection connection) {
        return connection.relationship().isPresent()
                ? line(connection).isPresent()
                : kind(connection).isPresent();
    }

    Optional<Fan> fan(PolymorphicRelationship oneOf) {
        return Optional.ofNullable(fans.get(oneOf));
    }

    /** The lines that stay and have something in an area. */
    List<Line> in(Box area) {
        return last.linesIn(area).stream()
                .filter(l -> lines.getOrDefault(l.relationship(), List.of()).contains(l))
                .toList();
    }

    /** The ground as it was, when it is the same; its name stays where it stood. */
    Region region(Region now) {
        return last.regions().stream()
                .filter(r -> r.name().equals(now.name()) && r.boxes().equals(now.boxes()))
                .findFirst()
                .orElse(now);
    }
}

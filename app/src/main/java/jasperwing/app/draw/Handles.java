package jasperwing.app.draw;

import jasperwing.diagram.Box;
import jasperwing.diagram.Point;
import jasperwing.diagram.Scene;
import jasperwing.picture.Painter;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.transform.Scale;
import javafx.scene.transform.Translate;

/**
 * Invisible nodes where cards, lines and fans are painted: for screen readers, and to find them by name. They stand in sheet units
 * and are moved with the view as one.
 */
final class Handles extends Pane {
    private static final int MOST = 400;

    private final Scale scale = new Scale();
    private final Translate translate = new Translate();
    private Scene shown = Scene.EMPTY;
    private final Map<String, Region> byId = new HashMap<>();

    private record Handle(String id, String text, Box box) {}

    Handles() {
        setMouseTransparent(true);
        getTransforms().addAll(scale, translate);
    }

    void show(Scene scene, Painter.View view) {
        scale.setX(view.zoom());
        scale.setY(view.zoom());
        translate.setX(-view.x());
        translate.setY(-view.y());
        if (scene != shown) {
            shown = scene;
            rebuild();
        }
    }

    /** A node stays what it stands for, since a new name is dear. */
    private void rebuild() {
        List<Handle> wanted = wanted();
        Set<String> ids = wanted.stream().map(Handle::id).collect(Collectors.toSet());
        Deque<Region> free = new ArrayDeque<>();
        byId.entrySet().removeIf(known -> {
            boolean gone = !ids.contains(known.getKey());
            if (gone) {
                free.add(known.getValue());
            }
            return gone;
        });
        for (Handle handle : wanted) {
            Region region = byId.computeIfAbsent(handle.id(), id -> named(id, free));
            Box box = handle.box();
            region.setAccessibleText(handle.text());
            region.resizeRelocate(box.x(), box.y(), box.width(), box.height());
        }
        getChildren().removeAll(free);
    }

    private Region named(String id, Deque<Region> free) {
        Region region = free.poll();
        if (region == null) {
            region = new Region();
            region.setManaged(false);
            getChildren().add(region);
        }
        region.setId(id);
        return region;
    }

    /** Of cards first; what would have the name of another is numbered. */
    private List<Handle> wanted() {
        Map<String, Integer> numbers = new HashMap<>();
        return all().map(h -> {
                    int number = numbers.merge(h.id(), 1, Integer::sum);
                    return number == 1 ? h : new Handle(h.id() + "-" + number, h.text(), h.box());
                })
                .toList();
    }

    private Stream<Handle> all() {
        Stream<Handle> cards = shown.cards().stream()
                .map(c ->
                        new Handle("card-" + c.entity(), c.entity() + ", " + c.attributes() + " attributes", c.box()));
        Stream<Handle> lines = shown.lines().stream()
                .map(l -> new Handle(
                        "line-" + l.fromEntity() + "-" + l.toEntity(),
                        l.relationship().from() + " " + l.label(),
                        around(l.middle())));
        Stream<Handle> kinds = shown.kinds().stream()
                .map(k -> new Handle(
                        "kind-" + k.kind(),
                        k.kind() + " is a kind of " + k.of(),
                        around(k.points().get(k.points().size() / 2))));
        Stream<Handle> fans = shown.fans().stream()
                .map(f -> new Handle(
                        "fan-" + f.relationship().from(), f.relationship().from() + " " + f.label(), f.box()));
        return Stream.of(cards.limit(MOST), lines, kinds, fans).flatMap(s -> s).limit(MOST);
    }

    private static Box around(Point middle) {
        return new Box(middle.x() - 3, middle.y() - 3, 6, 6);
    }
}

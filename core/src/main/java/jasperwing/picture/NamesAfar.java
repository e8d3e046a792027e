package jasperwing.picture;

import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Metrics.Face;
import jasperwing.diagram.Point;
import jasperwing.diagram.Region;
import jasperwing.diagram.Scene;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.RoundRectangle2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The names on a sheet seen from afar: large enough to be read, and only as many as do not lie on each other. Areas come first, then what
 * is selected, then what has most relationships.
 */
final class NamesAfar {
    /** The least height of letters, in pixels. */
    private static final double LEAST = 9.5;

    private static final double AREA = 13;

    /** How far from others a name stands that is wider than its card, in pixels. */
    private static final double APART = 9;

    private final Graphics2D g;
    private final PaintOptions look;
    private final double zoom;
    private final Box view;
    private final Typefaces faces = Typefaces.get();
    private final List<Box> taken = new ArrayList<>();

    /** @param view the part of the sheet that is seen; a name that is wider than its card does not stick out of it */
    NamesAfar(Graphics2D g, PaintOptions look, double zoom, Box view) {
        this.g = g;
        this.look = look;
        this.zoom = zoom;
        this.view = view;
    }

    /** The size a name has on its card, in units of the sheet: as large as there is room, up to a little more than the least. */
    static double size(Card card, double zoom) {
        double room = card.box().width() - Card.SPINE - 16;
        double fits = CardPainter.TITLE * room / Typefaces.get().width(card.entity(), Face.TITLE);
        return Math.min(1.1 * LEAST / zoom, fits);
    }

    /** Whether a name can be read within its card. */
    static boolean fits(Card card, double zoom) {
        return size(card, zoom) * zoom >= LEAST;
    }

    /** Draws the names of areas above their largest parts. */
    void areas(List<Region> regions) {
        for (Region region : regions) {
            Box box = region.boxes().get(0);
            double size = AREA / zoom;
            double width = width(region.name(), Face.KEY, size);
            Box place = new Box(box.x() + 10, box.y() - size * 1.2, width, size);
            if (isFree(place)) {
                taken.add(place);
                g.setColor(look.palette().areaName(region.color()));
                TextPainter.draw(g, region.name(), Face.KEY, size, place.x(), place.bottom());
            }
        }
    }

    /** Draws names over the cards, those that fit within theirs and as many others as there is room for. */
    void cards(Scene scene, List<Card> seen, Set<String> chosen) {
        Map<String, Integer> relationships = relationships(scene);
        seen.stream()
                .sorted(Comparator.comparing((Card c) -> !chosen.contains(c.entity()))
                        .thenComparing(c -> -relationships.getOrDefault(c.entity(), 0))
                        .thenComparing(c -> -c.box().width() * c.box().height()))
                .forEach(this::name);
    }

    /** Where names have been drawn. */
    List<Box> drawn() {
        return List.copyOf(taken);
    }

    private static Map<String, Integer> relationships(Scene scene) {
        Map<String, Integer> counts = new HashMap<>();
        scene.lines().forEach(l -> {
            counts.merge(l.fromEntity(), 1, Integer::sum);
            counts.merge(l.toEntity(), 1, Integer::sum);
        });
        scene.kinds().forEach(k -> counts.merge(k.of(), 1, Integer::sum));
        return counts;
    }

    private void name(Card card) {
        boolean fits = fits(card, zoom);
        double size = fits ? size(card, zoom) : LEAST / zoom;
        double width = width(card.entity(), Face.TITLE, size);
        Box box = card.box();
        double left = fits ? box.x() + Card.SPINE + 8 : within(box.center(), width);
        Box place = new Box(left, box.center().y() - size * 0.7, width, size * 1.4);
        if (!isFree(place.grown(fits ? 0 : APART / zoom))) {
            return;
        }
        taken.add(place);
        if (!fits) {
            Color paper = look.palette().card();
            g.setColor(new Color(paper.getRed(), paper.getGreen(), paper.getBlue(), 225));
            Box plate = place.grown(2 / zoom);
            g.fill(new RoundRectangle2D.Double(plate.x(), plate.y(), plate.width(), plate.height(), size, size));
        }
        g.setColor(look.palette().ink());
        TextPainter.draw(g, card.entity(), Face.TITLE, size, left, box.center().y() + size * 0.35);
    }

    private double within(Point middle, double width) {
        double edge = 4 / zoom;
        double left = middle.x() - width / 2;
        return view.contains(middle) ? Math.max(view.x() + edge, Math.min(left, view.right() - width - edge)) : left;
    }

    private double width(String text, Face face, double size) {
        return TextPainter.width(text, face, size);
    }

    private boolean isFree(Box place) {
        Box clear = place.grown(3 / zoom);
        return taken.stream().noneMatch(clear::overlaps);
    }
}

package jasperwing.diagram;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.TreeSet;

/** Decides where on a card's sides lines start and end, so that they cross little and keep apart. */
final class Ports {
    /** Of lines that leave sideways; a label fits between. */
    private static final double APART = 24;

    /** Of lines that leave upwards or downwards; most labels fit between. */
    private static final double ABREAST = 60;

    private static final double CORNER = 17;

    /** The least distance from the end of another line. */
    private static final double CLEAR = 13;

    /** A jog this small is taken out of a line. */
    private static final double JOG = 20;

    private static final TreeSet<Double> NONE = new TreeSet<>();

    /** One end of one line, to be given a place. */
    static final class Port {
        private final Card card;
        private Side side;
        private final Box other;
        private double along;

        Port(Card card, Side side, Box other) {
            this.card = card;
            this.side = side;
            this.other = other;
        }

        Side side() {
            return side;
        }

        Point at() {
            Box box = card.box();
            return switch (side) {
                case LEFT -> new Point(box.x(), along);
                case RIGHT -> new Point(box.right(), along);
                case TOP -> new Point(along, box.y());
                case BOTTOM -> new Point(along, box.bottom());
            };
        }

        private double low() {
            return side.isHorizontal() ? card.box().y() : card.box().x();
        }

        private double high() {
            return side.isHorizontal() ? card.box().bottom() : card.box().right();
        }

        /** The middle of what both cards share along the side, so that a straight line is possible; else towards the other. */
        private double wanted() {
            double otherLow = side.isHorizontal() ? other.y() : other.x();
            double otherHigh = side.isHorizontal() ? other.bottom() : other.right();
            double low = Math.max(low() + CORNER, otherLow + CORNER);
            double high = Math.min(high() - CORNER, otherHigh - CORNER);
            double target = low <= high ? (low + high) / 2 : (otherLow + otherHigh) / 2;
            return Math.max(low() + CORNER, Math.min(high() - CORNER, target));
        }

        /** How many ports its side has room for. */
        private int capacity() {
            return 1 + (int) Math.max(0, (high() - low() - 2 * CORNER) / CLEAR);
        }

        private double center() {
            return (low() + high()) / 2;
        }

        private double otherCenter() {
            return side.isHorizontal() ? other.center().y() : other.center().x();
        }
    }

    private final Map<String, Map<Side, List<Port>>> bySide = new HashMap<>();
    private final Map<String, Map<Side, TreeSet<Double>>> occupied = new HashMap<>();

    Port add(Card card, Side side, Box other) {
        Port port = new Port(card, side, other);
        bySide.computeIfAbsent(card.entity(), e -> new EnumMap<>(Side.class))
                .computeIfAbsent(side, s -> new ArrayList<>())
                .add(port);
        return port;
    }

    /** Keeps the others off the end of a line that stays. */
    void occupy(String card, LineEnd end) {
        double along = end.side().isHorizontal() ? end.at().y() : end.at().x();
        occupied.computeIfAbsent(card, e -> new EnumMap<>(Side.class))
                .computeIfAbsent(end.side(), s -> new TreeSet<>())
                .add(along);
    }

    /** Gives every port its place: in the order of the far ends, as near to where each wants to be as they fit. */
    void settle() {
        bySide.values().forEach(Ports::relieve);
        bySide.forEach((card, sides) -> sides.forEach((side, ports) -> {
            spread(ports);
            TreeSet<Double> taken = occupied.getOrDefault(card, Map.of()).getOrDefault(side, NONE);
            ports.forEach(p -> clear(p, taken));
        }));
    }

    /** Makes a line straight that would have a small jog, where one of its ends can move without coming near another. */
    void straighten(Port one, Port other) {
        boolean facing = one.side.dx() == -other.side.dx() && one.side.dy() == -other.side.dy();
        double off = Math.abs(one.along - other.along);
        if (facing && off > 0 && off < JOG && !move(one, other.along)) {
            move(other, one.along);
        }
    }

    private boolean move(Port port, double along) {
        boolean fits = along >= port.low() + CORNER && along <= port.high() - CORNER;
        boolean clear = bySide.get(port.card.entity()).get(port.side).stream()
                .allMatch(p -> p == port || Math.abs(p.along - along) >= CLEAR);
        NavigableSet<Double> taken =
                occupied.getOrDefault(port.card.entity(), Map.of()).getOrDefault(port.side, NONE);
        if (fits && clear && taken.subSet(along - CLEAR, along + CLEAR).isEmpty()) {
            port.along = along;
            return true;
        }
        return false;
    }

    /** Where a side has less room than its ports need, takes those that lead farthest up or down to the sides next to it. */
    private static void relieve(Map<Side, List<Port>> sides) {
        for (Side side : Side.values()) {
            List<Port> ports = sides.getOrDefault(side, List.of());
            while (!ports.isEmpty() && ports.size() > ports.get(0).capacity()) {
                ports.sort(Comparator.comparingDouble(Port::otherCenter));
                Port first = ports.get(0);
                Port last = ports.get(ports.size() - 1);
                Side low = side.isHorizontal() ? Side.TOP : Side.LEFT;
                Side high = side.isHorizontal() ? Side.BOTTOM : Side.RIGHT;
                boolean up = first.center() - first.otherCenter() > last.otherCenter() - last.center();
                Port moved = up ? first : last;
                List<Port> next = sides.computeIfAbsent(up ? low : high, s -> new ArrayList<>());
                moved.side = up ? low : high;
                if (next.size() >= moved.capacity()) {
                    moved.side = side;
                    return;
                }
                ports.remove(moved);
                next.add(moved);
            }
        }
    }

    /** Moves a port to the nearest place that is not near one that is taken, if there is any. */
    private static void clear(Port port, TreeSet<Double> taken) {
        for (int off = 0; off < port.high() - port.low() && !taken.isEmpty(); off += 4) {
            for (double along : new double[] {port.along + off, port.along - off}) {
                boolean fits = along >= port.low() + CORNER && along <= port.high() - CORNER;
                if (fits && taken.subSet(along - CLEAR, along + CLEAR).isEmpty()) {
                    port.along = along;
                    taken.add(along);
                    return;
                }
            }
        }
    }

    private static void spread(List<Port> ports) {
        ports.sort(Comparator.comparingDouble(Port::wanted).thenComparingDouble(Port::otherCenter));
        Port first = ports.get(0);
        double room = first.high() - first.low() - 2 * CORNER;
        double wanted = first.side().isHorizontal() ? APART : ABREAST;
        double apart = Math.min(wanted, ports.size() > 1 ? room / (ports.size() - 1) : wanted);
        double[] at = ports.stream().mapToDouble(Port::wanted).toArray();
        for (int i = 1; i < at.length; i++) {
            at[i] = Math.max(at[i], at[i - 1] + apart);
        }
        double over = at[at.length - 1] - (first.high() - CORNER);
        for (int i = at.length - 1; i >= 0 && over > 0; i--) {
            double most = i == at.length - 1 ? first.high() - CORNER : at[i + 1] - apart;
            at[i] = Math.min(at[i], most);
        }
        for (int i = 0; i < at.length; i++) {
            ports.get(i).along = Math.rint(at[i]);
        }
    }

    /** The point this far out from the middle of a side. */
    static Point middle(Box box, Side side, double out) {
        Point center = box.center();
        double half = side.isHorizontal() ? box.width() / 2 : box.height() / 2;
        return side.out(center, half + out);
    }

    /** The sides two cards should be joined at: facing each other, across the wider gap when they stand askew. */
    static Side[] facing(Box from, Box to) {
        double right = to.x() - from.right();
        double left = from.x() - to.right();
        double below = to.y() - from.bottom();
        double above = from.y() - to.bottom();
        double horizontal = Math.max(right, left);
        double vertical = Math.max(below, above);
        if (horizontal >= vertical || vertical < 2 * LineEnd.LENGTH && horizontal > 0) {
            return right >= left ? new Side[] {Side.RIGHT, Side.LEFT} : new Side[] {Side.LEFT, Side.RIGHT};
        }
        return below >= above ? new Side[] {Side.BOTTOM, Side.TOP} : new Side[] {Side.TOP, Side.BOTTOM};
    }
}

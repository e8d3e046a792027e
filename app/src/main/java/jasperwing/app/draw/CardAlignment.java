package jasperwing.app.draw;

import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.model.Place;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** New places for cards that are to stand in a line or evenly spaced. */
final class CardAlignment {
    private CardAlignment() {}

    static List<Place> left(List<Card> cards, String sheet) {
        double left = cards.stream().mapToDouble(c -> c.box().x()).min().orElse(0);
        return cards.stream().map(c -> place(c, sheet, left, c.box().y())).toList();
    }

    static List<Place> top(List<Card> cards, String sheet) {
        double top = cards.stream().mapToDouble(c -> c.box().y()).min().orElse(0);
        return cards.stream().map(c -> place(c, sheet, c.box().x(), top)).toList();
    }

    /** The outermost cards stay; the gaps between neighbours become alike. */
    static List<Place> across(List<Card> cards, String sheet) {
        List<Place> places = new ArrayList<>();
        List<Card> sorted = sorted(cards, c -> c.box().x());
        double at = sorted.get(0).box().x();
        double gap = gap(sorted, Box::x, Box::right, Box::width);
        for (Card card : sorted) {
            places.add(place(card, sheet, at, card.box().y()));
            at += card.box().width() + gap;
        }
        return places;
    }

    /** The outermost cards stay; the gaps between neighbours become alike. */
    static List<Place> down(List<Card> cards, String sheet) {
        List<Place> places = new ArrayList<>();
        List<Card> sorted = sorted(cards, c -> c.box().y());
        double at = sorted.get(0).box().y();
        double gap = gap(sorted, Box::y, Box::bottom, Box::height);
        for (Card card : sorted) {
            places.add(place(card, sheet, card.box().x(), at));
            at += card.box().height() + gap;
        }
        return places;
    }

    private static List<Card> sorted(List<Card> cards, ToDoubleFunction<Card> by) {
        return cards.stream().sorted(Comparator.comparingDouble(by)).toList();
    }

    /** The free room between the first card's start and the last card's end, in equal parts; at least a little. */
    private static double gap(
            List<Card> sorted, ToDoubleFunction<Box> start, ToDoubleFunction<Box> end, ToDoubleFunction<Box> size) {
        double from = start.applyAsDouble(sorted.get(0).box());
        double to = end.applyAsDouble(sorted.get(sorted.size() - 1).box());
        double taken =
                sorted.stream().mapToDouble(c -> size.applyAsDouble(c.box())).sum();
        return Math.max(24, (to - from - taken) / Math.max(1, sorted.size() - 1));
    }

    private static Place place(Card card, String sheet, double x, double y) {
        return new Place(card.entity(), sheet, (int) Math.round(x), (int) Math.round(y));
    }
}

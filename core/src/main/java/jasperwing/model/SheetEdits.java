package jasperwing.model;

import java.util.ArrayList;
import java.util.List;

/** Edits on where cards stand. */
public final class SheetEdits {
    private SheetEdits() {}

    /** Puts each entity's card at its place, replacing the place it had on that sheet. */
    public static Edit place(List<Place> places) {
        return design -> {
            List<Place> all = new ArrayList<>(design.places());
            all.removeIf(old -> places.stream()
                    .anyMatch(p -> p.entity().equals(old.entity()) && p.sheet().equals(old.sheet())));
            all.addAll(places);
            return design.withPlaces(all);
        };
    }

    public static Edit place(String entity, String sheet, int x, int y) {
        return place(List.of(new Place(entity, sheet, x, y)));
    }
}

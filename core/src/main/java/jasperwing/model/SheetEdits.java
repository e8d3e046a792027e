package jasperwing.model;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Edits on sheets and on where cards stand. */
public final class SheetEdits {
    private SheetEdits() {}

    private record On(String entity, String sheet) {}

    /** Puts each entity's card at its place, replacing the place it had on that sheet. */
    public static Edit place(List<Place> places) {
        return design -> {
            Set<On> moved = new HashSet<>();
            places.forEach(p -> moved.add(new On(p.entity(), p.sheet())));
            List<Place> all = new ArrayList<>(places);
            design.places().stream()
                    .filter(old -> !moved.contains(new On(old.entity(), old.sheet())))
                    .forEach(all::add);
            return design.withPlaces(all);
        };
    }

    public static Edit place(String entity, String sheet, int x, int y) {
        return place(List.of(new Place(entity, sheet, x, y)));
    }

    /** A sheet of some entities; one of that name is given these instead of its own. */
    public static Edit show(String sheet, List<String> entities) {
        return design -> {
            boolean known = design.sheets().stream().anyMatch(s -> s.name().equals(sheet));
            return known
                    ? change(sheet, s -> new Sheet(s.name(), entities, s.comments()))
                            .on(design)
                    : design.withSheets(EntityEdits.append(design.sheets(), new Sheet(sheet, entities, Comments.NONE)));
        };
    }

    /** Shows further entities on a sheet. */
    public static Edit add(String sheet, Collection<String> entities) {
        return change(sheet, s -> {
            Set<String> all = new LinkedHashSet<>(s.entities());
            all.addAll(entities);
            return new Sheet(s.name(), List.copyOf(all), s.comments());
        });
    }

    /** Takes entities off a sheet; they stay in the design. */
    public static Edit takeOff(String sheet, Collection<String> entities) {
        Edit off = change(
                sheet,
                s -> new Sheet(
                        s.name(),
                        s.entities().stream().filter(e -> !entities.contains(e)).toList(),
                        s.comments()));
        return off.then(design -> design.withPlaces(design.places().stream()
                .filter(p -> !p.sheet().equals(sheet) || !entities.contains(p.entity()))
                .toList()));
    }

    /** Gives a sheet and the places on it another name. */
    public static Edit rename(String oldName, String newName) {
        return change(oldName, s -> new Sheet(newName, s.entities(), s.comments()))
                .then(design -> design.withPlaces(design.places().stream()
                        .map(p -> p.sheet().equals(oldName) ? new Place(p.entity(), newName, p.x(), p.y()) : p)
                        .toList()));
    }

    /** Removes a sheet and the places on it. */
    public static Edit remove(String sheet) {
        return design -> design.withSheets(design.sheets().stream()
                        .filter(s -> !s.name().equals(sheet))
                        .toList())
                .withPlaces(design.places().stream()
                        .filter(p -> !p.sheet().equals(sheet))
                        .toList());
    }

    private static Edit change(String name, UnaryOperator<Sheet> change) {
        return design -> design.withSheets(design.sheets().stream()
                .map(s -> s.name().equals(name) ? change.apply(s) : s)
                .toList());
    }
}

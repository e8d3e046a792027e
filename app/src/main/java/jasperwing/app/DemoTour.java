package jasperwing.app;

import jasperwing.app.shell.GuidedTour.Stop;
import jasperwing.app.workspace.Selection;
import java.util.List;
import java.util.stream.Stream;

/** The stops of the tour of the demo. */
final class DemoTour {
    private DemoTour() {}

    static List<Stop> of(JasperwingApp.Window window) {
        return Stream.concat(ofDrawing(window).stream(), ofTheRest(window).stream())
                .toList();
    }

    private static List<Stop> ofDrawing(JasperwingApp.Window window) {
        return List.of(
                new Stop(
                        "A design is entities and relationships",
                        "Each card is an entity with its attributes; lines are relationships. Everything you see in this window is derived"
                                + " from this one design.",
                        () -> draw(window, Selection.NONE)),
                new Stop(
                        "Select a card",
                        "At the right stands how it reads, which table it becomes and which class. Open Properties there to edit what"
                                + " the card does not show.",
                        () -> draw(window, Selection.of("Dive"))),
                new Stop(
                        "Click a word to change a relationship",
                        "Must or may, one or many, what a delete does: each underlined word of the sentence can be clicked. Drag from the"
                                + " edge of a card to another card for a new relationship.",
                        () -> draw(window, relationship(window))),
                new Stop(
                        "Say it",
                        "Press Ctrl K and write what is so: \u201ca dive has many photos\u201d. Before Enter you see what would be added;"
                                + " Ctrl Z takes it back.",
                        () -> draw(window, Selection.NONE)));
    }

    private static List<Stop> ofTheRest(JasperwingApp.Window window) {
        return List.of(
                new Stop(
                        "Errors and warnings",
                        "The line at the bottom counts them. Click it, or press Ctrl J, for the list: each says why it matters and offers"
                                + " fixes.",
                        () -> draw(window, Selection.of("Note"))),
                new Stop(
                        "Keys",
                        "Every foreign key and join table with its reason; what a delete does everywhere; and the SQL script, line by"
                                + " line.",
                        () -> window.shell().go(window.keys())),
                new Stop(
                        "Classes",
                        "Model classes as they would be written, with what changes in your folder. Lines you write by hand are kept.",
                        () -> window.shell().go(window.classes())),
                new Stop(
                        "Now your own",
                        "File, New design starts an empty one. F1 shows all keys. A right click offers what can be done where you are.",
                        () -> draw(window, Selection.NONE)));
    }

    private static void draw(JasperwingApp.Window window, Selection selection) {
        window.shell().go(window.draw());
        window.workspace().selection().set(selection);
    }

    private static Selection relationship(JasperwingApp.Window window) {
        return window.workspace().design().relationshipsOf("Dive").stream()
                .findFirst()
                .map(Selection::of)
                .orElse(Selection.NONE);
    }
}

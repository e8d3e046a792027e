package jasperwing.notation;

import jasperwing.model.Comments;
import jasperwing.model.Notes;
import java.util.ArrayList;
import java.util.List;

/** Keeps the comments of lines that have no place of their own in the design, with the statement they belong to. */
final class Merge {
    private Merge() {}

    static Notes comments(Notes notes, Comments more) {
        if (more.isEmpty()) {
            return notes;
        }
        List<String> before = new ArrayList<>(notes.comments().before());
        before.addAll(more.before());
        if (!more.after().isEmpty()) {
            before.add(more.after());
        }
        return notes.withComments(
                new Comments(before, notes.comments().after(), notes.comments().closing()));
    }
}

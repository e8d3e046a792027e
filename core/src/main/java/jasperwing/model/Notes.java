package jasperwing.model;

import java.util.Objects;

/**
 * What is said about an element besides its meaning. An empty string means "not said".
 *
 * @param label how people see the element's name
 * @param doc a sentence or more of documentation
 * @param stored how it is stored, where that is not to be derived
 * @param was the name it had where it has not been changed yet, such as in a running database
 * @param comments comments of the design text
 */
public record Notes(String label, String doc, StorageNotes stored, String was, Comments comments) {
    public static final Notes NONE = new Notes("", "", StorageNotes.NONE, "", Comments.NONE);

    public Notes {
        Objects.requireNonNull(label);
        Objects.requireNonNull(doc);
        Objects.requireNonNull(stored);
        Objects.requireNonNull(was);
        Objects.requireNonNull(comments);
    }

    public static Notes of(Comments comments) {
        return NONE.withComments(comments);
    }

    public Notes withLabel(String newLabel) {
        return new Notes(newLabel, doc, stored, was, comments);
    }

    public Notes withDoc(String newDoc) {
        return new Notes(label, newDoc, stored, was, comments);
    }

    /** The table's or column's name, where it is not to be derived; kept to the letter. */
    public String physical() {
        return stored.name();
    }

    public Notes withPhysical(String newPhysical) {
        return withStored(stored.withName(newPhysical));
    }

    public Notes withStored(StorageNotes newStored) {
        return new Notes(label, doc, newStored, was, comments);
    }

    public Notes withWas(String formerName) {
        return new Notes(label, doc, stored, formerName, comments);
    }

    public Notes withComments(Comments newComments) {
        return new Notes(label, doc, stored, was, newComments);
    }
}

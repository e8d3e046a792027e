package jasperwing.say;

import jasperwing.model.Edit;
import java.util.List;

/**
 * What a text was taken to mean.
 *
 * @param edit what it would do; {@link Edit#NOTHING} when it is a name to go to or was not understood
 * @param sentences how looser speech would be said in the notation; empty when it was
 * @param additions what would be new, shortest first: entities, then columns and tables
 * @param told what was not said and is taken to be so
 * @param goTo entities the text names the beginning of
 * @param problem what was not understood and the nearest form that would be, or empty
 * @param answers to a question, each on a line
 * @param corrected the text with a name of the design in the place of one that is spelled much like it, or empty
 */
public record Understanding(
        Edit edit,
        List<String> sentences,
        List<String> additions,
        List<Guess> told,
        List<String> goTo,
        String problem,
        List<String> answers,
        String corrected) {
    /**
     * Something that was not said.
     *
     * @param words what it is taken to be
     * @param key by which it is told apart from other guesses, whatever was chosen
     * @param index of the way it is taken now, from 0
     * @param ways how many ways there are to take it; 1 where it is only told
     */
    public record Guess(String words, String key, int index, int ways) {}

    static final Understanding NOTHING =
            new Understanding(Edit.NOTHING, List.of(), List.of(), List.of(), List.of(), "");

    public Understanding {
        sentences = List.copyOf(sentences);
        additions = List.copyOf(additions);
        told = List.copyOf(told);
        goTo = List.copyOf(goTo);
        answers = List.copyOf(answers);
    }

    Understanding(
            Edit edit,
            List<String> sentences,
            List<String> additions,
            List<Guess> told,
            List<String> goTo,
            String problem) {
        this(edit, sentences, additions, told, goTo, problem, List.of(), "");
    }

    static Understanding of(Edit edit, List<String> additions) {
        return new Understanding(edit, List.of(), additions, List.of(), List.of(), "");
    }

    Understanding withAdditions(List<String> found) {
        return new Understanding(edit, sentences, found, told, goTo, problem, answers, corrected);
    }

    /** @param about entities to go to */
    static Understanding answer(List<String> lines, List<String> about) {
        return new Understanding(Edit.NOTHING, List.of(), List.of(), List.of(), about, "", lines, "");
    }

    /** @param text what was likely meant to be said */
    Understanding withCorrected(String text) {
        return new Understanding(edit, sentences, additions, told, goTo, problem, answers, text);
    }

    static Understanding problem(String problem) {
        return new Understanding(Edit.NOTHING, List.of(), List.of(), List.of(), List.of(), problem);
    }

    static Understanding goTo(List<String> entities, String problem) {
        return new Understanding(Edit.NOTHING, List.of(), List.of(), List.of(), entities, problem);
    }

    /** What was not said and is taken to be so, in words. */
    public List<String> guesses() {
        return told.stream().map(Guess::words).toList();
    }

    public boolean changes() {
        return edit != Edit.NOTHING;
    }
}

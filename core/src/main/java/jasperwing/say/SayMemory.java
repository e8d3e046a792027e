package jasperwing.say;

import jasperwing.model.Design;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What the sentences read last were taken to mean, so that a text that is typed on is read from the first sentence that has changed. What
 * is understood does not depend on what was read before. Confined to one thread.
 */
public final class SayMemory {
    /** A sentence as it stands in the text, what it was taken to mean, and where that leads. */
    private record Step(String sentence, Say.Heard heard, Design after, PronounReferents mentions) {}

    private Design design;
    private Map<String, Integer> chosen = Map.of();
    private List<Step> steps = List.of();

    /** As {@link Say#paragraph(Design, String, Map)}. */
    public List<Say.Heard> paragraph(Design from, String text, Map<String, Integer> ways) {
        boolean same = from == design && ways.equals(chosen);
        List<Step> known = same ? steps : List.of();
        List<String> sentences = Sentences.of(text);
        List<Step> read = new ArrayList<>();
        Design current = from;
        PronounReferents mentions = PronounReferents.NONE;
        for (int i = 0; i < sentences.size(); i++) {
            boolean recalled = i < known.size() && known.get(i).sentence().equals(sentences.get(i));
            known = recalled ? known : List.of();
            Step step = recalled ? known.get(i) : step(current, sentences.get(i), mentions, ways);
            read.add(step);
            current = step.after();
            mentions = step.mentions();
        }
        design = from;
        chosen = Map.copyOf(ways);
        steps = read;
        return read.stream().map(Step::heard).toList();
    }

    private static Step step(Design current, String sentence, PronounReferents mentions, Map<String, Integer> ways) {
        String whole = mentions.resolved(sentence);
        Understanding understanding = Say.meaning(current, whole, new GuessChoices(ways));
        Design after = understanding.edit().on(current);
        return new Step(sentence, new Say.Heard(whole, understanding), after, mentions.after(after, whole));
    }
}

package jasperwing.complete;

import java.util.List;

/**
 * The ways to go on.
 *
 * @param from where the word that is being typed begins in the line
 */
public record Proposals(int from, List<Proposal> list) {
    public Proposals {
        list = List.copyOf(list);
    }

    public boolean isEmpty() {
        return list.isEmpty();
    }
}

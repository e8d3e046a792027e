package jasperwing.moves;

import jasperwing.model.Design;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.List;

/** Offers while they are being gathered. */
final class OfferList {
    private final Design design;
    private final List<Offer> offers = new ArrayList<>();

    OfferList(Design design) {
        this.design = design;
    }

    Design design() {
        return design;
    }

    List<Offer> offers() {
        return List.copyOf(offers);
    }

    void add(String title, String about, Offer.Maker maker) {
        add(title, about, List.of(), List.of(), "", "", maker);
    }

    void add(
            String title,
            String about,
            List<String> choices,
            List<String> chosen,
            String asks,
            String suggestion,
            Offer.Maker maker) {
        offers.add(new Offer(title, about, choices, chosen, asks, suggestion, maker));
    }

    /** A name close to the wanted one that nothing bears. */
    String free(String wanted) {
        String name = wanted.isBlank() ? "New" : wanted;
        String free = name;
        for (int i = 2; Preconditions.freeName(design, free).isPresent(); i++) {
            free = name + i;
        }
        return free;
    }

    static String pascal(String name, String otherwise) {
        String pascal = Words.pascal(name);
        return pascal.isEmpty() ? otherwise : pascal;
    }
}

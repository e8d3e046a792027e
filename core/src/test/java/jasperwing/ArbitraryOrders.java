package jasperwing;

import jasperwing.model.SortKey;
import jasperwing.model.Sorting;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** Orders by one attribute or several, by parts of values, and kept ones. */
final class ArbitraryOrders {
    private ArbitraryOrders() {}

    static Arbitrary<Sorting> all() {
        Arbitrary<String> names =
                Arbitraries.oneOf(Designs.names(), Arbitraries.of("falling", "rising", "via", "which"));
        Arbitrary<SortKey> keys = Combinators.combine(
                        names.list().ofMinSize(1).ofMaxSize(2), Arbitraries.of(true, false))
                .as(SortKey::new);
        return Arbitraries.oneOf(
                keys.list()
                        .uniqueElements(SortKey::path)
                        .ofMinSize(1)
                        .ofMaxSize(3)
                        .map(all -> new Sorting(all, false)),
                names.map(Sorting::keptIn));
    }
}

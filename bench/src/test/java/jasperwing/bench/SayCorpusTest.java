package jasperwing.bench;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.model.Design;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is said is understood as it is meant, or said not to be; hardly anything is taken for something else without a mark. */
class SayCorpusTest {
    private static List<SayCorpus.Entry> corpus(String name) throws IOException {
        return SayCorpus.read(Path.of(System.getProperty("jasperwing.root"), "bench", "say", name));
    }

    private static double share(List<SayCorpus.Entry> entries, SayCorpus.Outcome outcome) {
        return 100.0
                * entries.stream().filter(e -> SayCorpus.outcome(e) == outcome).count()
                / entries.size();
    }

    @Test
    void whatTheGrammarWasWrittenForIsUnderstood() throws IOException {
        List<SayCorpus.Entry> entries = corpus("corpus.txt");
        assertThat(entries).hasSizeGreaterThan(290);
        assertThat(share(entries, SayCorpus.Outcome.AS_MEANT)).isGreaterThanOrEqualTo(99);
        assertThat(share(entries, SayCorpus.Outcome.MISREAD)).isZero();
    }

    @Test
    void whatWasHeldBackIsUnderstoodOrMarked() throws IOException {
        List<SayCorpus.Entry> entries = corpus("held-back.txt");
        assertThat(entries).hasSizeGreaterThan(160);
        assertThat(share(entries, SayCorpus.Outcome.AS_MEANT)).isGreaterThanOrEqualTo(85);
        assertThat(share(entries, SayCorpus.Outcome.MISREAD)).isLessThan(1);
    }

    @Test
    void whatIsNotWhatWasMeantIsCountedAsSuch() {
        List<String> meant = List.of("Order 0..* Item, Item 1 Order");
        assertThat(SayFacts.fits("Item 1 Order, Order 0..* Item", "Item 1 Order, Order * Item"))
                .isTrue();
        assertThat(SayFacts.fits("Item 0..1 Order, Order 0..* Item", "Item 1 Order, Order * Item"))
                .isFalse();
        assertThat(SayFacts.fits("Order.name text(80)", "Order.name text")).isTrue();
        assertThat(SayFacts.fits("Order.name text(80)", "Order.name text(20)")).isFalse();
        assertThat(SayCorpus.outcome(new SayCorpus.Entry(Design.named("Said"), "an order has exactly one item", meant)))
                .isNotEqualTo(SayCorpus.Outcome.AS_MEANT);
    }
}

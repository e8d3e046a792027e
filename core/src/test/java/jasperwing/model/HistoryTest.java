package jasperwing.model;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Designs;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

class HistoryTest {
    @Provide
    Arbitrary<Design> designs() {
        return Designs.all();
    }

    @Provide
    Arbitrary<List<Edit>> sequences() {
        return Designs.edits().list().ofMinSize(1).ofMaxSize(12);
    }

    @Property(tries = 200, seed = "20260302")
    void undoingAnySequenceOfEditsGivesBackTheFirstDesignAndRedoingTheLast(
            @ForAll("designs") Design first, @ForAll("sequences") List<Edit> edits) {
        History history = History.startingWith(first);
        List<Design> seen = new ArrayList<>(List.of(first));
        for (Edit edit : edits) {
            history = history.then(edit.on(history.present()));
            if (!history.present().equals(seen.get(seen.size() - 1))) {
                seen.add(history.present());
            }
        }
        for (int i = seen.size() - 1; i > 0; i--) {
            assertThat(history.present()).isEqualTo(seen.get(i));
            history = history.undone().orElseThrow();
        }
        assertThat(history.present()).isEqualTo(first);
        assertThat(history.undone()).isEmpty();
        for (Design design : seen.subList(1, seen.size())) {
            history = history.redone().orElseThrow();
            assertThat(history.present()).isEqualTo(design);
        }
        assertThat(history.redone()).isEmpty();
    }
}

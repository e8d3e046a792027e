package jasperwing.app.controls;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.collections.FXCollections;
import javafx.collections.ListChangeListener;
import javafx.collections.ObservableList;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class InPlaceTest {
    /** Letters stand for elements. */
    private static List<String> list(String letters) {
        return letters == null ? List.of() : List.of(letters.split(""));
    }

    /** @param touched how many elements may be told to have been put in or taken out, at most */
    @ParameterizedTest
    @CsvSource({
        "abcd, abcd, 0",
        "abcd, abxcd, 1",
        "abxcd, abcd, 1",
        "abcd, axcd, 2",
        "abcd, xbcy, 4",
        "abcd, , 4",
        ", abcd, 4",
        "aab, aaab, 1",
        "abcde, axe, 4"
    })
    void aListBecomesTheOtherAndWhatStaysIsNotTouched(String from, String to, int touched) {
        ObservableList<String> shown = FXCollections.observableArrayList(list(from));
        List<String> told = new ArrayList<>();
        shown.addListener((ListChangeListener<String>) change -> {
            while (change.next()) {
                told.addAll(change.getAddedSubList());
                told.addAll(change.getRemoved());
            }
        });
        InPlace.replace(shown, list(to));
        assertThat(shown).isEqualTo(list(to));
        assertThat(told).hasSizeLessThanOrEqualTo(touched);
    }
}

package jasperwing.output;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.classes.GeneratedFile;
import jasperwing.output.MergedFile.Choice;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FileLinesTest {
    private static final String BASE = "a\nb\nc\nd\n";

    private static PlannedFile planned(FileState state, String yours, String generated) {
        Optional<MergedFile> merged = state == FileState.MERGES || state == FileState.CONFLICT
                ? Optional.of(MergedFile.of(BASE, yours, generated))
                : Optional.empty();
        return new PlannedFile("F", "F", state, Optional.of(file(generated)), Optional.of(yours), merged);
    }

    private static GeneratedFile file(String text) {
        return new GeneratedFile("F", text, "");
    }

    private static List<String> shown(List<FileLine> lines) {
        return lines.stream()
                .map(l -> l.kind() + " " + l.number() + " " + l.text()
                        + (l.other().isEmpty() ? "" : "|" + l.other()) + " @" + l.source())
                .toList();
    }

    @Test
    void linesThatComeAndGoStandAmongThoseThatStay() {
        assertThat(shown(FileLines.changes(planned(FileState.DIFFERS, BASE, "a\nB\nc\nd\n"), List.of())))
                .containsExactly("STAYS 1 a @0", "GOES 0 b @-1", "COMES 2 B @1", "STAYS 3 c @2", "STAYS 4 d @3");
    }

    @Test
    void linesWrittenByHandAreTold() {
        PlannedFile merges = planned(FileState.MERGES, "a\nmine\nb\nc\nd\n", "a\nb\nc\nD\n");
        assertThat(shown(FileLines.whole(merges, List.of())))
                .containsExactly("STAYS 1 a @0", "BY_HAND 2 mine @-1", "STAYS 3 b @1", "STAYS 4 c @2", "STAYS 5 D @3");
        assertThat(shown(FileLines.changes(merges, List.of())))
                .containsExactly(
                        "STAYS 1 a @0",
                        "BY_HAND 2 mine @-1",
                        "STAYS 3 b @1",
                        "STAYS 4 c @2",
                        "GOES 0 d @-1",
                        "COMES 5 D @3");
    }

    @Test
    void aConflictStandsSideBySideUntilItIsSettled() {
        PlannedFile conflict = planned(FileState.CONFLICT, "a\nmine\nc\nd\n", "a\nB\nBB\nc\nd\n");
        assertThat(shown(FileLines.changes(conflict, List.of())))
                .containsExactly(
                        "STAYS 1 a @0",
                        "ASKS 0  @-1",
                        "SIDES 0 mine|B @1",
                        "SIDES 0 |BB @2",
                        "STAYS 2 c @3",
                        "STAYS 3 d @4");
        assertThat(shown(FileLines.whole(conflict, List.of(Optional.of(Choice.YOURS)))))
                .containsExactly("STAYS 1 a @0", "BY_HAND 2 mine @-1", "STAYS 3 c @3", "STAYS 4 d @4");
    }

    @Test
    void aFileThatIsNewStandsWholeAndOneNotNeededGoesWhole() {
        PlannedFile fresh =
                new PlannedFile("F", "F", FileState.NEW, Optional.of(file("x\n")), Optional.empty(), Optional.empty());
        assertThat(shown(FileLines.changes(fresh, List.of()))).containsExactly("STAYS 1 x @0");
        PlannedFile gone =
                new PlannedFile("F", "F", FileState.UNNEEDED, Optional.empty(), Optional.of("x\n"), Optional.empty());
        assertThat(shown(FileLines.changes(gone, List.of()))).containsExactly("GOES 0 x @-1");
    }
}

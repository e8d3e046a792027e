package jasperwing.output;

import jasperwing.classes.GeneratedFile;
import java.util.List;
import java.util.Optional;

/**
 * What would become of a file.
 *
 * @param path below the folder, with {@code /}
 * @param from where it lies now, when it moves; else the same as {@code path}
 * @param file what the design makes; empty when it makes none any more
 * @param present what lies there now, with line feeds; empty when nothing does
 * @param merged of a file that was changed by hand and by the design
 */
public record PlannedFile(
        String path,
        String from,
        FileState state,
        Optional<GeneratedFile> file,
        Optional<String> present,
        Optional<MergedFile> merged) {
    /** The entity it is made for, or empty. */
    public String entity() {
        return file.map(GeneratedFile::entity).orElse("");
    }

    /** What the design makes of it; empty when it makes none any more. */
    public Optional<String> generated() {
        return file.map(GeneratedFile::text);
    }

    public boolean isMoved() {
        return !path.equals(from);
    }

    /** The conflicts that have to be settled before it can be written. */
    public List<MergedFile.Conflict> conflicts() {
        return merged.map(MergedFile::conflicts).orElse(List.of());
    }

    /** Whether a run changes it, with these conflicts settled. */
    public boolean isChanged(List<Optional<MergedFile.Choice>> choices) {
        return switch (state) {
            case NEW, DIFFERS, UNNEEDED, MERGES -> true;
            case SAME, EDITED -> isMoved();
            case CONFLICT -> result(choices).isPresent();
            case FOREIGN, LEFT -> false;
        };
    }

    /** What a run leaves in the folder; empty for nothing, and while a conflict is not settled. */
    public Optional<String> result(List<Optional<MergedFile.Choice>> choices) {
        return switch (state) {
            case NEW, DIFFERS, SAME -> generated();
            case EDITED, FOREIGN, LEFT -> present;
            case MERGES, CONFLICT -> merged.orElseThrow().text(choices);
            case UNNEEDED -> Optional.empty();
        };
    }
}

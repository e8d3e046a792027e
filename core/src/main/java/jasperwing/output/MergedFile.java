package jasperwing.output;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.eclipse.jgit.diff.HistogramDiff;
import org.eclipse.jgit.diff.RawText;
import org.eclipse.jgit.diff.RawTextComparator;
import org.eclipse.jgit.merge.MergeAlgorithm;
import org.eclipse.jgit.merge.MergeChunk;
import org.eclipse.jgit.merge.MergeResult;

/**
 * A file that was changed by hand and by the design since it was written last, brought together line by line.
 *
 * @param parts in the order of the file
 */
public record MergedFile(List<Part> parts) {
    /** A run of whole lines. */
    public sealed interface Part {
        /** Applies the function for its kind; every kind must have one. */
        <R> R match(Function<Agreed, R> agreed, Function<Conflict, R> conflict);
    }

    /** Lines that are agreed on. */
    public record Agreed(String text) implements Part {
        @Override
        public <R> R match(Function<Agreed, R> agreed, Function<Conflict, R> conflict) {
            return agreed.apply(this);
        }
    }

    /** Lines that were changed by hand to {@code yours} and by the design to {@code generated}. */
    public record Conflict(String base, String yours, String generated) implements Part {
        String settled(Choice choice) {
            return switch (choice) {
                case YOURS -> yours;
                case GENERATED -> generated;
                case BOTH -> yours + (yours.isEmpty() || yours.endsWith("\n") ? "" : "\n") + generated;
            };
        }

        @Override
        public <R> R match(Function<Agreed, R> agreed, Function<Conflict, R> conflict) {
            return conflict.apply(this);
        }
    }

    /** What becomes of lines in conflict. */
    public enum Choice {
        YOURS,
        GENERATED,
        /** First the ones, then the others. */
        BOTH
    }

    public MergedFile {
        parts = List.copyOf(parts);
    }

    /**
     * Brings two changes of a text together, as a version control system does (histogram diff, three-way merge); texts are taken line by
     * line.
     */
    public static MergedFile of(String base, String yours, String generated) {
        MergeResult<RawText> result = new MergeAlgorithm(new HistogramDiff())
                .merge(RawTextComparator.DEFAULT, raw(base), raw(yours), raw(generated));
        List<Part> parts = new ArrayList<>();
        StringBuilder agreed = new StringBuilder();
        String[] sides = new String[3];
        for (MergeChunk chunk : result) {
            String lines = lines(result.getSequences().get(chunk.getSequenceIndex()), chunk);
            switch (chunk.getConflictState()) {
                case NO_CONFLICT -> agreed.append(lines);
                case FIRST_CONFLICTING_RANGE -> sides[1] = lines;
                case BASE_CONFLICTING_RANGE -> sides[0] = lines;
                default -> {
                    sides[2] = lines;
                    add(parts, agreed);
                    parts.add(new Conflict(sides[0] == null ? "" : sides[0], sides[1], sides[2]));
                    sides = new String[3];
                }
            }
        }
        add(parts, agreed);
        return new MergedFile(parts);
    }

    private static void add(List<Part> parts, StringBuilder agreed) {
        if (!agreed.isEmpty()) {
            parts.add(new Agreed(agreed.toString()));
            agreed.setLength(0);
        }
    }

    private static RawText raw(String text) {
        return new RawText(text.getBytes(UTF_8));
    }

    private static String lines(RawText text, MergeChunk chunk) {
        String lines = text.getString(chunk.getBegin(), chunk.getEnd(), false);
        boolean last = chunk.getEnd() == text.size();
        return chunk.getBegin() == chunk.getEnd() || lines.endsWith("\n") || last && text.isMissingNewlineAtEnd()
                ? lines
                : lines + "\n";
    }

    public List<Conflict> conflicts() {
        return parts.stream()
                .filter(Conflict.class::isInstance)
                .map(Conflict.class::cast)
                .toList();
    }

    /** The whole text; empty while a conflict is not settled. */
    public Optional<String> text(List<Optional<Choice>> choices) {
        StringBuilder text = new StringBuilder();
        int conflict = 0;
        for (Part part : parts) {
            Optional<Choice> choice = conflict < choices.size() ? choices.get(conflict) : Optional.empty();
            Optional<String> settled = part.match(a -> Optional.of(a.text()), c -> choice.map(c::settled));
            if (settled.isEmpty()) {
                return Optional.empty();
            }
            text.append(settled.get());
            conflict += part.match(a -> 0, c -> 1);
        }
        return Optional.of(text.toString());
    }
}

package jasperwing.output;

import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import jasperwing.output.FileLine.Kind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Lays a planned file out line by line: as it will be, or as what will change. */
public final class FileLines {
    private final List<FileLine> lines = new ArrayList<>();
    private int number;

    private FileLines() {}

    /** The file as it will be; conflicts that are not settled stand where they are. */
    public static List<FileLine> whole(PlannedFile planned, List<Optional<MergedFile.Choice>> choices) {
        return new FileLines()
                .whole(Parts.of(planned, choices), split(planned.generated().orElse("")));
    }

    /** The same, with the lines that go among those that stay; of a new file nothing is brought out. */
    public static List<FileLine> changes(PlannedFile planned, List<Optional<MergedFile.Choice>> choices) {
        Optional<String> result = planned.result(choices);
        boolean asks = planned.state() == FileState.CONFLICT && result.isEmpty();
        if (asks || planned.present().isEmpty()) {
            return whole(planned, choices);
        }
        return new FileLines()
                .changes(
                        split(planned.present().orElse("")),
                        split(result.orElse("")),
                        split(planned.generated().orElse("")));
    }

    private List<FileLine> whole(List<Parts.Lines> parts, List<String> generated) {
        List<String> known = new ArrayList<>();
        parts.forEach(p -> known.addAll(p.conflict() < 0 ? p.lines() : p.other()));
        int[] sources = sources(generated, known);
        int at = 0;
        for (Parts.Lines part : parts) {
            if (part.conflict() < 0) {
                for (String line : part.lines()) {
                    int source = sources[at++];
                    lines.add(new FileLine(
                            source < 0 && !generated.isEmpty() ? Kind.BY_HAND : Kind.STAYS,
                            ++number,
                            line,
                            "",
                            source,
                            -1));
                }
            } else {
                sides(part, sources, at);
                at += part.other().size();
            }
        }
        return List.copyOf(lines);
    }

    private void sides(Parts.Lines part, int[] sources, int from) {
        lines.add(new FileLine(Kind.ASKS, 0, "", "", -1, part.conflict()));
        for (int i = 0; i < Math.max(part.lines().size(), part.other().size()); i++) {
            String yours = i < part.lines().size() ? part.lines().get(i) : "";
            boolean has = i < part.other().size();
            lines.add(new FileLine(
                    Kind.SIDES,
                    0,
                    yours,
                    has ? part.other().get(i) : "",
                    has ? sources[from + i] : -1,
                    part.conflict()));
        }
    }

    private List<FileLine> changes(List<String> present, List<String> result, List<String> generated) {
        int[] sources = sources(generated, result);
        int before = 0;
        for (AbstractDelta<String> delta : DiffUtils.diff(present, result).getDeltas()) {
            staying(present.subList(before, delta.getSource().getPosition()), sources, generated);
            delta.getSource().getLines().forEach(l -> lines.add(new FileLine(Kind.GOES, 0, l, "", -1, -1)));
            for (String line : delta.getTarget().getLines()) {
                lines.add(new FileLine(Kind.COMES, ++number, line, "", sources[number - 1], -1));
            }
            before = delta.getSource().getPosition() + delta.getSource().size();
        }
        staying(present.subList(before, present.size()), sources, generated);
        return List.copyOf(lines);
    }

    private void staying(List<String> same, int[] sources, List<String> generated) {
        for (String line : same) {
            int source = sources[number++];
            boolean byHand = source < 0 && !generated.isEmpty();
            lines.add(new FileLine(byHand ? Kind.BY_HAND : Kind.STAYS, number, line, "", source, -1));
        }
    }

    /** For each line the one of the generated text it is, or -1. */
    private static int[] sources(List<String> generated, List<String> lines) {
        int[] sources = new int[lines.size()];
        Arrays.fill(sources, -1);
        int from = 0;
        int to = 0;
        for (AbstractDelta<String> delta : DiffUtils.diff(generated, lines).getDeltas()) {
            while (from < delta.getSource().getPosition()) {
                sources[to++] = from++;
            }
            from += delta.getSource().size();
            to += delta.getTarget().size();
        }
        while (to < lines.size() && from < generated.size()) {
            sources[to++] = from++;
        }
        return sources;
    }

    static List<String> split(String text) {
        return text.lines().toList();
    }

    /** The agreed and the conflicting lines of a file. */
    private static final class Parts {
        /** @param conflict -1 when agreed; {@code other} is then empty */
        record Lines(List<String> lines, List<String> other, int conflict) {}

        static List<Lines> of(PlannedFile planned, List<Optional<MergedFile.Choice>> choices) {
            if (planned.merged().isEmpty()) {
                String text = planned.result(List.of()).or(planned::present).orElse("");
                return List.of(agreed(text));
            }
            List<Lines> parts = new ArrayList<>();
            int conflict = 0;
            for (MergedFile.Part part : planned.merged().get().parts()) {
                int index = conflict;
                Optional<MergedFile.Choice> choice = index < choices.size() ? choices.get(index) : Optional.empty();
                parts.add(part.match(a -> agreed(a.text()), c -> lines(c, choice, index)));
                conflict += part.match(a -> 0, c -> 1);
            }
            return parts;
        }

        private static Lines agreed(String text) {
            return new Lines(split(text), List.of(), -1);
        }

        private static Lines lines(MergedFile.Conflict open, Optional<MergedFile.Choice> choice, int index) {
            return choice.map(c -> agreed(open.settled(c)))
                    .orElseGet(() -> new Lines(split(open.yours()), split(open.generated()), index));
        }
    }
}

package jasperwing.cli;

import jasperwing.arrange.Progress;
import jasperwing.blueprint.Blueprint;
import jasperwing.derive.Schema;
import jasperwing.diagram.CardDetail;
import jasperwing.diagram.Scene;
import jasperwing.diagram.SceneBuilder;
import jasperwing.model.Design;
import jasperwing.model.Sheet;
import jasperwing.picture.LineEnds;
import jasperwing.picture.PaintOptions;
import jasperwing.picture.Palette;
import jasperwing.picture.Pictures;
import jasperwing.picture.Typefaces;
import jasperwing.storage.DesignFile;
import jasperwing.storage.SafeWrite;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(name = "draw", mixinStandardHelpOptions = true, description = "Draws a sheet as a picture.")
final class DrawCommand implements Callable<Integer> {
    @Parameters(paramLabel = "DESIGN", description = "a .wing file")
    private Path design;

    @Option(names = "-o", paramLabel = "FILE", required = true, description = "an .svg, .png or .pdf file")
    private Path file;

    @Option(
            names = "--sheet",
            paramLabel = "S",
            defaultValue = "",
            description = "the sheet; all entities when left out")
    private String sheet;

    @Option(
            names = "--ends",
            paramLabel = "E",
            defaultValue = "crows-foot",
            description = "how the ends of relationships are drawn: crows-foot, multiplicities or idef1x")
    private String ends;

    @Option(names = "--tables", description = "the physical tables instead of the entities")
    private boolean tables;

    @Option(
            names = "--dialect",
            paramLabel = "D",
            completionCandidates = DialectOption.Words.class,
            description = DialectOption.KNOWN + ", with --tables")
    private String dialect;

    @Option(
            names = "--scale",
            paramLabel = "N",
            defaultValue = "2",
            description = "pixels a unit of a .png, from 1 to 4; 2 when left out")
    private double scale;

    @Option(
            names = "--cards",
            paramLabel = "CARDS",
            defaultValue = "attributes",
            description = "how much cards tell: key, attributes or all; attributes when left out")
    private String cards;

    @Option(names = "--dark", description = "light ink on dark paper")
    private boolean dark;

    @Override
    public Integer call() throws Exception {
        Pictures.Format format = Pictures.Format.of(file.toString())
                .orElseThrow(() -> new UsageException(file + ": the name must end in .svg, .png or .pdf"));
        if (!(scale >= 1 && scale <= 4)) {
            throw new UsageException("--scale " + scale + ": a scale is from 1 to 4");
        }
        if (tables && !sheet.isEmpty()) {
            throw new UsageException("--sheet is of entities, and --tables draws tables. Leave one of them out.");
        }
        LineEnds drawn = ends();
        Design read = DesignFile.load(design);
        String sheets =
                String.join(", ", read.sheets().stream().map(Sheet::name).toList());
        if (!sheet.isEmpty() && read.sheets().stream().noneMatch(s -> s.name().equals(sheet))) {
            throw new UsageException(design + ": there is no sheet " + sheet + "; there is "
                    + (sheets.isEmpty() ? "only the one of all entities" : sheets));
        }
        PaintOptions look =
                new PaintOptions(dark ? Palette.DARK : Palette.LIGHT, drawn, true, PaintOptions.LIGHT.columns());
        System.setProperty("java.awt.headless", "true");
        SafeWrite.write(file, Pictures.draw(scene(read), read.name(), format, look, scale));
        return 0;
    }

    private LineEnds ends() throws UsageException {
        return Arrays.stream(LineEnds.values())
                .filter(e -> e.name().toLowerCase(Locale.ROOT).replace('_', '-').equals(ends.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new UsageException(
                        "There are no ends '" + ends + "'. Choose crows-foot, multiplicities or idef1x."));
    }

    private CardDetail detail() throws UsageException {
        return Arrays.stream(CardDetail.values())
                .filter(d -> d.name().equalsIgnoreCase(cards))
                .findFirst()
                .orElseThrow(
                        () -> new UsageException("There are no cards '" + cards + "'. Choose key, attributes or all."));
    }

    /** A line on a person's terminal that tells how far long work is. */
    private Progress progress() {
        if (!TerminalColors.standard().isThere()) {
            return Progress.UNWATCHED;
        }
        return new Progress() {
            @Override
            public void at(double share) {
                System.err.printf(
                        Locale.ROOT, "\rArranging the tables: %3.0f %%%s", share * 100, share >= 1 ? "\n" : "");
            }

            @Override
            public boolean cancelled() {
                return false;
            }
        };
    }

    private Scene scene(Design read) throws UsageException {
        if (!tables) {
            return SceneBuilder.build(read, sheet, Typefaces.get().showing(detail()));
        }
        Schema schema = Schema.derive(read, DialectOption.of(dialect));
        return Blueprint.of(read, schema, Typefaces.get(), progress()).orElseThrow();
    }
}

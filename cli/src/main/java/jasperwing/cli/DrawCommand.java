package jasperwing.cli;

import jasperwing.arrange.Progress;
import jasperwing.blueprint.Blueprint;
import jasperwing.diagram.Scene;
import jasperwing.diagram.SceneBuilder;
import jasperwing.model.Design;
import jasperwing.model.Sheet;
import jasperwing.picture.Look;
import jasperwing.picture.Palette;
import jasperwing.picture.Pictures;
import jasperwing.picture.Typefaces;
import jasperwing.schema.Schema;
import jasperwing.storage.DesignFile;
import jasperwing.storage.SafeWrite;
import java.nio.file.Path;
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

    @Option(names = "--tables", description = "the physical tables instead of the entities")
    private boolean tables;

    @Option(
            names = "--dialect",
            paramLabel = "D",
            defaultValue = "postgresql",
            description = DialectOption.KNOWN + ", with --tables")
    private String dialect;

    @Option(
            names = "--scale",
            paramLabel = "N",
            defaultValue = "2",
            description = "pixels a unit of a .png, from 1 to 4; 2 when left out")
    private double scale;

    @Option(names = "--dark", description = "light ink on dark paper")
    private boolean dark;

    @Override
    public Integer call() throws Exception {
        Pictures.Format format = Pictures.Format.of(file.toString())
                .orElseThrow(() -> new UsageException(file + ": the name must end in .svg, .png or .pdf"));
        if (!(scale >= 1 && scale <= 4)) {
            throw new UsageException("--scale " + scale + ": a scale is from 1 to 4");
        }
        Design read = DesignFile.load(design);
        String sheets =
                String.join(", ", read.sheets().stream().map(Sheet::name).toList());
        if (!sheet.isEmpty() && read.sheets().stream().noneMatch(s -> s.name().equals(sheet))) {
            throw new UsageException(design + ": there is no sheet " + sheet + "; there is "
                    + (sheets.isEmpty() ? "only the one of all entities" : sheets));
        }
        Look look = dark ? Look.LIGHT.withPalette(Palette.DARK) : Look.LIGHT;
        System.setProperty("java.awt.headless", "true");
        SafeWrite.write(file, Pictures.draw(scene(read), format, look, scale));
        return 0;
    }

    private Scene scene(Design read) throws UsageException {
        if (!tables) {
            return SceneBuilder.build(read, sheet, Typefaces.get());
        }
        Schema schema = Schema.derive(read, DialectOption.of(dialect));
        return Blueprint.of(read, schema, Typefaces.get(), Progress.UNWATCHED).orElseThrow();
    }
}

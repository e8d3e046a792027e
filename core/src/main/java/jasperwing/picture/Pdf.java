package jasperwing.picture;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DFontTextDrawer;
import jasperwing.diagram.Box;
import jasperwing.diagram.Metrics.Face;
import jasperwing.diagram.Scene;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/** A scene as one page of PDF, with its fonts in it. */
final class Pdf {
    private static final double POINTS_A_UNIT = 0.75;

    /** The largest side a page may have, in points. */
    private static final double MOST_POINTS = 14_400;

    private Pdf() {}

    static byte[] draw(Scene scene, Look look) {
        Box box = Pictures.area(scene);
        double scale = Math.min(POINTS_A_UNIT, MOST_POINTS / Math.max(box.width(), box.height()));
        try (PDDocument document = new PDDocument();
                PdfBoxGraphics2DFontTextDrawer fonts = new PdfBoxGraphics2DFontTextDrawer()) {
            document.setDocumentId(1L);
            PDPage page = new PDPage(new PDRectangle((float) (box.width() * scale), (float) (box.height() * scale)));
            document.addPage(page);
            for (Face face : Face.values()) {
                fonts.registerFont(Typefaces.get().name(face), Typefaces.get().file(face));
            }
            PdfBoxGraphics2D g = new PdfBoxGraphics2D(document, (float) box.width(), (float) box.height());
            g.setFontTextDrawer(fonts);
            Pictures.paint(g, scene, look);
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.transform(Matrix.getScaleInstance((float) scale, (float) scale));
                content.drawForm(g.getXFormObject());
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

package jasperwing.picture;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DFontTextDrawer;
import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Metrics.Face;
import jasperwing.diagram.Region;
import jasperwing.diagram.Scene;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageXYZDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.util.Matrix;

/** A scene as one page of PDF, with its fonts in it. */
final class Pdf {
    private static final double POINTS_A_UNIT = 0.75;

    /** The largest side a page may have, in points. */
    private static final double MOST_POINTS = 14_400;

    /** How much of what is around it is seen where a bookmark leads, in units of the sheet. */
    private static final double NEAR = 20;

    private Pdf() {}

    static byte[] draw(Scene scene, String title, PaintOptions look) {
        Box box = Pictures.area(scene);
        double scale = Math.min(POINTS_A_UNIT, MOST_POINTS / Math.max(box.width(), box.height()));
        try (PDDocument document = new PDDocument();
                PdfBoxGraphics2DFontTextDrawer fonts = new PdfBoxGraphics2DFontTextDrawer()) {
            document.setDocumentId(1L);
            PDPage page = new PDPage(new PDRectangle((float) (box.width() * scale), (float) (box.height() * scale)));
            document.addPage(page);
            document.getDocumentInformation().setTitle(title.isEmpty() ? null : title);
            document.getDocumentCatalog().setDocumentOutline(bookmarks(scene, page, scale));
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

    /** A bookmark for each area with its entities below it, and for each entity in none. */
    private static PDDocumentOutline bookmarks(Scene scene, PDPage page, double scale) {
        PDDocumentOutline outline = new PDDocumentOutline();
        Map<String, PDOutlineItem> areas = new LinkedHashMap<>();
        for (Region region : scene.regions()) {
            PDOutlineItem item = bookmark(region.name(), region.boxes().get(0), scene, page, scale);
            outline.addLast(item);
            areas.put(region.name(), item);
        }
        for (Card card : scene.cards()) {
            PDOutlineItem item = bookmark(card.entity(), card.box(), scene, page, scale);
            scene.regions().stream()
                    .filter(r -> r.boxes().stream()
                            .anyMatch(b -> b.contains(card.box().center())))
                    .findFirst()
                    .ifPresentOrElse(r -> areas.get(r.name()).addLast(item), () -> outline.addLast(item));
        }
        return outline;
    }

    private static PDOutlineItem bookmark(String name, Box box, Scene scene, PDPage page, double scale) {
        Box all = Pictures.area(scene);
        PDPageXYZDestination place = new PDPageXYZDestination();
        place.setPage(page);
        place.setLeft((int) Math.max(0, (box.x() - all.x() - NEAR) * scale));
        place.setTop((int) (page.getMediaBox().getHeight() - (box.y() - all.y() - NEAR) * scale));
        PDOutlineItem item = new PDOutlineItem();
        item.setTitle(name);
        item.setDestination(place);
        return item;
    }
}

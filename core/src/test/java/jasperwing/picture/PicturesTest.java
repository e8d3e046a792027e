package jasperwing.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.Samples;
import jasperwing.diagram.Box;
import jasperwing.diagram.Scene;
import jasperwing.diagram.SceneBuilder;
import jasperwing.model.AreaColor;
import jasperwing.model.Design;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;

class PicturesTest {
    private final Scene scene = SceneBuilder.build(Samples.demo(), "", Typefaces.get());

    @Test
    void aPngShowsPaperBesideAndSpinesOnTheCards() throws IOException {
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(Pictures.draw(scene, Pictures.Format.PNG)));
        Box dive = scene.card("Dive").orElseThrow().box();
        Box all = scene.bounds().grown(40);
        int x = (int) ((dive.x() + 3 - all.x()) * 2);
        int y = (int) ((dive.center().y() - all.y()) * 2);
        assertThat(new Color(image.getRGB(x, y))).isEqualTo(Palette.LIGHT.area(Optional.of(AreaColor.MOSS)));
        assertThat(new Color(image.getRGB(3, 3))).isEqualTo(Palette.LIGHT.paper());
    }

    @Test
    void anSvgIsWellFormedAndNamesEveryEntity() throws Exception {
        byte[] svg = Pictures.draw(scene, Pictures.Format.SVG);
        Document document =
                DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new ByteArrayInputStream(svg));
        String text = document.getDocumentElement().getTextContent();
        assertThat(Samples.demo().entities()).allMatch(e -> text.contains(e.name()));
    }

    @Test
    void anSvgIsWellFormedWhateverIsInNames() throws Exception {
        Design odd = Samples.design("entity `a\\u001b[31m<&\"\\u0001`", "  id serial key", "  `\\u0007` text(9)");
        Scene its = SceneBuilder.build(odd, "", Typefaces.get());
        DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(Pictures.draw(its, Pictures.Format.SVG)));
    }

    @Test
    void typesEndWhereTheirColumnEndsInWhateverFontTheyAreSet() {
        String svg = svg(PaintOptions.LIGHT);
        assertThat(svg).containsPattern("text-anchor=\"end\">decimal\\(5,1\\)</text>");
        assertThat(svg).doesNotContain("NaN", "rgba");
    }

    @Test
    void anSvgCarriesItsFonts() throws IOException {
        String svg = new String(Pictures.draw(scene, Pictures.Format.SVG), StandardCharsets.UTF_8);
        Matcher font = Pattern.compile("font-family:\"Bitter SemiBold\";src:url\\(data:font/ttf;base64,([^)]+)\\)")
                .matcher(svg);
        assertThat(font.find()).isTrue();
        byte[] file = Base64.getDecoder().decode(font.group(1));
        try (TrueTypeFont parsed = new TTFParser().parse(new RandomAccessReadBuffer(file))) {
            assertThat(parsed.getName()).contains("Bitter");
            assertThat(parsed.getUnicodeCmapLookup().getGlyphId('D')).isPositive();
            assertThat(parsed.getNumberOfGlyphs()).isLessThan(60);
        }
        assertThat(svg).contains("font-family: Figtree Italic");
    }

    @Test
    void aPdfHasOnePageWhoseTextCanBeReadAndWhoseFontsAreInIt() throws IOException {
        try (PDDocument document = Loader.loadPDF(Pictures.draw(scene, Pictures.Format.PDF))) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            String text = new PDFTextStripper().getText(document);
            assertThat(Samples.demo().entities()).allMatch(e -> text.contains(e.name()));
            PDFormXObject form = (PDFormXObject) document.getPage(0)
                    .getResources()
                    .getXObject(document.getPage(0)
                            .getResources()
                            .getXObjectNames()
                            .iterator()
                            .next());
            for (COSName name : form.getResources().getFontNames()) {
                assertThat(form.getResources().getFont(name).isEmbedded()).isTrue();
            }
            assertThat(form.getResources().getFontNames()).hasSizeGreaterThanOrEqualTo(4);
        }
    }

    @Test
    void aPngIsAsLargeAsItsScaleSays() throws IOException {
        Box area = scene.bounds().grown(40);
        for (int scale = 1; scale <= 4; scale++) {
            byte[] png = Pictures.draw(scene, "", Pictures.Format.PNG, PaintOptions.LIGHT, scale);
            assertThat(ImageIO.read(new ByteArrayInputStream(png)).getWidth())
                    .isEqualTo((int) Math.ceil(area.width() * scale));
        }
        assertThatThrownBy(() -> Pictures.draw(scene, "", Pictures.Format.PNG, PaintOptions.LIGHT, 5))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("from 1 to 4");
    }

    @Test
    void endsAndPaletteChangeThePicture() {
        byte[] feet = Pictures.draw(scene, Pictures.Format.SVG);
        String multiplicities = svg(PaintOptions.LIGHT.withEnds(LineEnds.MULTIPLICITIES));
        assertThat(multiplicities).contains(">0..*<", ">1<", ">0..1<");
        assertThat(new String(feet, StandardCharsets.UTF_8)).doesNotContain(">0..*<");
        assertThat(svg(PaintOptions.LIGHT.withEnds(LineEnds.IDEF1X))).contains("stroke-dasharray", ">Z<");
        assertThat(svg(PaintOptions.LIGHT.withPalette(Palette.DARK))).contains("rgb(31,28,26)");
    }

    private String svg(PaintOptions look) {
        return new String(Pictures.draw(scene, "Salt & sand", Pictures.Format.SVG, look, 1), StandardCharsets.UTF_8);
    }

    @Test
    void aSelectionIsDrawnAlone() {
        Scene some = scene.only(Set.of("Dive", "Expedition"));
        assertThat(some.cards()).hasSize(2);
        assertThat(some.lines()).hasSize(1);
        assertThat(some.fans()).isEmpty();
        String svg = new String(Pictures.draw(some, Pictures.Format.SVG), StandardCharsets.UTF_8);
        assertThat(svg).contains(">Dive<").doesNotContain(">Specimen<");
    }

    @Test
    void theSameSceneGivesTheSameBytes() {
        assertThat(Pictures.draw(scene, Pictures.Format.PDF)).isEqualTo(Pictures.draw(scene, Pictures.Format.PDF));
        assertThat(Pictures.draw(scene, Pictures.Format.SVG)).isEqualTo(Pictures.draw(scene, Pictures.Format.SVG));
        assertThat(Pictures.draw(scene, Pictures.Format.PNG)).isEqualTo(Pictures.draw(scene, Pictures.Format.PNG));
    }

    @Test
    void textInOtherScriptsIsMeasuredAndDrawn() {
        Scene odd = SceneBuilder.build(Samples.design("entity `日本 \uD83D\uDC1F`", "  `שלום` int"), "", Typefaces.get());
        assertThat(odd.cards().get(0).box().width()).isGreaterThan(100);
        assertThat(Pictures.draw(odd, Pictures.Format.PNG)).isNotEmpty();
    }

    @Test
    void aPdfHasATitleAndABookmarkForEveryEntityBelowItsArea() throws IOException {
        byte[] pdf = Pictures.draw(scene, "Salt & sand", Pictures.Format.PDF, PaintOptions.LIGHT, 1);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("Salt & sand");
            List<String> names = new ArrayList<>();
            for (PDOutlineItem area :
                    document.getDocumentCatalog().getDocumentOutline().children()) {
                names.add(area.getTitle());
                area.children().forEach(e -> names.add(area.getTitle() + " > " + e.getTitle()));
            }
            assertThat(names).startsWith("Fieldwork", "Fieldwork > Expedition").contains("Equipment > Sonde");
            assertThat(names.stream().filter(n -> n.contains(">")))
                    .hasSize(Samples.demo().entities().size());
        }
        assertThat(svg(PaintOptions.LIGHT)).contains("<title>Salt &amp; sand</title>");
    }
}

package jasperwing.picture;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.diagram.Box;
import jasperwing.diagram.Scene;
import jasperwing.diagram.SceneBuilder;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
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
        assertThat(new Color(image.getRGB(x, y))).isEqualTo(new Color(0x5F7A3D));
        assertThat(new Color(image.getRGB(3, 3))).isEqualTo(Palette.LIGHT.paper());
    }

    @Test
    void anSvgIsWellFormedAndNamesEveryEntity() throws Exception {
        byte[] svg = Pictures.draw(scene, Pictures.Format.SVG);
        Document document = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(withoutDoctype(svg)));
        String text = document.getDocumentElement().getTextContent();
        assertThat(Samples.demo().entities()).allMatch(e -> text.contains(e.name()));
    }

    private static byte[] withoutDoctype(byte[] svg) {
        return new String(svg, StandardCharsets.UTF_8)
                .replaceFirst("<!DOCTYPE[^>]*>", "")
                .getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void theSameSceneGivesTheSameBytes() {
        assertThat(Pictures.draw(scene, Pictures.Format.SVG)).isEqualTo(Pictures.draw(scene, Pictures.Format.SVG));
        assertThat(Pictures.draw(scene, Pictures.Format.PNG)).isEqualTo(Pictures.draw(scene, Pictures.Format.PNG));
    }

    @Test
    void textInOtherScriptsIsMeasuredAndDrawn() {
        Scene odd = SceneBuilder.build(Samples.design("entity `日本 \uD83D\uDC1F`", "  `שלום` int"), "", Typefaces.get());
        assertThat(odd.cards().get(0).box().width()).isGreaterThan(100);
        assertThat(Pictures.draw(odd, Pictures.Format.PNG)).isNotEmpty();
    }
}

package jasperwing.notation;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class TextMapTest {
    @Test
    void everyEntityAndRelationshipOfTheDemoIsFoundByItsLines() {
        Design demo = Samples.demo();
        String text = Notation.print(demo);
        TextMap map = TextMap.of(text);
        String[] lines = text.split("\n");
        for (int i = 0; i < demo.entities().size(); i++) {
            TextMap.Span span = map.of(TextMap.Kind.ENTITY, i).orElseThrow();
            assertThat(lines[span.first()])
                    .startsWith("entity " + demo.entities().get(i).name());
            assertThat(map.at(span.last())).contains(span);
        }
        for (int i = 0; i < demo.relationships().size(); i++) {
            TextMap.Span span = map.of(TextMap.Kind.RELATIONSHIP, i).orElseThrow();
            assertThat(lines[span.first()])
                    .isEqualTo(Notation.print(demo.relationships().get(i)));
        }
    }

    @Test
    void aTextThatDoesNotParseIsMappedToo() {
        TextMap map = TextMap.of("entity Dive\n  nonsense (((\n\n  more\neach Dive\n# said\n");
        assertThat(map.at(3)).contains(new TextMap.Span(TextMap.Kind.ENTITY, 0, 0, 3));
        assertThat(map.at(4)).contains(new TextMap.Span(TextMap.Kind.RELATIONSHIP, 0, 4, 4));
        assertThat(map.at(5)).isEmpty();
        assertThat(TextMap.of("").spans()).isEmpty();
    }

    @Test
    void aLineThatIsReplacedGivesTheMapOfTheNewText() {
        List<String> lines =
                List.of("# a", "entity A", "  b int", "", "each A may", "  kept", "area X", "entity C", "");
        for (int i = 0; i < lines.size(); i++) {
            for (String line : List.of("", "entity B", "  x", "each B", "# y", "area Y", " ")) {
                List<String> now = new ArrayList<>(lines);
                now.set(i, line);
                TextMap expected = TextMap.of(String.join("\n", now));
                TextMap map = TextMap.of(String.join("\n", lines)).withLine(i, line);
                assertThat(map.spans()).isEqualTo(expected.spans());
                assertThat(map.lines()).isEqualTo(expected.lines());
            }
        }
    }

    @Test
    void whatHasANameIsFoundByIt() {
        TextMap map = TextMap.of(
                "area Sea\narea `Sea 2`\nenum Hue: red\nvalue Hues\n  east int\nclasses java-plain\narea Sea\n");
        assertThat(map.named("Sea")).map(TextMap.Span::first).contains(6);
        assertThat(map.named("Sea 2")).map(TextMap.Span::first).contains(1);
        assertThat(map.named("Hue")).map(TextMap.Span::first).contains(2);
        assertThat(map.named("Hues").flatMap(s -> map.line(s, "east"))).contains(4);
        assertThat(map.named("java-plain")).map(TextMap.Span::first).contains(5);
        assertThat(map.named("java")).isEmpty();
    }

    @Test
    void aConstraintIsFoundHoweverItIsWritten() {
        TextMap map = TextMap.of("entity A\n  b int\n  unique( b,`of c` ) where b > 3\n  index (b)\n");
        TextMap.Span span = map.of(TextMap.Kind.ENTITY, 0).orElseThrow();
        assertThat(map.constraint(span, "unique (b, of c)")).contains(2);
        assertThat(map.constraint(span, "index (b)")).contains(3);
        assertThat(map.constraint(span, "key (b)")).isEmpty();
    }

    @Test
    void changesOfDifferentLinesAreBroughtTogether() {
        String base = "a\nb\nc\nd\ne";
        assertThat(LineMerge.of(base, "a\nB\nc\nd\ne", "a\nb\nc\nd\nE\nf")).contains("a\nB\nc\nd\nE\nf");
        assertThat(LineMerge.of(base, "b\nc\nd\ne", "a\nb\nc\ne")).contains("b\nc\ne");
        assertThat(LineMerge.of(base, base, "x")).contains("x");
    }

    @Test
    void changesOfTheSameLinesAreNot() {
        assertThat(LineMerge.of("a\nb\nc", "a\nB\nc", "a\nX\nc")).isEmpty();
        assertThat(LineMerge.of("a\nb\nc", "a\nB\nc", "a\nB\nc")).contains("a\nB\nc");
    }
}

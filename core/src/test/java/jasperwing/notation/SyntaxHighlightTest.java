package jasperwing.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SyntaxHighlightTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '^',
            value = {
                "entity Dive in Sea, outside # far|k:entity k:in k:outside c:# far",
                "^  key serial key unique^|k:key k:unique",
                "^  key (x, y)^|k:key",
                "^  index (x) where depth > 3^|k:index k:where n:3",
                "^  kind text(20) default \"x\"^|n:20 k:default t:\"x\"",
                "^  `of` text(9) matching /a#b/ # so^|q:`of` n:9 k:matching t:/a#b/ c:# so",
                "^  deleting Dive empties it^|k:deleting k:empties k:it",
                "^  made date default 2026-03-01 from 9 $^|k:default n:2026-03-01 k:from n:9",
                "^  name text(9) label \"not closed^|n:9 k:label",
                "^  born date = today + 1^|k:today n:1"
            })
    void tokensAreToldApart(String line, String wanted) {
        String told = SyntaxHighlight.of(line).stream()
                .map(h -> h.kind().name().toLowerCase(java.util.Locale.ROOT).charAt(0) + ":"
                        + line.substring(h.start(), h.start() + h.length()))
                .collect(Collectors.joining(" "));
        assertThat(told).isEqualTo(wanted);
    }

    @Property(tries = 500, seed = "20261129")
    void anyLineCanBeColoured(@ForAll String line) {
        int end = 0;
        for (SyntaxHighlight each : SyntaxHighlight.of(line)) {
            assertThat(each.start()).isGreaterThanOrEqualTo(end);
            end = each.start() + each.length();
        }
        assertThat(end).isLessThanOrEqualTo(line.length());
    }
}

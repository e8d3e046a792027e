package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** A table of counted statements in docs/targets.md, between two marks; {@code -Djasperwing.write=true} regenerates it. */
final class CountsPage {
    private static final Path PAGE = Path.of(System.getProperty("jasperwing.root"), "docs", "targets.md");

    private final String start;
    private final String end;
    private final StringBuilder table =
            new StringBuilder("| | store | load | change | move | delete |\n|---|---|---|---|---|---|\n");

    CountsPage(String mark) {
        start = "<!-- " + mark + " -->\n";
        end = "<!-- end of " + mark + " -->\n";
    }

    void add(String way, List<String> counts) {
        table.append("| ")
                .append(way)
                .append(" | ")
                .append(String.join(" | ", counts))
                .append(" |\n");
    }

    void check() throws IOException {
        String page = Files.readString(PAGE);
        int from = page.indexOf(start) + start.length();
        int to = page.indexOf(end);
        if (Boolean.getBoolean("jasperwing.write")) {
            Files.writeString(PAGE, page.substring(0, from) + "\n" + table + "\n" + page.substring(to));
        } else {
            assertThat(page.substring(from, to)).isEqualTo("\n" + table + "\n");
        }
    }
}

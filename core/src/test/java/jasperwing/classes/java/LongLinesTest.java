package jasperwing.classes.java;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.targets.Target;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LongLinesTest {
    private static final String A = "a".repeat(50);
    private static final String B = "b".repeat(50);

    @Test
    void aLineIsBrokenBeforeAnOperatorAndNotWithinAText() {
        assertThat(LongLines.broken("    return " + A + " && " + B + " && c;"))
                .containsExactly("    return " + A, "            && " + B, "            && c;");
        assertThat(LongLines.broken("    call(\"" + A + " && x\", " + B + ", c, ddddddd);"))
                .containsExactly("    call(\"" + A + " && x\", " + B + ",", "            c, ddddddd);");
    }

    @Test
    void aLineIsBrokenWhereItIsTheLeastDeepInBrackets() {
        assertThat(LongLines.broken("    call(one(" + A + ", b), two(" + B + ", c), e);"))
                .containsExactly("    call(one(" + A + ", b),", "            two(" + B + ", c), e);");
        assertThat(LongLines.broken("    void put(Map<" + A + ", String> one, Map<" + B + ", X> two) throws Error {"))
                .containsExactly(
                        "    void put(Map<" + A + ", String> one,",
                        "            Map<" + B + ", X> two)",
                        "            throws Error {");
        assertThat(LongLines.broken("    @All({@One(a = \"" + A + "\", b = 1), @One(a = \"" + B + "\", b = 2)})"))
                .containsExactly(
                        "    @All({",
                        "            @One(a = \"" + A + "\", b = 1),",
                        "            @One(a = \"" + B + "\", b = 2)})");
    }

    @Test
    void whatBindsLeastIsBrokenFirst() {
        assertThat(LongLines.broken("    return " + A + " == null || x && y ? null : " + B + ".of(1, 2);"))
                .containsExactly(
                        "    return " + A + " == null || x && y",
                        "            ? null",
                        "            : " + B + ".of(1, 2);");
    }

    @Test
    void aLongTextIsBrokenBetweenWordsAndJoinedAgain() {
        List<String> lines = LongLines.broken("    String sql = \"" + "word \\\" ".repeat(20) + "end\";");
        assertThat(lines).hasSizeGreaterThan(1).allMatch(l -> l.length() <= 120);
        assertThat(lines.get(0)).endsWith(" \"");
        assertThat(String.join("", lines).replaceAll("\" +\\+ \"", ""))
                .isEqualTo("    String sql = \"" + "word \\\" ".repeat(20) + "end\";");
    }

    @Test
    void aCharacterInQuotesIsNotBroken() {
        assertThat(LongLines.broken("    char " + A + A + A + "=' ';")).hasSize(1);
        assertThat(LongLines.broken("    call('\"', " + A + ", '(', \"" + B + "\", '\\'', c);"))
                .containsExactly("    call('\"', " + A + ", '(',", "            \"" + B + "\", '\\'', c);");
    }

    @Test
    void aCommentIsBrokenBetweenWords() {
        assertThat(LongLines.broken("    /** " + "word ".repeat(30) + "*/"))
                .hasSize(4)
                .startsWith("    /**")
                .endsWith("     */")
                .allMatch(l -> l.length() <= 120);
        assertThat(LongLines.broken("// " + A + A + A)).hasSize(1);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.classes.targets.Targets#all")
    void theDemosLinesAreShortEnoughAndEachTellsWhatItIsMadeOf(Target target) {
        for (GeneratedFile file : target.files(Samples.demo())) {
            assertThat(file.text().lines()).as(file.path()).allMatch(l -> l.length() <= 120 || l.startsWith("import"));
            assertThat(file.sources().size()).isIn(0, (int) file.text().lines().count());
        }
    }
}

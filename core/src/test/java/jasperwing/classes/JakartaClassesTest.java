package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JakartaClassesTest {
    @TempDir
    Path folder;

    @Test
    void theDemoCompilesWithoutWarnings() throws IOException {
        compiles(Samples.demo());
    }

    @Test
    void hostileNamesCompile() throws IOException {
        compiles(Samples.design(
                "entity String",
                "  class text(4) key",
                "  int int?",
                "  this uuid?",
                "entity `1st \"Column\"; */`",
                "  \"ends */ here \\\\u000a and \\n there\"",
                "  `a b` text(3) key default \"quote \\\" and \\\\ end\"",
                "  `日本` int default 3",
                "entity List",
                "  id serial key",
                "entity Entity",
                "  id uuid key",
                "each String may have one List as list, which may have one String as next",
                "each `1st \"Column\"; */` must be of one String, which may have many `1st \"Column\"; */`",
                "each List may hold many Entity, which may be in many List",
                "each Entity may be about one of List, String as public, which may have one Entity as about"));
    }

    /** It is said where the value is kept. */
    @Test
    void aValueSaysNoTypeOfTheDatabase() {
        Design design = Samples.design(
                "enum Hue kept as a type: red, green",
                "value Spot",
                "  hue Hue",
                "  more json?",
                "entity Boat",
                "  id serial key",
                "  spot Spot");
        assertThat(text(design, "Spot"))
                .doesNotContain("columnDefinition")
                .contains("@Column(name = \"hue\", nullable = false)");
        assertThat(text(design, "Boat")).contains("columnDefinition = \"hue_enum\"", "columnDefinition = \"jsonb\"");
    }

    @Test
    void selfRelationshipsAndLinksOfOneEntityCompile() throws IOException {
        compiles(Samples.design(
                "entity Taxon",
                "  id serial key",
                "entity Likeness",
                "  since date?",
                "each Taxon may be under one Taxon as parent, which may have many Taxon as children",
                "each Taxon may resemble many Taxon as models via Likeness, which may be resembled by many Taxon as mimics",
                "each Taxon may replace one Taxon as former, which may be replaced by one Taxon as successor",
                "each Taxon may eat many Taxon as prey, which may be eaten by many Taxon as predators"));
    }

    @Test
    void keysThatNameRolesCompile() throws IOException {
        compiles(Samples.design(
                "entity Plot",
                "  letter text(1)",
                "  number int",
                "  key (letter, number)",
                "entity Quadrat",
                "  row int",
                "  key (plot, row)",
                "entity Count",
                "  id serial key",
                "entity Outer, outside",
                "  system text(4)",
                "  code text(8)",
                "  key (system, code)",
                "each Quadrat must lie in one Plot, which may have many Quadrat",
                "each Count must be of one Quadrat, which may have many Count",
                "each Count must be known as one Outer",
                "each Count may concern one of Quadrat, Plot as about"));
    }

    @Test
    void anEntityBecomesAReadableClass() throws Exception {
        List<GeneratedFile> files = OurTargets.JAKARTA.generate(OurTargets.inPackage(
                "marsh",
                Samples.design(
                        "area Field moss",
                        "entity Dive in Field",
                        "  \"One descent.\"",
                        "  id serial key",
                        "  number int from 1",
                        "  shown as number",
                        "entity Crew in Field",
                        "  id serial key",
                        "each Dive must belong to one Crew, which may have many Dive")));

        assertThat(files)
                .extracting(GeneratedFile::path)
                .containsExactly("marsh/LoadedCheck.java", "marsh/field/Crew.java", "marsh/field/Dive.java");
        assertThat(files.get(2).text())
                .contains(
                        """
                        /** One descent. */
                        @Entity
                        @Table(name = "dives")
                        public class Dive {

                            @Id
                            @GeneratedValue(strategy = GenerationType.IDENTITY)
                            @Column(name = "id", nullable = false)
                            private Long id;

                            @ManyToOne(optional = false, fetch = FetchType.LAZY)
                            @JoinColumn(name = "crew_id", nullable = false)
                            @NotNull
                            private Crew crew;

                            @Column(name = "number", nullable = false)
                            @NotNull
                            @Min(1L)
                            private Integer number;

                            /** For the persistence provider. */
                            protected Dive() {}

                            public Dive(Crew crew, Integer number) {
                                setCrew(crew);
                                this.number = number;
                            }
                        """)
                .contains(
                        "return this == other || other instanceof Dive that && getId() != null && getId().equals(that.getId());")
                .contains("return String.valueOf(number);");
    }

    @Test
    void aPackageIsNotNamedAsAClassIs() throws IOException {
        compiles(Samples.design(
                "area \u82b1 moss",
                "enum \u82b1: a",
                "area \u9ce5 sea",
                "entity \u9ce5",
                "  id serial key",
                "  kind \u82b1",
                "entity Nest in \u9ce5",
                "  id serial key",
                "entity Bud in \u82b1",
                "  id serial key",
                "each Nest must belong to one \u9ce5, which may have many Nest"));
    }

    private static String text(Design design, String name) {
        return OurTargets.JAKARTA.files(design).stream()
                .filter(f -> f.path().endsWith("/" + name + ".java"))
                .findFirst()
                .orElseThrow()
                .text();
    }

    private void compiles(Design design) throws IOException {
        Javac.write(OurTargets.JAKARTA.files(design), folder.resolve("src"));
        Javac.compile(folder.resolve("src"), folder.resolve("classes"));
    }

    @Test
    void textsCannotBreakOutOfComments() {
        Design design = Samples.design("entity Dive", "  \"ends */ here \\\\u000a @x <b>\"", "  id serial key");
        assertThat(OurTargets.JAKARTA.files(design).get(0).text())
                .contains("\n/** ends *&#47; here &#92;u000a &#64;x &lt;b> */\n@Entity\n");
    }
}

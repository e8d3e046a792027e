package jasperwing;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.classes.Javac;
import jasperwing.classes.OurTargets;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.model.AutoTimestamp;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.notation.Problem;
import jasperwing.reading.Narration;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is set by itself, from the notation to the tables and the classes. */
class AutoTimestampTest {
    private final Design design = Samples.design(
            "entity Boat",
            "  id serial key",
            "  name text(40)",
            "  builtOn date set on insert",
            "  seenAt timestamp? set on update",
            "  version small int set on update",
            "  repairs big int set on update");

    private String code() {
        return OurTargets.JAKARTA.files(design).get(0).text();
    }

    @Test
    void isReadAndPrinted() {
        assertThat(design.entities().get(0).attribute("seenAt").orElseThrow().stamp())
                .contains(AutoTimestamp.UPDATE);
        assertThat(Notation.print(design)).contains("  seenAt      timestamp?     set on update\n");
        assertThat(Notation.parse("design \"T\"\nentity A\n  at date set on sunday\n")
                        .problems())
                .extracting(Problem::message)
                .containsExactly("'sunday' is not understood here");
    }

    @Test
    void tablesHaveTheMomentAsDefault() {
        assertThat(Schema.derive(design, Dialects.POSTGRESQL).sql())
                .contains(
                        "built_on date not null default current_date",
                        "seen_at timestamptz default current_timestamp",
                        "version smallint not null default 0");
    }

    @Test
    void classesSetItAndLetNobodyElse(@TempDir Path folder) throws Exception {
        assertThat(code())
                .contains(
                        "public Boat(String name) {",
                        "@PrePersist\n    void stampInsert() {\n        this.builtOn = LocalDate.now();\n",
                        "@PreUpdate\n    void stampUpdate() {\n        this.seenAt = OffsetDateTime.now().truncatedTo(ChronoUnit.MICROS);\n",
                        "this.repairs = repairs == null ? 0L : repairs + 1;",
                        "@Version\n")
                .containsOnlyOnce("@Version")
                .doesNotContain("setBuiltOn", "setSeenAt", "setVersion", "setRepairs");
        Javac.write(OurTargets.JAKARTA.files(design), folder.resolve("src"));
        Javac.compile(folder.resolve("src"), folder.resolve("out"));
    }

    @Test
    void isReadAloud() {
        assertThat(Narration.entity(design, "Boat").get(0).facts())
                .anyMatch(f -> f.contains("set by itself when it is first kept"))
                .anyMatch(f -> f.contains("counted up whenever it is changed"));
    }
}

package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.Entity;
import jasperwing.Designs;
import jasperwing.Samples;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import java.io.StringReader;
import java.util.List;
import javax.xml.XMLConstants;
import javax.xml.transform.stream.StreamSource;
import javax.xml.validation.SchemaFactory;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** The mapping beside plain classes. That it maps what annotations do is tried where classes are stored. */
class OrmXmlTest {
    private static GeneratedFile mapping(List<GeneratedFile> files) {
        return files.stream()
                .filter(f -> f.path().equals("META-INF/orm.xml"))
                .findFirst()
                .orElseThrow();
    }

    private static List<GeneratedFile> generated(Design design) {
        return OurTargets.JAKARTA.files(Persisting.mapped(design, "xml", Persisting.Provider.ECLIPSELINK));
    }

    /** As the schema of the standard says. */
    private static void isValid(String xml) throws Exception {
        SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI)
                .newSchema(Entity.class.getResource("/jakarta/persistence/orm_3_1.xsd"))
                .newValidator()
                .validate(new StreamSource(new StringReader(xml)));
    }

    @Test
    void classesAreLeftPlain() throws Exception {
        List<GeneratedFile> files = generated(Samples.demo());
        isValid(mapping(files).text());
        assertThat(files)
                .filteredOn(f -> f.path().endsWith(".java")
                        && !f.text().contains("AttributeConverter")
                        && !f.path().contains("LoadedCheck"))
                .isNotEmpty()
                .allSatisfy(f -> assertThat(f.text()).doesNotContain("jakarta.persistence"));
    }

    @Test
    void aRelationshipIsAnElement() {
        String xml = mapping(generated(Samples.design(
                        "entity Site",
                        "  id serial key",
                        "entity Dive",
                        "  number int",
                        "  key (site, number)",
                        "each Dive must be at one Site as site, which may have many Dive as dives",
                        "  deleting Site deletes Dive too")))
                .text();
        assertThat(xml)
                .contains("    <entity class=\"test.Site\">\n        <table name=\"sites\"/>\n        <attributes>\n")
                .contains("<generated-value strategy=\"IDENTITY\"/>")
                .contains("<one-to-many name=\"dives\" mapped-by=\"site\">")
                .contains("<cascade-all/>")
                .contains("<id-class class=\"test.Dive$Key\"/>")
                .contains("<many-to-one name=\"site\" optional=\"false\" fetch=\"LAZY\" id=\"true\">");
    }

    @Provide
    Arbitrary<Design> designs() {
        return Designs.all();
    }

    @Property(tries = 60, seed = "20261127")
    void whateverTheNamesItIsValid(@ForAll("designs") Design design) throws Exception {
        Assume.that(Report.of(design, Dialects.POSTGRESQL).of(Level.ERROR).isEmpty());
        isValid(mapping(generated(design)).text());
    }

    @Test
    void otherWaysToKeepThingsAreValidToo() throws Exception {
        isValid(mapping(generated(Samples.ways())).text());
    }
}

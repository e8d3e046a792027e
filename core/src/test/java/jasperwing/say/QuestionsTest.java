package jasperwing.say;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuestionsTest {
    private final Design design = Samples.demo();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
        what refers to Dive | Specimen.dive refers to Dive
        what refers to keywords? | Pairs of Specimen and Keyword refer to both
        what refers to sonde | Nothing refers to Sonde.
        what happens when a dive is deleted | Deleting a row of dives is refused while specimens has a row that points to it.
        how do I get from Dive to Keyword | By Dive.specimens.keywords
        how do I get from Keyword to Taxon | By Keyword.specimens.taxon
        which attributes are optional | Expedition.endsOn date?
        which attributes of a taxon are unique | Taxon.name text(120) unique
        which attributes are computed | Dive.bottomTime int = minutes_between(startedAt, endedAt)
        where is email used | Researcher.email text(190) unique
        where is colour used? | No attribute is called colour.
        """)
    void areAnsweredFromTheDesignAndChangeNothing(String question, String answer) {
        Understanding understanding = Say.understand(design, question);
        assertThat(understanding.edit()).isSameAs(Edit.NOTHING);
        assertThat(String.join("\n", understanding.answers())).contains(answer);
    }

    @Test
    void whatAQuestionIsAboutCanBeGoneTo() {
        assertThat(Say.understand(design, "what refers to Taxon").goTo()).contains("Specimen", "Taxon");
    }

    @Test
    void aNameThatIsSpelledMuchLikeOneThatIsThereIsAskedFor() {
        assertThat(Say.understand(design, "Speciman have many labels").corrected())
                .isEqualTo("Specimen have many labels");
        assertThat(Say.understand(design, "a dvie has many labels").corrected()).isEqualTo("a Dive has many labels");
        assertThat(Say.understand(design, "a boat has many sails").corrected()).isEmpty();
    }
}

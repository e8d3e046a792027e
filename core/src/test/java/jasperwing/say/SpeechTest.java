package jasperwing.say;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.notation.Notation;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.From;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Speech looser than the notation's sentences. */
class SpeechTest {
    private static final Design EMPTY = Design.named("Test");

    private static List<String> sentences(Design design, String said) {
        return Say.understand(design, said).sentences();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
        an orchard has many trees | each Orchard may have many Tree, which must belong to one Orchard
        Orchards have several trees. | each Orchard may have many Tree, which must belong to one Orchard
        each orchard must have at least one tree | each Orchard must have many Tree, which must belong to one Orchard
        tree belongs to orchard | each Tree must belong to one Orchard, which may have many Tree
        a tree may belong to an orchard | each Tree may belong to one Orchard, which may have many Tree
        a dive can have many photos | each Dive may have many Photo, which must belong to one Dive
        A dive yields many specimens | each Dive may yield many Specimen, which must belong to one Dive
        a dive is made at a site | each Dive must be made at one Site, which may have many Dive
        a specimen may have at most one sequence record | each Specimen may have one SequenceRecord, which must belong to one Specimen
        a note is about a dive, a specimen or an instrument | each Note must be about one of Dive, Specimen, Instrument, which may have many Note
        a note may be about one of dive, specimen | each Note may be about one of Dive, Specimen, which may have many Note
        students and courses are many-to-many | each Student may have many Course, which may have many Student
        a student takes many courses and each course has many students | each Student may take many Course, which may have many Student
        Species carry many tags and tags mark many species | each Species may carry many Tag, which may mark many Species
        a diver joins many dives via assignment | each Diver may join many Dive via Assignment, which may have many Diver
        """)
    void isUnderstoodAndShownAsANotationSentence(String said, String sentence) {
        assertThat(sentences(EMPTY, said)).containsExactly(sentence);
        Design after = Say.understand(EMPTY, said).edit().on(EMPTY);
        assertThat(after.relationships()).extracting(Notation::print).containsExactly(sentence);
    }

    /** A word that is no part of a name and says nothing here is not taken into one. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "an order maybe has many items",
                "an order has many items slowly",
                "a firm has many clerks except on sundays",
                "a firm usually has a motto",
                "a firm has a motto which is short",
                "a firm has a motto unless closed",
                "a firm has a motto only",
                "a clerk belongs to a firm today"
            })
    void whatWouldBeDroppedIsNotUnderstood(String said) {
        Understanding understood = Say.understand(EMPTY, said);
        assertThat(understood.changes()).isFalse();
        assertThat(understood.problem()).isNotEmpty();
    }

    @Test
    void whatMayBeHadIsOptional() {
        assertThat(sentences(EMPTY, "a firm may have a motto and a founding day"))
                .containsExactly("Firm: motto text(80)?, foundingDay date?");
        assertThat(sentences(EMPTY, "a firm always has a motto")).containsExactly("Firm: motto text(80)");
    }

    @Test
    void namesMayEndAsAdverbsDo() {
        assertThat(sentences(EMPTY, "a family has many assemblies"))
                .containsExactly("each Family may have many Assembly, which must belong to one Family");
    }

    @Test
    void attributesAreListedWithTypesOrTheirTypesAreGuessedAndShown() {
        Understanding said = Say.understand(EMPTY, "dive has startedAt timestamp, maxDepth decimal(5,1)");
        assertThat(said.guesses()).isEmpty();
        assertThat(said.sentences()).containsExactly("Dive: startedAt timestamp, maxDepth decimal(5,1)");
        Understanding guessed =
                Say.understand(EMPTY, "A diver has a name, a unique email, an optional phone number and a birthday.");
        assertThat(guessed.sentences())
                .containsExactly("Diver: name text(80), email text(190) unique, phoneNumber text(30)?, birthday date");
        assertThat(guessed.guesses())
                .containsExactly(
                        "guessed: name is text(80)",
                        "guessed: email is text(190)",
                        "guessed: phoneNumber is text(30)",
                        "guessed: birthday is date");
        Design after = guessed.edit().on(EMPTY);
        assertThat(after.entity("Diver").orElseThrow().attributes()).hasSize(5);
        assertThat(sentences(after, "add weight to diver")).containsExactly("Diver: weight decimal(8,2)");
    }

    @Test
    void attributesAndThingsCanBeSaidInOneBreath() {
        assertThat(sentences(EMPTY, "a dive has a depth, a start time and many photos"))
                .containsExactly(
                        "Dive: depth decimal(8,2), startTime time",
                        "each Dive may have many Photo, which must belong to one Dive");
    }

    @Test
    void twoClausesAboutOneThingAreTaken() {
        assertThat(sentences(EMPTY, "An order line is for one seed lot and has a quantity int"))
                .containsExactly(
                        "each OrderLine must be for one SeedLot, which may have many OrderLine",
                        "OrderLine: quantity int");
        assertThat(sentences(EMPTY, "A remark has a text and a writtenAt timestamp"))
                .containsExactly("Remark: text long text, writtenAt timestamp");
    }

    @Test
    void theOtherSideOfARelationshipIsNotASecondOne() {
        List<Say.Heard> heard = Say.paragraph(EMPTY, "An orchard has many trees. Each tree may belong to one orchard.");
        Design design = EMPTY;
        for (Say.Heard one : heard) {
            design = one.understanding().edit().on(design);
        }
        assertThat(design.relationships())
                .extracting(Notation::print)
                .containsExactly("each Orchard may have many Tree, which may belong to one Orchard");
    }

    @Test
    void whatAPairCarriesGoesToTheRelationshipThereIs() {
        assertThat(relationships("Students enroll in courses. Courses have many students with a grade and a term."))
                .containsExactly(
                        "each Student may enroll in many Course via StudentCourse, which may have many Student");
        assertThat(relationships("Students enroll in courses with a grade. Courses have many students with a rating."))
                .containsExactly("each Student may enroll in many Course via Enrollment, which may have many Student");
        assertThat(relationships("Wines are made from several harvests and a harvest goes into many wines."))
                .containsExactly("each Wine may be made from many Harvest, which may go into many Wine");
    }

    @Test
    void whetherTwoVerbsAreOfOneRelationshipIsAGuess() {
        Design treated = said("Each doctor treats many patients, each of which is treated by many doctors.");
        Understanding examined = Say.understand(treated, "a patient is examined by many doctors");
        Understanding.Guess another = examined.told().get(0);
        assertThat(another.words()).isEqualTo("guessed: another relationship than \"treat\"");
        assertThat(examined.sentences())
                .containsExactly("each Patient may be examined by many Doctor, which may have many Patient");
        assertThat(Say.understand(treated, "a patient is examined by many doctors", Map.of(another.key(), 1))
                        .sentences())
                .containsExactly("each Doctor may treat many Patient, which may be examined by many Doctor");
        assertThat(Say.understand(said("Doctors treat patients."), "a patient is treated by many doctors")
                        .told())
                .isEmpty();
    }

    @Test
    void whatIsHadWithAttributesHasThemUnlessThePairDoes() {
        String choir = "a choir has singers with a voice and a phone number";
        Understanding its = Say.understand(EMPTY, choir);
        assertThat(its.sentences())
                .containsExactly(
                        "each Choir may have many Singer, which must belong to one Choir",
                        "Singer: voice text(80), phoneNumber text(30)");
        Understanding.Guess guess = its.told().stream()
                .filter(g -> g.words().startsWith("guessed: each Singer has"))
                .findFirst()
                .orElseThrow();
        assertThat(Say.understand(EMPTY, choir, Map.of(guess.key(), 1))
                        .sentences()
                        .get(0))
                .isEqualTo("each Choir may have many Singer via ChoirSinger, which may have many Choir");
        assertThat(relationships("an order has many products with a quantity"))
                .containsExactly("each Order may have many Product via OrderProduct, which may have many Order");
        assertThat(relationships("each hotel has one garden with a size and a name"))
                .containsExactly("each Hotel must have one Garden, which must belong to one Hotel");
    }

    @Test
    void whatEachOfThemHasIsSaidBehindEach() {
        assertThat(sentences(EMPTY, "a fire station has vehicles, each with a call sign and a plate"))
                .containsExactly(
                        "each FireStation may have many Vehicle, which must belong to one FireStation",
                        "Vehicle: callSign text(80), plate text(80)");
        assertThat(relationships("An incident may have many reports, each written by one firefighter."))
                .containsExactly(
                        "each Incident may have many Report, which must belong to one Incident",
                        "each Report must be written by one Firefighter, which may have many Report");
    }

    @Test
    void whatHasALeastAndAMostIsANumberUntilItHasValues() {
        Design rated = said("An incident has a severity from 1 to 5.");
        assertThat(attribute(rated)).isEqualTo("severity int from 1 to 5");
        assertThat(attribute(
                        said("An incident has a severity from 1 to 5. The severity of an incident is low or high.")))
                .isEqualTo("severity IncidentSeverity");
    }

    private static String attribute(Design design) {
        return Notation.print(design.entities().get(0).attribute("severity").orElseThrow(), false)
                .replaceAll(" +", " ");
    }

    @Test
    void whoPlaysAPartIsNoKindOfItself() {
        assertThat(relationships("A shift has a start, an end and a leader, who is a firefighter."))
                .containsExactly("each Shift must have one Firefighter as leader, which may have many Shift");
        assertThat(relationships("A team has a captain, who is a player."))
                .containsExactly("each Team must have one Player as captain, which may have many Team");
        assertThat(relationships("Each singer may have one deputy, who is a singer."))
                .containsExactly("each Singer may have one Singer as deputy, which may have many Singer as deputyOf");
        Understanding captain = Say.understand(EMPTY, "a team has a captain, who is a player");
        assertThat(captain.told().get(0).words()).isEqualTo("guessed: the captain is one Player");
        assertThat(Say.understand(
                                EMPTY,
                                "a team has a captain, who is a player",
                                Map.of(captain.told().get(0).key(), 1))
                        .sentences())
                .contains("entity Captain is a kind of Player");
    }

    private static Design said(String text) {
        return Say.all(EMPTY, List.of(text)).design();
    }

    private static Stream<String> relationships(String text) {
        return said(text).relationships().stream().map(Notation::print);
    }

    @Test
    void aParagraphIsTakenSentenceBySentence() {
        List<Say.Heard> heard = Say.paragraph(
                EMPTY,
                """
                We keep expeditions, dives and sites.
                - An expedition has many dives; it has a title and a budget.
                - Every dive is made at a site.
                Frogs are green and slimy!
                """);
        assertThat(heard).hasSize(5);
        assertThat(heard).extracting(h -> h.understanding().changes()).containsExactly(true, true, true, true, false);
        assertThat(heard.get(2).sentence()).startsWith("Expedition has");
        assertThat(heard.get(4).understanding().problem()).startsWith("Not understood");
        assertThat(Say.isParagraph("a dive has maxDepth decimal(5,1)")).isFalse();
    }

    @Test
    void whatIsNotUnderstoodNamesTheWordsOrAsksWhich() {
        assertThat(Say.understand(EMPTY, "a firm has many clerks except on sundays")
                        .problem())
                .startsWith("Not understood: \"except on sundays\"");
        assertThat(Say.understand(EMPTY, "each block is planted with one variety and may be replanted")
                        .problem())
                .isEqualTo("Not understood: \"may be replanted\". The rest is understood.");
        assertThat(Say.understand(Samples.demo(), "tags can be put on anything").problem())
                .isEqualTo("Which? Say names in the place of \"anything\", such as Expedition or Site.");
    }

    @Test
    void whatIsGuessedCanBeTakenOtherwise() {
        Understanding likely = Say.understand(EMPTY, "a library owns books");
        Understanding.Guess side = likely.told().get(0);
        assertThat(side.words()).isEqualTo("guessed: each Book belongs to one Library");
        Understanding other = Say.understand(EMPTY, "a library owns books", Map.of(side.key(), 1));
        assertThat(other.sentences()).containsExactly("each Library may own many Book, which may have many Library");
        assertThat(other.told().get(0))
                .isEqualTo(new Understanding.Guess("guessed: a Book may have many Libraries", side.key(), 1, 3));
        assertThat(Say.understand(EMPTY, "a library owns books", Map.of(side.key(), 2))
                        .sentences())
                .containsExactly("each Library may own many Book, which may belong to one Library");
        Understanding.Guess type =
                Say.understand(EMPTY, "a book has a motto").told().get(0);
        assertThat(type.ways()).isEqualTo(7);
        assertThat(Say.understand(EMPTY, "a book has a motto", Map.of(type.key(), 6))
                        .sentences())
                .containsExactly("Book: motto long text");
        assertThat(Say.paragraph(EMPTY, "A book has a motto. It is old.", Map.of(type.key(), 1))
                        .get(0)
                        .understanding()
                        .sentences())
                .containsExactly("Book: motto int");
    }

    @Test
    void thingsCanBeNamedRenamedAndRemoved() {
        Design design = Say.understand(EMPTY, "there are boats and field stations")
                .edit()
                .on(EMPTY);
        assertThat(design.entities()).extracting(Entity::name).containsExactly("Boat", "FieldStation");
        assertThat(Say.understand(design, "rename boat to Ship")
                        .edit()
                        .on(design)
                        .entity("Ship"))
                .isPresent();
        assertThat(Say.understand(design, "remove the boats").edit().on(design).entities())
                .hasSize(1);
        assertThat(Say.understand(design, "remove the submarine").changes()).isFalse();
    }

    @Test
    void whatDeniesOrMakesNoSenseIsNotUnderstood() {
        assertThat(Say.understand(EMPTY, "a dive does not have many photos").changes())
                .isFalse();
        assertThat(Say.understand(EMPTY, "many many many").changes()).isFalse();
        assertThat(Say.understand(EMPTY, "a photo belongs somewhere or to of").problem())
                .startsWith("Not understood");
        assertThat(Say.understand(Samples.demo(), "specimens of of of").changes())
                .isFalse();
    }

    @Property(tries = 400, seed = "20261125")
    void whateverIsSaidLeavesADesignThatCanBeWrittenAndRead(@ForAll String said) {
        Design demo = Samples.demo();
        Design after = Say.understand(demo, said).edit().on(demo);
        assertThat(Notation.parse(Notation.print(after)).value()).isEqualTo(after);
    }

    /** Whatever words follow each other, reading ends soon, and never in a design that cannot be written. */
    @Property(tries = 300, seed = "20261129")
    void wordsInAnyOrderAreReadOrNot(@ForAll @Size(max = 40) List<@From("words") String> words) {
        Design demo = Samples.demo();
        Design after = Say.understand(demo, String.join(" ", words)).edit().on(demo);
        assertThat(Notation.parse(Notation.print(after)).value()).isEqualTo(after);
    }

    @Provide
    Arbitrary<String> words() {
        return Arbitraries.of(
                ("a an the each every many one of is are has have with and or , which that it they dive dives specimen note photo"
                                + " keyword researcher may must can be belongs to consists about unique deleted when its number date name from"
                                + " between 2 5 text int identified by shown as kind deleting at least most not up : either in")
                        .split(" "));
    }
}

package jasperwing.moves;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.WideDesigns;
import jasperwing.change.LostFacts;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.History;
import jasperwing.model.Neighbours;
import jasperwing.model.Relationship;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;

/** What holds for every move on every design. */
class MovesPropertyTest {
    /** A move, and the entities it is about. */
    private record Try(Move move, List<String> about) {}

    private static List<Try> offered(Design design, Random random) {
        List<Try> tries = new ArrayList<>();
        for (Entity entity : design.entities()) {
            Offers.ofEntity(design, entity.name()).forEach(o -> tries.add(tried(answered(o, random), entity.name())));
        }
        for (Relationship relationship : design.relationships()) {
            List<String> about = new ArrayList<>(relationship.targets());
            about.add(relationship.from());
            Offers.ofRelationship(design, relationship).forEach(o -> tries.add(new Try(answered(o, random), about)));
        }
        List<String> two = design.entities().stream().limit(2).map(Entity::name).toList();
        Offers.ofEntities(design, two).forEach(o -> tries.add(new Try(answered(o, random), two)));
        return tries;
    }

    private static Try tried(Move move, String entity) {
        if (move instanceof Fold fold) {
            return new Try(move, List.of(fold.binary().from(), fold.binary().to()));
        }
        if (move instanceof ShareKey share) {
            return new Try(move, List.of(share.binary().from(), share.binary().to()));
        }
        return new Try(move, move instanceof MakeKind kind ? List.of(entity, kind.of()) : List.of(entity));
    }

    private static Move answered(Offer offer, Random random) {
        List<String> chosen = new ArrayList<>(offer.choices());
        chosen.removeIf(c -> random.nextBoolean());
        String said = offer.suggestion().endsWith(": ") ? offer.suggestion() + "low, high" : offer.suggestion();
        return offer.maker().of(chosen, said);
    }

    @Property(tries = 150, seed = "20261201")
    void theDesignStaysSoundAndUndoGivesItBackByteForByte(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        staysSound(SoundDesigns.of(seed), seed);
    }

    @Property(tries = 150, seed = "20261205")
    void aDesignWithKindsStaysSoundToo(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        staysSound(SoundDesigns.withKinds(seed), seed);
    }

    private static void staysSound(Design before, long seed) {
        String text = Notation.print(before);
        int made = 0;
        for (Try each : offered(before, new Random(seed))) {
            Design after = each.move().on(before);
            boolean hindered = each.move().hindrance(before).isPresent();
            assertThat(after == before).as("%s", each).isEqualTo(hindered);
            if (!hindered) {
                made++;
                Parsed<Design> again = Notation.parse(Notation.print(after));
                assertThat(again.problems()).as("%s", each).isEmpty();
                assertThat(again.value()).as("%s", each).isEqualTo(after);
                assertThat(errors(after)).as("%s on%n%s", each, text).isSubsetOf(errors(before));
                History undone =
                        History.startingWith(before).then(after).undone().orElseThrow();
                assertThat(Notation.print(undone.present())).isEqualTo(text);
            }
        }
        assertThat(made).isPositive();
    }

    /** All but circles of musts: a kind and an id can hide one, which is seen when they become a relationship. */
    private static List<String> errors(Design design) {
        return Report.of(design, Dialects.POSTGRESQL).of(Level.ERROR).stream()
                .filter(f -> f.rule() != Rule.REQUIRED_CYCLE)
                .map(Finding::message)
                .toList();
    }

    @Property(tries = 100, seed = "20261202")
    void tablesFartherThanOneRelationshipStayAsTheyAre(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Design before = SoundDesigns.of(seed);
        Schema was = Schema.derive(before, Dialects.POSTGRESQL);
        for (Try each : offered(before, new Random(seed))) {
            Schema is = Schema.derive(each.move().on(before), Dialects.POSTGRESQL);
            Set<String> near = new HashSet<>();
            each.about().forEach(e -> near.addAll(Neighbours.within(before, e, 1)));
            for (Entity entity : before.entities()) {
                if (!near.contains(entity.name())) {
                    DerivedTable table = was.table(entity.name()).orElseThrow();
                    assertThat(is.table(entity.name())).as("%s", each).contains(table);
                }
            }
        }
    }

    @Property(tries = 200, seed = "20261203")
    void splittingOffAndFoldingInGiveBackTheDesign(
            @ForAll @LongRange(min = 0, max = 1_000_000) long seed, @ForAll @LongRange(min = 0, max = 99) long which) {
        Design before = SoundDesigns.of(seed);
        Entity entity = before.entities().get((int) (which % before.entities().size()));
        int from = 1 + (int) (which % (entity.attributes().size() - 1));
        int to = Math.min(entity.attributes().size(), from + 1 + (int) (which % 3));
        List<Attribute> run = entity.attributes().subList(from, to);
        boolean must = run.stream().anyMatch(a -> !a.optional() && !a.list());
        Assume.that(must || run.stream().allMatch(a -> a.optional() || a.list()));
        Move split =
                new SplitOff(entity.name(), run.stream().map(Attribute::name).toList(), "Details", false);
        Assume.that(split.hindrance(before).isEmpty());
        Design apart = split.on(before);
        BinaryRelationship binary = (BinaryRelationship)
                apart.relationships().get(apart.relationships().size() - 1);
        assertThat(Notation.print(new Fold(binary, from).on(apart))).isEqualTo(Notation.print(before));
    }

    /** Of designs with everything in them, folded back at the place it had: the same text, unless the preview named a loss. */
    @Property(tries = 300, seed = "20261129")
    void whatIsSplitOffAndFoldedBackIsAsItWasUnlessALossWasNamed(@ForAll @LongRange(min = 0) long seed) {
        Design before = WideDesigns.of(seed);
        for (Entity entity : before.entities()) {
            Set<String> names = new HashSet<>();
            boolean twice = before.entities().stream()
                                    .filter(e -> e.name().equals(entity.name()))
                                    .count()
                            > 1
                    || new HashSet<>(entity.indexes()).size() < entity.indexes().size()
                    || entity.attributes().stream().anyMatch(a -> !names.add(a.name()));
            for (int i = 0; !twice && i < entity.attributes().size(); i++) {
                Attribute one = entity.attributes().get(i);
                Move split = new SplitOff(entity.name(), List.of(one.name()), "Details", false);
                if (split.hindrance(before).isEmpty()) {
                    Design apart = split.on(before);
                    BinaryRelationship binary = (BinaryRelationship)
                            apart.relationships().get(apart.relationships().size() - 1);
                    Fold fold = new Fold(binary, i);
                    if (LostFacts.of(before, apart).isEmpty()
                            && fold.hindrance(apart).isEmpty()) {
                        assertThat(LostFacts.of(before, fold.on(apart)))
                                .as("%s of%n%s", one, Notation.print(before))
                                .isEmpty();
                        assertThat(fold.on(apart).entity(entity.name()).map(Entity::attributes))
                                .as("%s of%n%s", one, Notation.print(before))
                                .contains(entity.attributes());
                    }
                }
            }
        }
    }

    @Property(tries = 200, seed = "20261204")
    void reversingTwiceAndLinkingAndUnlinkingGiveBackTheDesign(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Design before = SoundDesigns.of(seed);
        for (int i = 0; i < before.relationships().size(); i++) {
            if (before.relationships().get(i) instanceof BinaryRelationship binary) {
                Design turned = new SwapKeyHolder(binary).on(before);
                assertThat(new SwapKeyHolder((BinaryRelationship)
                                        turned.relationships().get(i))
                                .on(turned))
                        .isEqualTo(before);
                Design linked = new Relink(binary, "Between").on(before);
                assertThat(new Relink(
                                        (BinaryRelationship)
                                                linked.relationships().get(i),
                                        "")
                                .on(linked))
                        .isEqualTo(before);
            }
        }
    }
}

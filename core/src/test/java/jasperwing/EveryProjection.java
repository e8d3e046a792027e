package jasperwing;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.arrange.Progress;
import jasperwing.blueprint.Blueprint;
import jasperwing.change.Consequences;
import jasperwing.classes.ClassModel;
import jasperwing.classes.OurTargets;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.complete.AttributeCompletion;
import jasperwing.derive.DeleteEffect;
import jasperwing.derive.DeleteImpact;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Enforcement;
import jasperwing.derive.GuardTriggers;
import jasperwing.derive.LooseReference;
import jasperwing.derive.Order;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import jasperwing.derive.SqlOrigin;
import jasperwing.diagram.SceneBuilder;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.find.Find;
import jasperwing.findings.Finding;
import jasperwing.findings.Fix;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import jasperwing.moves.Move;
import jasperwing.moves.Offer;
import jasperwing.moves.Offers;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Step;
import jasperwing.naming.Steps;
import jasperwing.notation.Notation;
import jasperwing.picture.Pictures;
import jasperwing.picture.Typefaces;
import jasperwing.reading.Narration;
import jasperwing.reading.Phrase;
import jasperwing.reading.Readings;
import jasperwing.walk.Walk;
import jasperwing.weigh.Alternative;
import jasperwing.weigh.Alternatives;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Makes everything that can be made of a design, as the window and the command line do. */
final class EveryProjection {
    private final Design design;

    private EveryProjection(Design design) {
        this.design = design;
    }

    static void of(Design design) {
        EveryProjection every = new EveryProjection(design);
        every.notation();
        for (Dialect dialect : Dialects.all()) {
            every.tables(dialect);
        }
        every.fixes();
        every.words();
        every.walks();
        every.moves();
        every.alternatives();
        every.classes();
        every.pictures();
    }

    private void notation() {
        String text = Notation.print(design);
        assertThat(Notation.parse(text).value()).as(text).isEqualTo(design);
    }

    private void tables(Dialect dialect) {
        Schema schema = Schema.derive(design, dialect);
        assertThat(schema.script().lines())
                .allMatch(l -> l.origin().map(this::isDeclared).orElse(true));
        assertThat(Report.of(design, schema).findings()).isNotNull();
        assertThat(Order.of(schema).tables()).hasSameSizeAs(schema.tables());
        for (DerivedTable table : schema.tables()) {
            assertThat(schema.sql(table)).isNotEmpty();
            assertThat(DeleteImpact.of(design, schema, table).sentence()).isNotNull();
        }
        assertThat(Order.ofRows(design, schema).tables()).hasSameSizeAs(schema.tables());
        LooseReference.all(design, schema).forEach(l -> assertThat(l.dangling()).isNotBlank());
        assertThat(GuardTriggers.script(schema, GuardTriggers.of(design, schema))
                        .text())
                .isNotNull();
        design.relationships()
                .forEach(r -> Roles.of(r).forEach(role -> role.targets().forEach(t -> deletes(schema, role, t))));
    }

    private boolean isDeclared(SqlOrigin origin) {
        boolean there = origin.declaration().isEmpty()
                ? origin.relationship().isPresent()
                : design.entity(origin.declaration()).isPresent()
                        || design.enumType(origin.declaration()).isPresent();
        return there
                && origin.relationship().map(design.relationships()::contains).orElse(true);
    }

    /** What sentences say that a delete does is what the tables reached by it say, unless the database takes no such foreign key, which a finding tells. */
    private void deletes(Schema schema, Role role, String target) {
        DeleteEffect said = Enforcement.of(design, role, target)
                .onDelete(role.relationship().onDelete(target));
        Optional<DerivedTable> holder = schema.table(role.holder())
                .filter(t -> !t.referencesOf(role).isEmpty()
                        && schema.named(t.name()).isPresent());
        if (holder.isPresent() && Enforcement.of(design, target) != Enforcement.OUTSIDE) {
            schema.tablesOf(design, target).stream()
                    .flatMap(t -> DeleteImpact.of(design, schema, t).effects().stream())
                    .filter(e -> e.distance() == 1
                            && e.table().equals(holder.get().name())
                            && holder.get().referencesOf(role).stream()
                                    .anyMatch(k -> k.targetEntity().equals(target)
                                            && k.columns().equals(e.columns())
                                            && !isReplaced(schema, k)))
                    .forEach(e -> assertThat(e.kind()).isEqualTo(said));
        }
    }

    private boolean isReplaced(Schema schema, Reference reference) {
        boolean replaced = reference.stated() != reference.onDelete();
        if (replaced) {
            assertThat(Report.of(design, schema).findings())
                    .extracting(Finding::rule)
                    .contains(Rule.DELETE_RULE_REPLACED);
        }
        return replaced;
    }

    private void fixes() {
        for (Finding finding : Report.of(design, Dialects.POSTGRESQL).findings()) {
            for (Fix fix : finding.fixes()) {
                check(fix.edit().on(design));
            }
        }
    }

    private static void check(Design other) {
        Schema schema = Schema.derive(other, Dialects.POSTGRESQL);
        assertThat(Report.of(other, schema).findings()).isNotNull();
        assertThat(schema.sql()).isNotNull();
    }

    private void words() {
        assertThat(Narration.whole(design)).isNotEmpty();
        assertThat(Find.in(design, "a")).isNotNull();
        for (Entity entity : design.entities()) {
            for (String typed : List.of("", "x ", "x te", "x Hue de", "x text(4) ")) {
                assertThat(AttributeCompletion.of(design, entity, typed)).isNotNull();
            }
        }
        for (Relationship relationship : design.relationships()) {
            for (Phrase phrase : Readings.whole(design, relationship)) {
                assertThat(Readings.options(design, relationship, phrase)).isNotNull();
            }
            relationship.targets().forEach(t -> assertThat(Readings.from(design, relationship, t))
                    .isNotNull());
        }
    }

    private void walks() {
        Schema schema = Schema.derive(design, Dialects.H2);
        for (Entity entity : design.entities()) {
            for (Step step : Steps.from(design, entity.name())) {
                String path = step.name();
                List<Step> further = Steps.from(design, step.to());
                walk(schema, entity, path);
                if (!further.isEmpty()) {
                    walk(schema, entity, path + "." + further.get(0).name());
                }
            }
        }
    }

    private void walk(Schema schema, Entity start, String path) {
        Walk walk = Walk.of(design, start.name(), path);
        assertThat(walk.sql(design, schema)).isNotNull();
        assertThat(OurTargets.JAKARTA.expression(design, schema, walk)).isNotNull();
        for (Walk other : walk.otherWays(design)) {
            assertThat(walk.mustAgree(other)).isIn(true, false);
            assertThat(walk.sqlBesides(other, schema)).isNotNull();
        }
    }

    private void moves() {
        Consequences.Derived before = derived(design);
        for (Offer offer : offers()) {
            Move move = offer.suggested();
            assertThat(move.hindrance(design)).isNotNull();
            Design after = move.on(design);
            assertThat(Consequences.of(before, derived(after))).isNotNull();
        }
    }

    private static Consequences.Derived derived(Design design) {
        Schema schema = Schema.derive(design, Dialects.POSTGRESQL);
        return new Consequences.Derived(design, schema, Report.of(design, schema));
    }

    private List<Offer> offers() {
        List<Offer> offers = new ArrayList<>();
        List<String> names = design.entities().stream().map(Entity::name).toList();
        names.forEach(n -> offers.addAll(Offers.ofEntity(design, n)));
        offers.addAll(Offers.ofEntities(design, names.stream().limit(2).toList()));
        design.relationships().forEach(r -> offers.addAll(Offers.ofRelationship(design, r)));
        return offers;
    }

    private void alternatives() {
        for (Dialect dialect : List.of(Dialects.POSTGRESQL, Dialects.SQLITE)) {
            for (Entity entity : design.entities()) {
                weigh(Alternatives.ofKinds(design, dialect, entity.name()));
                for (Attribute attribute : entity.attributes()) {
                    weigh(Alternatives.ofList(design, dialect, entity.name(), attribute.name()));
                }
            }
            design.relationships().forEach(r -> weigh(Alternatives.ofRelationship(design, dialect, r)));
        }
    }

    private void weigh(Optional<Alternatives> weighing) {
        for (Alternative way : weighing.map(Alternatives::ways).orElse(List.of())) {
            if (way.hindrance().isEmpty()) {
                check(way.edit().on(design));
            }
        }
    }

    private void classes() {
        ClassModel model = OurTargets.model(design);
        assertThat(model.classes()).isNotNull();
        for (Target target : Targets.all()) {
            assertThat(target.files(design)).isNotNull();
        }
    }

    private void pictures() {
        var scene = SceneBuilder.build(design, "", Typefaces.get());
        assertThat(scene.cards()).isNotNull();
        assertThat(SceneBuilder.build(design, "Main", Typefaces.get())).isNotNull();
        assertThat(new String(Pictures.draw(scene, Pictures.Format.SVG), UTF_8)).isNotEmpty();
        for (Dialect dialect : Dialects.all()) {
            assertThat(Blueprint.of(design, Schema.derive(design, dialect), Typefaces.get(), Progress.UNWATCHED))
                    .isPresent();
        }
    }
}

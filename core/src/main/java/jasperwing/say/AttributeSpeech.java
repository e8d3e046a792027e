package jasperwing.say;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Notes;
import jasperwing.model.Reading;
import jasperwing.model.Type;
import jasperwing.naming.Articles;
import jasperwing.naming.TypeGuess;
import jasperwing.naming.Words;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is said about one attribute: {@code the email of a customer is unique}, {@code a permit's state is one of asked, granted}. */
final class AttributeSpeech {
    private static final String BE =
            "(is|are|must be|should be|shall be|has to be|have to be|needs to be|will be|must have|has|have|must not be)";
    private static final String MAY = "(can be|may be|might be|could be|is allowed to be|can have|may have)";

    private static final List<SentenceForm> MUST_OF = List.of(
            SentenceForm.of("X:member of E:noun " + BE + " P:any"),
            SentenceForm.of("E:noun 's X:member " + BE + " P:any"));
    private static final List<SentenceForm> MAY_OF = List.of(
            SentenceForm.of("X:member of E:noun " + MAY + " P:any"),
            SentenceForm.of("E:noun 's X:member " + MAY + " P:any"));
    private static final List<SentenceForm> DEFAULT_OF = List.of(
            SentenceForm.of(
                    "X:member of E:noun (defaults to|is by default|has a default of|has the default|starts as|starts at|starts with) P:any"),
            SentenceForm.of(
                    "E:noun 's X:member (defaults to|is by default|has a default of|has the default|starts as|starts at|starts with) P:any"),
            SentenceForm.of("(by default|initially) (the)? X:member of E:noun is P:any"));
    private static final List<SentenceForm> COUNTED = List.of(
            SentenceForm.of("X:member of E:noun (counts up|counts|is numbered|are numbered) P:any"),
            SentenceForm.of("E:noun 's X:member (counts up|counts|is numbered|are numbered) P:any"));
    private static final SentenceForm MUST_ALONE = SentenceForm.of("X:member " + BE + " P:any");
    private static final SentenceForm MAY_ALONE = SentenceForm.of("X:member " + MAY + " P:any");
    private static final SentenceForm DEFAULT_ALONE = SentenceForm.of("X:member (defaults to|is by default) P:any");

    private final Design design;
    private final SpokenNouns nouns;
    private final GuessChoices choices;

    AttributeSpeech(Design design, SpokenNouns nouns, GuessChoices choices) {
        this.design = design;
        this.nouns = nouns;
        this.choices = choices;
    }

    Optional<List<ClauseMeaning>> read(List<Token> tokens) {
        Optional<List<ClauseMeaning>> found = Optional.empty();
        for (SentenceForm form : DEFAULT_OF) {
            found = found.or(() -> form.read(tokens, nouns, m -> of(m, DefaultPhrases.read(m.text("P")))));
        }
        for (SentenceForm form : COUNTED) {
            found = found.or(() -> form.read(tokens, nouns, m -> of(m, CountingPhrases.counts(m.text("P")))));
        }
        for (SentenceForm form : MUST_OF) {
            found = found.or(() -> form.read(tokens, nouns, m -> relationship(m, true)))
                    .or(() -> form.read(tokens, nouns, m -> of(m, AttributePredicates.read(m.text("P"), false))));
        }
        for (SentenceForm form : MAY_OF) {
            found = found.or(() -> form.read(tokens, nouns, m -> relationship(m, false)))
                    .or(() -> form.read(tokens, nouns, m -> of(m, AttributePredicates.read(m.text("P"), true))));
        }
        return found.or(() ->
                        MUST_ALONE.read(tokens, nouns, m -> alone(m, AttributePredicates.read(m.text("P"), false))))
                .or(() -> MAY_ALONE.read(tokens, nouns, m -> alone(m, AttributePredicates.read(m.text("P"), true))))
                .or(() -> DEFAULT_ALONE.read(tokens, nouns, m -> alone(m, DefaultPhrases.read(m.text("P")))));
    }

    /** {@code the manager of a department is an employee}: a role, when that is an entity. */
    private Optional<List<ClauseMeaning>> relationship(SentenceForm.Match match, boolean must) {
        Optional<String> target = nouns.known(match.text("P"));
        Optional<String> holder = nouns.named(match.text("E"));
        Optional<String> role = SpokenNouns.member(match.text("X"));
        boolean plain = match.text("P").matches("(?i)an? .+")
                && holder.isPresent()
                && design.entity(holder.get())
                        .flatMap(e -> e.attribute(role.orElse("")))
                        .isEmpty();
        if (target.isEmpty() || role.isEmpty() || !plain) {
            return Optional.empty();
        }
        String own = Words.camel(target.get()).equals(role.get()) ? "" : role.get();
        Reading forward = new Reading(must, "have", false, own);
        Reading back = new Reading(false, "have", true, "");
        return Optional.of(List.of(new ClauseMeaning.Related(
                ClauseMeaning.relationship(holder.get(), List.of(target.get()), forward, Optional.of(back), ""),
                List.of("guessed: " + Articles.with(target.get()) + " may have many " + holder.get()))));
    }

    private Optional<List<ClauseMeaning>> alone(
            SentenceForm.Match match, Optional<AttributePredicates.Predicate> predicate) {
        Optional<String> name = SpokenNouns.member(match.text("X"));
        List<Entity> holders = design.entities().stream()
                .filter(e -> name.flatMap(e::attribute).isPresent())
                .toList();
        return holders.size() == 1 && predicate.isPresent()
                ? changed(holders.get(0).name(), name.get(), predicate.get())
                : Optional.empty();
    }

    private Optional<List<ClauseMeaning>> of(
            SentenceForm.Match match, Optional<AttributePredicates.Predicate> predicate) {
        Optional<String> entity = nouns.named(match.text("E"));
        Optional<String> name = SpokenNouns.member(match.text("X"));
        return entity.isPresent() && name.isPresent() && predicate.isPresent()
                ? changed(entity.get(), name.get(), predicate.get())
                : Optional.empty();
    }

    private Optional<List<ClauseMeaning>> changed(String entity, String name, AttributePredicates.Predicate predicate) {
        if (nouns.known(name).isPresent() && held(entity, name).isEmpty()) {
            return Optional.empty();
        }
        List<String> guesses = new ArrayList<>();
        Attribute before = held(entity, name).orElseGet(() -> fresh(name, predicate.typed(), guesses));
        EnumType values = enumOf(entity, before.name(), predicate.values());
        Attribute after = predicate.change().apply(before);
        if (!predicate.values().isEmpty()) {
            after = after.withType(new Type.Named(values.name())).withRange(Optional.empty());
        }
        Edit edit = predicate.values().isEmpty() ? Edit.NOTHING : adding(values);
        String sentence = Notation.name(entity) + ": " + Notation.print(after, false);
        String enumSentence = predicate.values().isEmpty() ? "" : Notation.print(values) + "; ";
        return Optional.of(List.of(new ClauseMeaning.Done(
                enumSentence + sentence, edit.then(putting(entity, before.name(), after)), guesses)));
    }

    private Optional<Attribute> held(String entity, String name) {
        return design.entity(entity).flatMap(e -> e.attributes().stream()
                .filter(a -> Words.camel(a.name()).equalsIgnoreCase(Words.camel(name)))
                .findFirst());
    }

    private Attribute fresh(String name, boolean typed, List<String> guesses) {
        Attribute attribute = Attribute.of(name, TypeGuess.of(name).orElse(new Type.Text(80)));
        return typed ? attribute : TypeChoice.of(attribute, choices, guesses);
    }

    private EnumType enumOf(String entity, String attribute, List<String> values) {
        String wanted = entity + Words.pascal(attribute);
        String name = wanted;
        for (int i = 2; design.entity(name).isPresent() || design.value(name).isPresent(); i++) {
            name = wanted + i;
        }
        return new EnumType(
                name,
                Optional.empty(),
                values.stream().map(v -> new EnumValue(v, "")).toList(),
                Notes.NONE);
    }

    static Edit adding(EnumType type) {
        return design -> {
            List<EnumType> enums = new ArrayList<>(design.enums());
            enums.removeIf(e -> e.name().equals(type.name()));
            enums.add(type);
            return design.withEnums(enums);
        };
    }

    /** Puts an attribute in the place of the one of a name, or behind the others; adds the entity when it is new. */
    static Edit putting(String entity, String name, Attribute attribute) {
        return design -> {
            Edit add = design.entity(entity).isPresent() ? Edit.NOTHING : EntityEdits.add(Entity.keyed(entity));
            return add.then(EntityEdits.change(entity, e -> {
                        List<Attribute> all = new ArrayList<>(e.attributes());
                        int index = all.stream().map(Attribute::name).toList().indexOf(name);
                        if (index < 0) {
                            all.add(attribute);
                        } else {
                            all.set(index, attribute);
                        }
                        return e.withAttributes(all);
                    }))
                    .on(design);
        };
    }
}

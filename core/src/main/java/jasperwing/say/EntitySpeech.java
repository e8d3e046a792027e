package jasperwing.say;

import jasperwing.formula.Renaming;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.KindEdits;
import jasperwing.model.Members;
import jasperwing.model.TableOwner;
import jasperwing.model.Type;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.TypeGuess;
import jasperwing.naming.Words;
import jasperwing.notation.AttributeLine;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is said about an entity as a whole: what identifies it, what it is shown as, where it lives, what it is called. */
final class EntitySpeech {
    private static final List<SentenceForm> KEYED = List.of(
            SentenceForm.of(
                    "E:noun (is|are|must be) (uniquely)? (identified|known|told apart|recognised|recognized) by (its|their|a|an|the)? K:members"),
            SentenceForm.of("(the)? (primary)? key of E:noun is (its|the)? K:members"),
            SentenceForm.of("E:noun 's (primary)? key is (its|the)? K:members"),
            SentenceForm.of("K:members (is|are) the (primary)? key of E:noun"),
            SentenceForm.of("K:members (uniquely)? (identifies|identify) E:noun"),
            SentenceForm.of("E:noun (has|have) K:members as (its|their|the|a) (primary)? key"),
            SentenceForm.of("use K:members as (the)? key of E:noun"));
    private static final List<SentenceForm> SHOWN = List.of(
            SentenceForm.of(
                    "E:noun (is|are) (shown|displayed|listed|presented|called) (as|by) (its|their|the)? K:members"),
            SentenceForm.of("(show|display|list) E:noun (as|by) (its|their|the)? K:members"));
    private static final List<SentenceForm> OUTSIDE = List.of(
            SentenceForm.of(
                    "E:noun (is|are) (owned|kept|managed|maintained|stored|held|administered) (by another system|in another system|elsewhere|outside|by an external system|in an external system|by a different system|in a different system)"),
            SentenceForm.of(
                    "E:noun (come|comes|live|lives) (from another system|from an external system|in another system|in an external system|elsewhere|from elsewhere|from outside|outside)"),
            SentenceForm.of("E:noun (is|are) (in another system|external|from another system|outside)"));
    private static final List<SentenceForm> OF_OTHERS = List.of(
            SentenceForm.of(
                    "E:noun (is|are) (kept|stored|held|managed|maintained) by (others|another application|somebody else) in (the)? table T:value (of the same database|of this database|in this database)?"),
            SentenceForm.of(
                    "E:noun (is|are) (kept|stored|held) in (the existing|an existing) table T:value (of others|of another application)?"),
            SentenceForm.of("E:noun (is|are) the existing table T:value"));
    private static final List<SentenceForm> MADE = List.of(
            SentenceForm.of(
                    "X:member of E:noun is (made|made up|composed|put together) (of|from) (its|the)? K:members"),
            SentenceForm.of(
                    "E:noun 's X:member is (made|made up|composed|put together) (of|from) (its|the)? K:members"),
            SentenceForm.of(
                    "E:noun (has|have) X:member (which is|that is)? (made|made up|composed|put together) (of|from) (its|the)? K:members"));
    private static final List<SentenceForm> RENAME =
            List.of(SentenceForm.of("rename E:noun (to|as|into) N:value"), SentenceForm.of("call E:noun N:value"));
    private static final List<SentenceForm> RENAME_MEMBER = List.of(
            SentenceForm.of("rename X:member of E:noun (to|as|into) N:member"),
            SentenceForm.of("rename E:noun 's X:member (to|as|into) N:member"));
    private static final String REMOVE = "(remove|delete|drop|forget)";

    private final Design design;
    private final SpokenNouns nouns;
    private final GuessChoices choices;

    EntitySpeech(Design design, SpokenNouns nouns, GuessChoices choices) {
        this.design = design;
        this.nouns = nouns;
        this.choices = choices;
    }

    Optional<List<ClauseMeaning>> read(List<Token> tokens) {
        return SentenceForm.first(KEYED, tokens, nouns, this::keyed)
                .or(() -> SentenceForm.first(SHOWN, tokens, nouns, this::shown))
                .or(() -> SentenceForm.first(OUTSIDE, tokens, nouns, this::outside))
                .or(() -> SentenceForm.first(OF_OTHERS, tokens, nouns, this::ofOthers))
                .or(() -> SentenceForm.first(MADE, tokens, nouns, this::made))
                .or(() -> commands(tokens));
    }

    private Optional<List<ClauseMeaning>> commands(List<Token> tokens) {
        Optional<List<ClauseMeaning>> found = SentenceForm.first(RENAME_MEMBER, tokens, nouns, this::memberRenamed)
                .or(() -> SentenceForm.first(RENAME, tokens, nouns, this::renamed));
        return found.or(() ->
                        SentenceForm.of(REMOVE + " X:member (of|from) E:noun").read(tokens, nouns, this::memberRemoved))
                .or(() -> SentenceForm.of(REMOVE + " E:noun 's X:member").read(tokens, nouns, this::memberRemoved))
                .or(() -> SentenceForm.of(REMOVE + " (the entity)? E:noun").read(tokens, nouns, this::removed));
    }

    private static Optional<List<ClauseMeaning>> done(String sentence, Edit edit, List<String> guesses) {
        return Optional.of(List.of(new ClauseMeaning.Done(sentence, edit, guesses)));
    }

    /**
     * Members of an entity that were named.
     *
     * @param fresh those of them that it did not have
     */
    private record Named(String entity, List<String> members, List<Attribute> fresh, List<String> guesses) {
        Members asMembers() {
            return Members.of(members.toArray(String[]::new));
        }

        String words() {
            return String.join(", ", members);
        }
    }

    private Optional<Named> members(Optional<String> entity, List<String> said) {
        if (entity.isEmpty() || said.isEmpty()) {
            return Optional.empty();
        }
        List<String> guesses = new ArrayList<>();
        List<Attribute> fresh = new ArrayList<>();
        List<String> members = members(entity.get(), said, fresh, guesses);
        return Optional.of(new Named(entity.get(), members, fresh, guesses));
    }

    private Optional<List<ClauseMeaning>> keyed(SentenceForm.Match match) {
        return members(nouns.named(match.text("E")), SpokenNouns.members(match.get("K")))
                .flatMap(named -> {
                    String entity = named.entity();
                    Edit add = design.entity(entity).isPresent() ? Edit.NOTHING : EntityEdits.add(Entity.of(entity));
                    Edit edit = add.then(KindEdits.withoutKey(entity)).then(EntityEdits.change(entity, e -> {
                        List<Attribute> all = new ArrayList<>(named.fresh());
                        all.addAll(e.attributes());
                        all.replaceAll(a -> named.members().contains(a.name())
                                ? a.withOptional(false).withUnique(false)
                                : a);
                        return e.withAttributes(all).withKey(named.asMembers());
                    }));
                    return done(Notation.name(entity) + ": key (" + named.words() + ")", edit, named.guesses());
                });
    }

    /** Attributes and roles of an entity by what they are called; those it has not are made, and their types guessed. */
    private List<String> members(String entity, List<String> said, List<Attribute> fresh, List<String> guesses) {
        List<String> members = new ArrayList<>();
        for (String word : said) {
            Optional<String> known = member(entity, word);
            if (known.isEmpty()) {
                Attribute attribute = Attribute.of(word, TypeGuess.of(word).orElse(new Type.Text(80)));
                fresh.add(TypeChoice.of(attribute, choices, guesses));
            }
            members.add(known.orElse(word));
        }
        return members;
    }

    private Optional<String> member(String entity, String word) {
        Optional<String> attribute = design.entity(entity).flatMap(e -> e.attributes().stream()
                .map(Attribute::name)
                .filter(a -> Words.camel(a).equalsIgnoreCase(Words.camel(word)))
                .findFirst());
        return attribute.or(() -> Roles.heldBy(design, entity).stream()
                .map(Role::name)
                .filter(r -> r.equalsIgnoreCase(word))
                .findFirst());
    }

    private Optional<List<ClauseMeaning>> shown(SentenceForm.Match match) {
        return members(nouns.known(match.text("E")), SpokenNouns.members(match.get("K")))
                .flatMap(named -> {
                    Edit edit = EntityEdits.change(named.entity(), e -> {
                        List<Attribute> all = new ArrayList<>(e.attributes());
                        all.addAll(named.fresh());
                        return e.withAttributes(all).withShown(named.asMembers());
                    });
                    return done(Notation.name(named.entity()) + ": shown as " + named.words(), edit, named.guesses());
                });
    }

    private Optional<List<ClauseMeaning>> outside(SentenceForm.Match match) {
        return nouns.named(match.text("E"))
                .flatMap(name -> kept(name, ", outside", TableOwner.OTHER_SYSTEM.assign(name, "")));
    }

    private Optional<List<ClauseMeaning>> ofOthers(SentenceForm.Match match) {
        String table = match.text("T");
        return nouns.named(match.text("E"))
                .flatMap(name -> kept(
                        name,
                        ", outside, in table \"" + table + "\"",
                        EntityEdits.change(name, e -> e.withNotes(e.notes().withPhysical(table)))
                                .then(TableOwner.OTHERS.assign(name, table))));
    }

    private Optional<List<ClauseMeaning>> kept(String entity, String words, Edit edit) {
        Edit add = design.entity(entity).isPresent() ? Edit.NOTHING : EntityEdits.add(Entity.keyed(entity));
        return done("entity " + Notation.name(entity) + words, add.then(edit), List.of());
    }

    private Optional<List<ClauseMeaning>> made(SentenceForm.Match match) {
        Optional<String> name = nouns.named(match.text("E"));
        Optional<String> whole = SpokenNouns.member(match.text("X"));
        List<String> said = SpokenNouns.members(match.get("K"));
        if (name.isEmpty() || whole.isEmpty() || said.size() < 2) {
            return Optional.empty();
        }
        String last = said.get(said.size() - 1);
        String noun = last.replaceFirst("^.*(?=\\p{Lu}\\p{Ll}*$)", "");
        boolean shared =
                !noun.equals(last) && said.stream().limit(said.size() - 1).noneMatch(s -> s.endsWith(noun));
        List<String> parts =
                shared ? said.stream().map(s -> s.endsWith(noun) ? s : s + noun).toList() : said;
        List<String> guesses = new ArrayList<>();
        List<Attribute> fresh = new ArrayList<>();
        List<String> members = members(name.get(), parts, fresh, guesses);
        String formula = whole.get() + " text(200) = " + String.join(" || \" \" || ", members);
        Optional<AttributeLine> line = Notation.attribute(formula).value();
        if (line.isEmpty()) {
            return Optional.empty();
        }
        Edit edit = Edit.NOTHING;
        for (Attribute attribute : fresh) {
            edit = edit.then(AttributeSpeech.putting(name.get(), attribute.name(), attribute));
        }
        edit = edit.then(
                AttributeSpeech.putting(name.get(), whole.get(), line.get().attribute()));
        return done(Notation.name(name.get()) + ": " + formula, edit, guesses);
    }

    private Optional<List<ClauseMeaning>> renamed(SentenceForm.Match match) {
        String to = Words.pascal(match.text("N"));
        return nouns.known(match.text("E"))
                .filter(e -> !to.isEmpty() && design.entity(to).isEmpty())
                .flatMap(e -> done(
                        "rename " + Notation.name(e) + " to " + Notation.name(to),
                        EntityEdits.rename(e, to),
                        List.of()));
    }

    private Optional<List<ClauseMeaning>> memberRenamed(SentenceForm.Match match) {
        Optional<String> entity = nouns.known(match.text("E"));
        Optional<String> to = SpokenNouns.member(match.text("N"));
        Optional<String> from = entity.flatMap(e -> attribute(e, match.text("X")));
        return from.isEmpty()
                        || to.isEmpty()
                        || attribute(entity.get(), to.get()).isPresent()
                ? Optional.empty()
                : done(
                        "rename " + entity.get() + "." + from.get() + " to " + to.get(),
                        Renaming.attribute(entity.get(), from.get(), to.get()),
                        List.of());
    }

    private Optional<String> attribute(String entity, String said) {
        return SpokenNouns.member(said).flatMap(n -> design.entity(entity).flatMap(e -> e.attributes().stream()
                .map(Attribute::name)
                .filter(a -> Words.camel(a).equalsIgnoreCase(Words.camel(n)))
                .findFirst()));
    }

    private Optional<List<ClauseMeaning>> memberRemoved(SentenceForm.Match match) {
        Optional<String> entity = nouns.known(match.text("E"));
        Optional<String> member = entity.flatMap(e -> attribute(e, match.text("X")));
        return member.flatMap(
                m -> done("remove " + entity.get() + "." + m, EntityEdits.removeAttribute(entity.get(), m), List.of()));
    }

    private Optional<List<ClauseMeaning>> removed(SentenceForm.Match match) {
        return nouns.known(match.text("E"))
                .flatMap(e -> done("remove " + Notation.name(e), EntityEdits.remove(e), List.of()));
    }
}

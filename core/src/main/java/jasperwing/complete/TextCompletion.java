package jasperwing.complete;

import jasperwing.model.DatabaseNaming;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.notation.Notation;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Completes a design's text: statements, names where they are expected, and the lines below a statement. */
public final class TextCompletion {
    private static final Pattern HEAD =
            Pattern.compile("(?<word>entity|value|trait)\\s+(?<name>`[^`]*`|[\\p{L}\\p{N}_]+)");
    private static final Pattern ENUM = Pattern.compile("enum\\s+(?<name>`[^`]*`|[\\p{L}\\p{N}_]+)");
    private static final Pattern FURTHER = Pattern.compile(
            "entity\\s+(?:`[^`]*`|[\\p{L}\\p{N}_]+)(?:.*?)\\s(?<rest>(?:is a kind of|in|with)\\s[^,]*)$");
    private static final Pattern LISTED =
            Pattern.compile("(?:sheet\\s.*:|accept\\s+\\S+\\s+on)\\s(?:.*,\\s*)?(?<typed>[^,]*)");

    private static final String[][] STATEMENTS = {
        {"entity ", "a kind of thing the design keeps rows of"},
        {"each ", "a relationship, as a sentence"},
        {"enum ", "a closed list of values"},
        {"value ", "attributes that are the type of others"},
        {"trait ", "attributes that several entities have"},
        {"area ", "a subject area with a colour"},
        {"sheet ", "a diagram of some of the entities"},
        {"accept ", "a warning that is left as it is, and why"},
        {"database", "how tables and keys are called, and where they lie"},
        {"classes ", "what is chosen for generated classes"},
        {"places", "where cards stand"}
    };

    private TextCompletion() {}

    /**
     * How a line of a design's text goes on.
     *
     * @param design the last that parsed
     * @param above the lines above it, top first
     * @param before the line up to the caret
     */
    public static Proposals of(Design design, List<String> above, String before) {
        if (before.isBlank() || before.strip().startsWith("#")) {
            return new Proposals(before.length(), List.of());
        }
        if (!Character.isWhitespace(before.charAt(0))) {
            return statement(design, before);
        }
        String head = "";
        for (String line : above) {
            if (!line.isBlank() && !Character.isWhitespace(line.charAt(0)) && line.charAt(0) != '#') {
                head = line;
            }
        }
        if (head.strip().equals("database")) {
            return naming(design, before);
        }
        if (head.startsWith("each ")) {
            return SentenceCompletion.below(design, head, before);
        }
        Matcher values = ENUM.matcher(head);
        if (values.lookingAt()) {
            return EnumCompletion.below(design.enumType(values.group("name").replace("`", "")), before);
        }
        Matcher matcher = HEAD.matcher(head);
        return matcher.lookingAt()
                ? AttributeCompletion.of(design, entity(design, matcher.group("name")), before)
                : new Proposals(before.length(), List.of());
    }

    /** The lines below {@code database} that are not said yet. */
    private static Proposals naming(Design design, String before) {
        String typed = before.stripLeading();
        Stream<Proposal> all = Stream.concat(
                Stream.of(
                        new Proposal("schema \"\"", "the namespace that tables lie in, in databases that have such"),
                        new Proposal("tables begin with \"\"", "a prefix of all names of tables")),
                Arrays.stream(DatabaseNaming.Rule.values())
                        .filter(r -> !design.naming().has(r))
                        .map(r -> new Proposal(r.words(), r.example())));
        return new Proposals(
                before.length() - typed.length(),
                all.filter(p -> MemberNames.starts(p.insert(), typed)).toList());
    }

    private static Entity entity(Design design, String written) {
        String name = written.replace("`", "");
        Entity bare = Entity.of(name.isEmpty() ? "_" : name);
        return design.entity(name).orElseGet(() -> design.groups().stream()
                .filter(g -> g.name().equals(name))
                .findFirst()
                .map(g -> bare.withAttributes(g.attributes()))
                .orElse(bare));
    }

    private static Proposals statement(Design design, String before) {
        if (before.startsWith("each ")) {
            return SentenceCompletion.of(design, before);
        }
        Matcher listed = LISTED.matcher(before);
        if (listed.matches()) {
            String typed = listed.group("typed");
            return new Proposals(
                    before.length() - typed.length(),
                    design.entities().stream()
                            .filter(e -> MemberNames.starts(e.name(), typed))
                            .map(e -> new Proposal(Notation.name(e.name()), "entity"))
                            .toList());
        }
        Matcher further = FURTHER.matcher(before);
        if (further.matches()) {
            Matcher head = HEAD.matcher(before);
            Entity entity = head.lookingAt() ? entity(design, head.group("name")) : Entity.of("_");
            Proposals rest =
                    DetailCompletion.of(design, entity, further.group("rest")).orElse(new Proposals(0, List.of()));
            int at = before.length() - further.group("rest").length();
            return new Proposals(at + rest.from(), rest.list());
        }
        boolean oneWord = before.indexOf(' ') < 0;
        return new Proposals(
                0,
                Stream.of(STATEMENTS)
                        .filter(s -> oneWord && MemberNames.starts(s[0], before))
                        .map(s -> new Proposal(s[0], s[1]))
                        .toList());
    }
}

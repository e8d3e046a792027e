package jasperwing.notation;

import jasperwing.model.AcceptedWarning;
import jasperwing.model.Area;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.CodeTarget;
import jasperwing.model.Comments;
import jasperwing.model.DatabaseNaming;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Indexing;
import jasperwing.model.Inheritance;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.OnDelete;
import jasperwing.model.OnKeyChange;
import jasperwing.model.Place;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Relationship;
import jasperwing.model.RowRule;
import jasperwing.model.RuleKept;
import jasperwing.model.Sheet;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/** Writes a design in its canonical order: name, names in the database, areas, enums, values and traits, entities, relationships, sheets, warnings accepted, targets, places. */
final class Printer {
    static final int NAME_WIDTH = 12;

    private final StringBuilder out = new StringBuilder();

    String print(Design design) {
        statement("design " + Quoting.string(design.name()), design.comments().withClosing(List.of()));
        naming(design.naming());
        group(design.areas(), this::area);
        group(design.enums(), this::enumType);
        for (AttributeGroup group : design.groups()) {
            blank();
            attributeGroup(group);
        }
        for (Entity entity : design.entities()) {
            blank();
            entity(entity);
        }
        group(design.relationships(), this::relationship);
        group(design.sheets(), this::sheet);
        group(design.accepted(), this::accepted);
        group(design.targets(), this::codeTarget);
        if (!design.comments().closing().isEmpty()) {
            blank();
            comments(design.comments().closing(), "");
        }
        if (!design.places().isEmpty()) {
            blank();
            out.append("places\n");
            design.places().forEach(this::place);
        }
        return out.toString();
    }

    private <T> void group(List<T> elements, Consumer<T> each) {
        if (!elements.isEmpty()) {
            blank();
            elements.forEach(each);
        }
    }

    private void blank() {
        out.append('\n');
    }

    private void naming(DatabaseNaming naming) {
        if (!naming.isEmpty()) {
            blank();
            head("database", naming.comments());
            NamingText.lines(naming).forEach(this::indented);
            comments(naming.comments().closing(), "  ");
        }
    }

    private void indented(String line) {
        out.append("  ").append(line).append('\n');
    }

    private void area(Area area) {
        String schema = area.schema().isEmpty() ? "" : " in schema " + Quoting.string(area.schema());
        String doc = area.notes().doc().isEmpty()
                ? ""
                : " " + Quoting.string(area.notes().doc());
        statement(
                "area " + Quoting.name(area.name()) + " " + area.color().word() + schema + doc,
                area.notes().comments());
    }

    private void enumType(EnumType type) {
        Comments comments = type.notes().comments();
        head(EnumText.of(type), comments);
        notes(type.notes(), "");
        type.values().forEach(this::enumValue);
        comments(comments.closing(), "  ");
    }

    private void enumValue(EnumValue value) {
        String said = EnumText.said(value);
        Comments comments = value.notes().comments();
        if (!said.isEmpty() || !comments.isEmpty()) {
            String name = Quoting.leadingName(value.name());
            head("  " + (said.isEmpty() ? name : pad(name, NAME_WIDTH) + said), comments, "  ");
        }
    }

    private void accepted(AcceptedWarning accepted) {
        String member = accepted.member().isEmpty() ? "" : "." + Quoting.name(accepted.member());
        statement(
                "accept " + Quoting.name(accepted.code()) + " on " + Quoting.name(accepted.entity()) + member + " "
                        + Quoting.string(accepted.reason()),
                accepted.comments());
    }

    private void codeTarget(CodeTarget target) {
        String into = target.folder().isEmpty() ? "" : " into " + Quoting.string(target.folder());
        head("classes " + Quoting.name(target.target()) + into, target.comments());
        target.options().forEach((word, value) -> out.append("  ")
                .append(Quoting.leadingName(word))
                .append(' ')
                .append(Quoting.isBare(value) ? value : Quoting.string(value))
                .append('\n'));
        comments(target.comments().closing(), "  ");
    }

    private void attributeGroup(AttributeGroup group) {
        Comments comments = group.notes().comments();
        head(group.kind().word() + " " + Quoting.name(group.name()) + was(group.notes()), comments);
        notes(group.notes(), "");
        group.attributes().forEach(a -> attributeLine(a, false));
        group.rules().forEach(this::rule);
        comments(comments.closing(), "  ");
    }

    private void attributeLine(Attribute attribute, boolean key) {
        head("  " + AttributeText.padded(attribute, key), attribute.notes().comments(), "  ");
    }

    private void entity(Entity entity) {
        Comments comments = entity.notes().comments();
        head(head(entity), comments);
        notes(entity.notes(), entity.outside() ? "" : "table");
        boolean flags = keyIsFlagged(entity);
        entity.attributes().forEach(a -> attributeLine(a, flags && entity.isKey(a)));
        if (!flags) {
            detail(key(entity), entity.key());
        }
        entity.uniques().forEach(u -> detail(unique(u), u));
        entity.indexes().forEach(i -> detail(text(i), i.members()));
        entity.rules().forEach(this::rule);
        if (!entity.shown().isEmpty()) {
            detail(members("shown as ", entity.shown()), entity.shown());
        }
        entity.inheritance()
                .kept()
                .ifPresent(k -> out.append("  kinds kept in ").append(k.words()).append('\n'));
        comments(comments.closing(), "  ");
    }

    /** What stands below an entity besides its attributes, a line each. */
    static List<String> details(Entity entity) {
        List<String> lines = new ArrayList<>();
        if (!keyIsFlagged(entity)) {
            lines.add(key(entity));
        }
        entity.uniques().forEach(u -> lines.add(unique(u)));
        entity.indexes().forEach(i -> lines.add(text(i)));
        entity.rules().forEach(r -> lines.add(text(r)));
        if (!entity.shown().isEmpty()) {
            lines.add(members("shown as ", entity.shown()));
        }
        entity.inheritance().kept().ifPresent(k -> lines.add("kinds kept in " + k.words()));
        lines.addAll(lines(entity.notes(), "table"));
        return lines;
    }

    static String names(List<String> names) {
        return names.stream().map(Quoting::name).collect(Collectors.joining(", "));
    }

    private static String members(String start, Members members) {
        return start + names(members.names());
    }

    private static String key(Entity entity) {
        return members("key (", entity.key()) + ")" + NamingText.named(entity.key());
    }

    private static String unique(Members members) {
        return members("unique (", members) + ")" + NamingText.named(members);
    }

    private static String text(Indexing index) {
        String covered = index.covered().isEmpty() ? "" : " with (" + names(index.covered()) + ")";
        String where =
                index.where().map(w -> " where " + ExpressionPrinter.text(w)).orElse("");
        return members(index.unique() ? "unique (" : "index (", index.members()) + ")"
                + NamingText.named(index.members()) + covered + where;
    }

    private void rule(RowRule rule) {
        head("  " + text(rule), rule.comments(), "  ");
    }

    static String text(RowRule rule) {
        return "rule " + Quoting.string(rule.message()) + NamingText.named(rule.constraint()) + ": "
                + ExpressionPrinter.text(rule.condition())
                + (rule.kept() == RuleKept.CONSTRAINT
                        ? ""
                        : ", held by " + rule.kept().words());
    }

    private static List<String> lines(Notes notes, String physicalWord) {
        List<String> lines = new ArrayList<>();
        if (!notes.doc().isEmpty()) {
            lines.add(Quoting.string(notes.doc()));
        }
        if (!notes.label().isEmpty()) {
            lines.add("label " + Quoting.string(notes.label()));
        }
        if (!physicalWord.isEmpty() && !notes.physical().isEmpty()) {
            lines.add(physicalWord + " " + Quoting.string(notes.physical()));
        }
        return lines;
    }

    private static String head(Entity entity) {
        Inheritance inheritance = entity.inheritance();
        return "entity " + Quoting.name(entity.name())
                + (inheritance.of().isEmpty() ? "" : " is a kind of " + Quoting.name(inheritance.of()))
                + (entity.area().isEmpty() ? "" : " in " + Quoting.name(entity.area()))
                + outside(entity)
                + (inheritance.onlyKinds() ? ", only its kinds" : "")
                + (entity.traits().isEmpty() ? "" : " with " + names(entity.traits()))
                + was(entity.notes());
    }

    private static String outside(Entity entity) {
        return entity.inSameDatabase()
                ? ", outside, in table " + Quoting.string(entity.notes().physical())
                : entity.outside() ? ", outside" : "";
    }

    /** Whether the key can be said by the word after each attribute in it. */
    private static boolean keyIsFlagged(Entity entity) {
        List<String> inOrder = entity.attributes().stream()
                .map(Attribute::name)
                .filter(entity.key().names()::contains)
                .toList();
        return entity.key().equals(Members.of(inOrder.toArray(String[]::new)));
    }

    private void detail(String line, Members members) {
        head("  " + line, members.comments(), "  ");
    }

    private void notes(Notes notes, String physicalWord) {
        lines(notes, physicalWord).forEach(this::indented);
    }

    static String pad(String text, int width) {
        return text + " ".repeat(Math.max(width - text.length(), 2));
    }

    static String was(Notes notes) {
        return notes.was().isEmpty() ? "" : " was " + Quoting.name(notes.was());
    }

    private void relationship(Relationship relationship) {
        Comments comments = relationship.notes().comments();
        head(SentencePrinter.sentence(relationship), comments);
        notes(relationship.notes(), "table");
        NamingText.ofRelationship(relationship.notes().stored()).forEach(this::indented);
        if (relationship instanceof PolymorphicRelationship oneOf) {
            oneOf.keeping()
                    .ifPresent(k -> out.append("  kept as ").append(k.words()).append('\n'));
        }
        out.append(relationship.checkedAtEnd() ? "  checked at the end\n" : "");
        relationship.visit(
                binary -> out.append(binary.turned() ? "  key held by " + Quoting.name(binary.holder()) + "\n" : ""),
                oneOf -> {});
        for (OnDelete rule : relationship.deletes()) {
            head("  " + SentencePrinter.rule(relationship, rule), rule.comments(), "  ");
        }
        for (OnKeyChange rule : relationship.keyChanges()) {
            head("  " + SentencePrinter.rule(rule), rule.comments(), "  ");
        }
        comments(comments.closing(), "  ");
    }

    private void sheet(Sheet sheet) {
        String names = sheet.entities().stream().map(Quoting::name).collect(Collectors.joining(", "));
        statement(("sheet " + Quoting.name(sheet.name()) + ": " + names).stripTrailing(), sheet.comments());
    }

    private void place(Place place) {
        out.append("  ").append(Quoting.leadingName(place.entity()));
        out.append(' ').append(place.x()).append(',').append(place.y());
        out.append(place.sheet().isEmpty() ? "" : " on " + Quoting.name(place.sheet()))
                .append('\n');
    }

    private void statement(String line, Comments comments) {
        head(line, comments);
        comments(comments.closing(), "  ");
    }

    private void head(String line, Comments comments) {
        head(line, comments, "");
    }

    private void head(String line, Comments comments, String indent) {
        comments(comments.before(), indent);
        out.append(line);
        if (!comments.after().isEmpty()) {
            out.append("  #").append(comments.after());
        }
        out.append('\n');
    }

    private void comments(List<String> lines, String indent) {
        lines.forEach(c -> out.append(indent).append('#').append(c).append('\n'));
    }
}

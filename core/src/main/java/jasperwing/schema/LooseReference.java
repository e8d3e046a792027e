package jasperwing.schema;

import jasperwing.model.Design;
import jasperwing.model.OneOf;
import jasperwing.naming.Roles;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What stands in for the foreign key that a kind and an id cannot have, as statements to run by hand. */
public final class LooseReference {
    private final Dialect dialect;
    private final Table holder;
    private final String kind;
    private final String id;
    private final List<Subject> subjects;

    private record Subject(String name, Table table) {}

    private LooseReference(Dialect dialect, Table holder, List<Column> columns, List<Subject> subjects) {
        this.dialect = dialect;
        this.holder = holder;
        this.kind = dialect.quote(columns.get(0).name());
        this.id = dialect.quote(columns.get(1).name());
        this.subjects = subjects;
    }

    /** Empty when a subject has no table, or is not keyed by one column. */
    public static Optional<LooseReference> of(Design design, Schema schema, OneOf oneOf) {
        Optional<Table> holder = schema.table(oneOf.from());
        List<Column> columns =
                holder.map(t -> t.columnsOf(Roles.forward(oneOf))).orElse(List.of());
        List<Subject> subjects = new ArrayList<>();
        for (String subject : oneOf.subjects()) {
            schema.table(subject)
                    .filter(t -> t.primaryKey().size() == 1)
                    .ifPresent(t -> subjects.add(new Subject(subject, t)));
        }
        return columns.size() == 2 && subjects.size() == oneOf.subjects().size()
                ? Optional.of(new LooseReference(schema.dialect(), holder.orElseThrow(), columns, subjects))
                : Optional.empty();
    }

    /** Finds the rows that point to nothing. */
    public String dangling() {
        String at = dialect.quote(holder.name());
        String there = subjects.stream()
                .map(s -> kind + " = " + dialect.literal(s.name()) + " and exists (select 1 from "
                        + dialect.quote(s.table().name()) + " s where s."
                        + dialect.quote(s.table().primaryKey().get(0)) + " = " + at + "." + id + ")")
                .collect(Collectors.joining("\n  or "));
        return "select * from " + at + "\nwhere " + kind + " is not null and not (\n  " + there + ");\n";
    }

    /** Refuse to delete a row that is pointed to; of PostgreSQL, MariaDB and SQLite. Empty for others. */
    public String triggers() {
        return subjects.stream().map(this::trigger).collect(Collectors.joining());
    }

    private String trigger(Subject subject) {
        String table = subject.table().name();
        String name = dialect.quote("keep_" + table + "_of_" + holder.name());
        String pointed = "select 1 from " + dialect.quote(holder.name()) + " where " + kind + " = "
                + dialect.literal(subject.name()) + " and " + id + " = old."
                + dialect.quote(subject.table().primaryKey().get(0));
        String words = dialect.literal(holder.name() + " has rows that point to this row of " + table);
        String on = " before delete on " + dialect.quote(table) + "\n  for each row";
        return switch (dialect) {
            case POSTGRESQL -> "create function " + name
                    + "() returns trigger language plpgsql as $$\nbegin\n  if exists ("
                    + pointed + ") then\n    raise exception using message = " + words
                    + ", errcode = 'foreign_key_violation';\n  end if;\n  return old;\nend $$;\ncreate trigger " + name
                    + on
                    + " execute function " + name + "();\n";
            case MARIADB -> "create trigger " + name + on + "\n  if exists (" + pointed
                    + ") then\n    signal sqlstate '23000' set message_text = " + words + ";\n  end if;\n";
            case SQLITE -> "create trigger " + name + on + "\n  when exists (" + pointed
                    + ")\nbegin\n  select raise(abort, " + words + ");\nend;\n";
            case H2 -> "";
        };
    }
}

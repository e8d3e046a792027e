<#assign row = entity.class>
<#assign sql = use("java.sql.SQLException")>
<#assign list = use("java.util.List")>
<#assign string = use("java.lang.String")>
/**
 * The rows of ${java.comment(entity.table)}. Statements are prepared for each call; the connection and its transactions are the caller's. Rows come in the
 * order of their keys. Not safe for several threads.
 */
public final class ${entity.rows} {
    private static final ${string} COLUMNS = ${java.literal(java.names(columns))};

    private final ${use("java.sql.Connection")} connection;

    public ${entity.rows}(${use("java.sql.Connection")} connection) {
        this.connection = connection;
    }

    /** @param rows stands at the row */
    static ${row} row(${use("java.sql.ResultSet")} rows) throws ${sql} {
        return new ${row}(
<#list columns as c>
                ${of(c.member)}${java.read(c)}<#sep>,</#sep><#if !c?has_next>);</#if>
<#else>
                );
</#list>
${of("")}
    }
<#if entity.key?has_content>
<#assign keySignature = java.signature(entity.key)>

    /** Stores a row and gives it back as it is stored<#if columns?filter(c -> c.generated)?has_content>; what the database counts up is left to it</#if>. */
    public ${row} insert(${row} row) throws ${sql} {
<#if given?has_content>
        ${string} sql = ${java.literal("insert into " + entity.table + " (" + java.names(given) + ") values (" + given?map(c -> "?")?join(", ") + ")")};
<#else>
        ${string} sql = ${java.literal("insert into " + entity.table + " default values")};
</#if>
        try (${use("java.sql.PreparedStatement")} statement = connection.prepareStatement(sql, new ${string}[] {${entity.key?map(c -> java.literal(c.plain))?join(", ")}})) {
<#if given?has_content>
            int at = 1;
</#if>
<#list given as c>
<#if c.stamp?has_content>
            ${of(c.member)}${java.bind(c, java.now(c))}
<#elseif c.version>
            ${of(c.member)}statement.setLong(at++, 0);
<#else>
            ${of(c.member)}${java.bind(c, "row." + c.property + "()")}
</#if>
</#list>
${of("")}
            statement.executeUpdate();
<#assign counted = entity.key?filter(c -> c.generated)>
<#if counted?has_content>
            try (${use("java.sql.ResultSet")} rows = statement.getGeneratedKeys()) {
                rows.next();
                return find(<#list entity.key as c><#if c.generated>rows.getObject(${java.literal(c.plain)}, ${java.single_type(c)}.class)<#else>row.${c.property}()</#if><#sep>, </#sep></#list>).orElseThrow();
            }
<#else>
            return find(${entity.key?map(c -> "row." + c.property + "()")?join(", ")}).orElseThrow();
</#if>
        }
    }
<#if rest?has_content>

    /**
     * Puts a row in the place of the one with its key.
     *
     * @return whether there was one<#if versions?has_content>, as it was when the given one was read</#if>
     */
    public boolean update(${row} row) throws ${sql} {
        ${string} sql = ${java.literal("update " + entity.table + " set " + rest?map(c -> c.version?then(c.name + " = " + c.name + " + 1", c.name + " = ?"))?join(", ") + " where " + java.are(entity.key + versions) + and)};
        try (${use("java.sql.PreparedStatement")} statement = connection.prepareStatement(sql)) {
            int at = 1;
<#list rest?filter(c -> !c.version) as c>
<#if c.stamp?has_content>
            ${of(c.member)}${java.bind(c, java.now(c))}
<#else>
            ${of(c.member)}${java.bind(c, "row." + c.property + "()")}
</#if>
</#list>
<#list entity.key + versions as c>
            ${of(c.member)}${java.bind(c, "row." + c.property + "()")}
</#list>
${of("")}
            return statement.executeUpdate() == 1;
        }
    }
</#if>

    /** @return whether there was a row of the key */
    public boolean delete(${keySignature}) throws ${sql} {
        try (${use("java.sql.PreparedStatement")} statement = connection.prepareStatement(${java.literal("delete from " + entity.table + " where " + java.are(entity.key) + and)})) {
            int at = 1;
<#list entity.key as c>
            ${java.bind(c, c.property)}
</#list>
            return statement.executeUpdate() == 1;
        }
    }

    public ${use("java.util.Optional")}<${row}> find(${keySignature}) throws ${sql} {
        return one(${java.literal(java.are(entity.key))}, statement -> {
            int at = 1;
<#list entity.key as c>
            ${java.bind(c, c.property)}
</#list>
        });
    }

    /** So many rows from a place on, counted from 0. */
    public ${list}<${row}> page(int limit, long offset) throws ${sql} {
        return all("", statement -> 1, limit, offset);
    }
<#assign taken = []>
<#list entity.uniques as unique>
<#assign name = "findBy" + unique?map(c -> c.property?remove_beginning("_")?cap_first)?join("And")>
<#if !taken?seq_contains(name)>
<#assign taken = taken + [name]>

    ${of((unique?size == 1)?then(unique[0].member, ""))}public ${use("java.util.Optional")}<${row}> ${name}(${java.signature(unique)}) throws ${sql} {
        return one(${java.literal(unique?map(c -> c.ignoringCase?then("lower(" + c.name + ") = lower(?)", c.name + " = ?"))?join(" and "))}, statement -> {
            int at = 1;
<#list unique as c>
            ${java.bind(c, c.property)}
</#list>
        });
    }
</#if>
</#list>
<#list entity.references as r>
<#assign name = "allBy" + r.columns?map(c -> c.property?remove_beginning("_")?cap_first)?join("And")>
<#if !r.unique && !taken?seq_contains(name)>
<#assign taken = taken + [name]>

    ${of(r.columns[0].member)}/** So many of the rows that point to one ${java.comment(r.target)}, from a place on, counted from 0. */
    public ${list}<${row}> ${name}(<#list r.columns as c>${java.type(c)} ${c.property}, </#list>int limit, long offset) throws ${sql} {
        return all(${java.literal(java.are(r.columns))}, statement -> {
            int at = 1;
<#list r.columns as c>
            ${java.bind(c, c.property)}
</#list>
            return at;
        }, limit, offset);
    }
</#if>
</#list>
${of("")}

    /** Gives values to the parameters of a statement. */
    private interface Binding {
        void bind(${use("java.sql.PreparedStatement")} statement) throws ${sql};
    }

    private ${use("java.util.Optional")}<${row}> one(${string} condition, Binding binding) throws ${sql} {
        ${string} sql = "select " + COLUMNS + ${java.literal(" from " + entity.table + " where ")} + condition<#if and?has_content> + ${java.literal(and)}</#if>;
        try (${use("java.sql.PreparedStatement")} statement = connection.prepareStatement(sql)) {
            binding.bind(statement);
            try (${use("java.sql.ResultSet")} rows = statement.executeQuery()) {
                return rows.next() ? ${use("java.util.Optional")}.of(row(rows)) : ${use("java.util.Optional")}.empty();
            }
        }
    }

    /** As {@link Binding}, and tells the place of the next parameter. */
    private interface Condition {
        int bind(${use("java.sql.PreparedStatement")} statement) throws ${sql};
    }

    private ${list}<${row}> all(${string} condition, Condition binding, int limit, long offset) throws ${sql} {
        ${string} where = condition.isEmpty() ? ${java.literal(where)} : " where " + condition<#if and?has_content> + ${java.literal(and)}</#if>;
        ${string} sql = "select " + COLUMNS + ${java.literal(" from " + entity.table)} + where + ${java.literal(" order by " + java.names(entity.key) + " limit ? offset ?")};
        try (${use("java.sql.PreparedStatement")} statement = connection.prepareStatement(sql)) {
            int at = binding.bind(statement);
            statement.setInt(at++, limit);
            statement.setLong(at, offset);
            ${list}<${row}> found = new ${use("java.util.ArrayList")}<>();
            try (${use("java.sql.ResultSet")} rows = statement.executeQuery()) {
                while (rows.next()) {
                    found.add(row(rows));
                }
            }
            return found;
        }
    }
<#list entity.lists as rows>
<#include "list.ftl">
</#list>
<#list entity.joins as join>
<#assign firstJoin = join?is_first>
<#include "join.ftl">
</#list>
</#if>
${of("")}
}

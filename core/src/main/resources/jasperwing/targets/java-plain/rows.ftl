<#-- What reads and writes the rows of an entity; those of a kind with a table of its own go on in that of what it is a kind of. -->
<#assign row = entity.class>
<#assign key = entity.key>
<#assign columns = entity.columns>
<#assign given = columns?filter(c -> !c.generated)>
<#assign rest = columns?filter(is_changed)>
<#assign versions = columns?filter(c -> c.version)>
<#assign below = entity.base??>
<#assign own = below?then(entity.components[1..], entity.components)>
<#assign table = below?then(entity.table, "")>
<#assign and = entity.condition?has_content?then(" and " + entity.condition, "")>
<#assign order = " order by " + key?map(c -> java.qualified(c, table))?join(", ")>
<#assign sql = use("java.sql.SQLException")>
<#assign list = use("java.util.List")>
<#assign string = use("java.lang.String")>
<#assign optional = use("java.util.Optional")>
<#assign prepared = use("java.sql.PreparedStatement")>
<#assign results = use("java.sql.ResultSet")>
<#assign values = use(design.package + "." + design.values)>
<#assign at = "at" in java>
<#assign statement = "statement" in java>
<#assign rows = "rows" in java>
<#assign connection = java.free("connection", columns)>
<#if below>
<#assign base = entity.components[0]>
<#assign base_class = use(base.package + "." + base.class)>
<#assign base_rows = base.property + "Rows">
<#assign base_changes = changes(entity.base)>
</#if>
<#-- The row of which some columns have the values of parameters. -->
<#macro one columns condition>
        try (${prepared} ${java.statement} = ${connection}.prepareStatement(SELECT + ${java.literal(" where " + condition + and)})) {
            int ${java.at} = 1;
<@java.binds columns=columns/>
            return ${values}.all(${java.statement}, ${entity.rows}::row).stream().findFirst();
        }
</#macro>
<#-- So many rows of those to which a condition applies. -->
<#macro several columns condition paged>
        try (${prepared} ${java.statement} = ${connection}.prepareStatement(SELECT + ${java.literal(" where " + condition + and + order + " limit ?" + paged?then(" offset ?", ""))})) {
            int ${java.at} = 1;
<@java.binds columns=columns/>
            ${java.statement}.setInt(${java.at}<#if paged>++</#if>, ${limit});
<#if paged>
            ${java.statement}.setLong(${java.at}, ${offset});
</#if>
            return ${values}.all(${java.statement}, ${entity.rows}::row);
        }
</#macro>
<#-- What is selected: the columns of the entity, and of what it is a kind of. -->
<#function selected of table>
  <#if !of.base??><#return of.columns?map(c -> java.qualified(c, table))></#if>
  <#return of.columns?filter(c -> !c.key)?map(c -> java.qualified(c, table)) + selected(of.base, of.base.table)>
</#function>
<#function from of>
  <#if !of.base??><#return of.table></#if>
  <#local same = []>
  <#list of.key as c><#local same = same + [java.qualified(c, of.table) + " = " + java.qualified(of.base.key[c?index], of.base.table)]></#list>
  <#return of.table + " join " + from_base(of.base, same?join(" and "))>
</#function>
<#function from_base of condition>
  <#local whole = from(of)>
  <#return whole?contains(" join ")?then(whole?keep_before(" join ") + " on " + condition + " join " + whole?keep_after(" join "), whole + " on " + condition)>
</#function>
<#function is_changed column><#return !column.key && !column.generated && column.stamp != "insert"></#function>
<#-- Whether there is something an update can change. -->
<#function changes of><#return of.columns?filter(is_changed)?has_content || of.base?? && changes(of.base)></#function>
<#function base_versions of><#return of.columns?filter(c -> c.version)?has_content || of.base?? && base_versions(of.base)></#function>
<#function of_one_of reference><#return entity.oneOfs?filter(o -> o.role == reference.role)?has_content></#function>
<#-- The condition for the keys behind one. -->
<#function behind key>
  <#if key?size == 1><#return java.qualified(key[0], table) + " > ?"></#if>
  <#return "(" + key?map(c -> java.qualified(c, table))?join(", ") + ") > (" + java.marks(key) + ")">
</#function>
/** The rows of ${java.comment(entity.table)}<#if entity.view>, which are stored as rows of its kinds</#if><#if below>, with what they have as rows of ${java.comment(entity.base.table)}</#if>. Statements are prepared for each call; the connection and its transactions are the caller's. Rows come in the order of their keys. Not safe for several threads. */
public final class ${entity.rows} {
<#if key?has_content>
<#if !entity.view>
    private static final ${string}[] COLUMNS = {${java.plain_names(columns)}};
</#if>
    private static final ${string} SELECT = ${java.literal("select " + selected(entity, table)?join(", ") + " from " + from(entity))};

</#if>
    private final ${use("java.sql.Connection")} ${connection};
<#if below>
    private final ${use(entity.base.package + "." + entity.base.rows)} ${base_rows};
</#if>

    public ${entity.rows}(${use("java.sql.Connection")} ${connection}) {
        this.${connection} = ${connection};
<#if below>
        this.${base_rows} = new ${use(entity.base.package + "." + entity.base.rows)}(${connection});
</#if>
    }

    /** @param rows stands at the row */
<#if below>
    public static ${row} row(${results} rows) throws ${sql} {
        return row(rows, ${use(entity.base.package + "." + entity.base.rows)}.row(rows));
    }

    private static ${row} row(${results} rows, ${base_class} ${base.property}) throws ${sql} {
        return new ${row}(
                ${base.property}<#if own?has_content>,<#else>);</#if>
<#else>
    public static ${row} row(${results} rows) throws ${sql} {
        return new ${row}(<#if !own?has_content>);</#if>
</#if>
<#list own as c>
                ${of(c.member)}${java.read(c)}<#sep>,</#sep><#if !c?has_next>);</#if>
</#list>
${of("")}
    }
<#if key?has_content>
<#if !entity.view>

    /** Stores a row and gives it back as it is stored<#if columns?filter(c -> c.generated)?has_content>; what the database counts up is left to it</#if>. */
    public ${row} insert(${row} row) throws ${sql} {
        return insertAll(${list}.of(row)).get(0);
    }

    /** Stores rows as one batch and gives them back, in their order. */
    public ${list}<${row}> insertAll(${list}<${row}> given) throws ${sql} {
        if (given.isEmpty()) {
            return ${list}.of();
        }
<#if below>
        ${list}<${base_class}> bases = ${base_rows}.insertAll(given.stream().map(${row}::${base.property}).toList());
</#if>
<#if given?has_content>
        ${string} sql = ${java.literal("insert into " + entity.table + " (" + java.names(given) + ") values (" + java.marks(given) + ")")};
<#else>
        ${string} sql = ${java.literal("insert into " + entity.table + " default values")};
</#if>
        try (${prepared} statement = ${connection}.prepareStatement(sql, COLUMNS)) {
<#if below>
            ${use("java.util.Iterator")}<${base_class}> stored = bases.iterator();
</#if>
            for (${row} each : given) {
<#if below>
                ${row} row = each.with${base.property?remove_beginning("_")?cap_first}(stored.next());
</#if>
<#if given?has_content>
                int at = 1;
</#if>
<#list given as c>
                ${of(c.member)}${java.bind(c, c.version?then("0", c.stamp?has_content?then(java.now(c), java.got(c, below?then("row", "each")))))}
</#list>
${of("")}
                statement.addBatch();
            }
            statement.executeBatch();
<#if below>
            ${use("java.util.Iterator")}<${base_class}> same = bases.iterator();
            return ${values}.stored(statement, rows -> row(rows, same.next()));
<#else>
            return ${values}.stored(statement, ${entity.rows}::row);
</#if>
        }
    }
<#if changes(entity)>

    /**
     * Puts a row in the place of the one with its key.
     *
     * @return the row as it is stored; empty when there was none<#if versions?has_content || below && base_versions(entity.base)>, or it has changed since the given one was read</#if>
     */
    public ${optional}<${row}> update(${row} row) throws ${sql} {
<#if below && base_changes>
        ${optional}<${base_class}> base = ${base_rows}.update(row.${base.property}());
        if (base.isEmpty()) {
            return ${optional}.empty();
        }
<#if !rest?has_content>
        return Optional.of(row.with${base.property?remove_beginning("_")?cap_first}(base.get()));
</#if>
</#if>
<#if rest?has_content>
        ${string} sql = ${java.literal("update " + entity.table + " set " + rest?map(c -> c.version?then(c.name + " = " + c.name + " + 1", c.name + " = ?"))?join(", ") + " where " + java.are(key + versions) + and)};
        try (${prepared} statement = ${connection}.prepareStatement(sql, COLUMNS)) {
            int at = 1;
<#list rest?filter(c -> !c.version) as c>
            ${of(c.member)}${java.bind(c, c.stamp?has_content?then(java.now(c), java.got(c, "row")))}
</#list>
<#list key + versions as c>
            ${of(c.member)}${java.bind(c, java.got(c, "row"))}
</#list>
${of("")}
            statement.executeUpdate();
<#if below>
            return ${values}.stored(statement, rows -> row(rows, <#if base_changes>base.get()<#else>row.${base.property}()</#if>)).stream().findFirst();
<#else>
            return ${values}.stored(statement, ${entity.rows}::row).stream().findFirst();
</#if>
        }
</#if>
    }
</#if>
</#if>

    /** Does something with every row; a driver has not all in memory at once while nothing commits by itself. */
    public void forEach(${use("java.util.function.Consumer")}<${row}> action) throws ${sql} {
        try (${prepared} statement = ${connection}.prepareStatement(SELECT + ${java.literal(entity.condition?has_content?then(" where " + entity.condition, "") + order)})) {
            statement.setFetchSize(500);
            ${values}.each(statement, ${entity.rows}::row, action);
        }
    }

    /** So many rows from a place on, counted from 0. */
    public ${list}<${row}> page(int limit, long offset) throws ${sql} {
        try (${prepared} statement = ${connection}.prepareStatement(SELECT + ${java.literal(entity.condition?has_content?then(" where " + entity.condition, "") + order + " limit ? offset ?")})) {
            statement.setInt(1, limit);
            statement.setLong(2, offset);
            return ${values}.all(statement, ${entity.rows}::row);
        }
    }
<#assign at = java.free("at", columns) in java>
<#assign statement = java.free("statement", columns) in java>
<#assign rows = java.free("rows", columns) in java>
<#assign limit = java.free("limit", columns)>
<#assign offset = java.free("offset", columns)>
<#assign elements = java.free("elements", columns)>
<#assign other = java.free("other", columns)>
<#if !entity.view>

    /** @return whether there was a row of the key */
    public boolean delete(${java.signature(key)}) throws ${sql} {
        try (${prepared} ${java.statement} = ${connection}.prepareStatement(${java.literal("delete from " + entity.table + " where " + java.are(key) + and)})) {
            int ${java.at} = 1;
<@java.binds columns=key/>
            return ${java.statement}.executeUpdate() == 1<#if below> && ${base_rows}.delete(${java.arguments(key)})</#if>;
        }
    }
</#if>

    public ${optional}<${row}> find(${java.signature(key)}) throws ${sql} {
<@one columns=key condition=java.are(key, table)/>
    }

    /** So many rows behind the one of a key, which need not be there; as fast far behind as at the start. */
    public ${list}<${row}> pageAfter(${java.signature(key)}, int ${limit}) throws ${sql} {
<@several columns=key condition=behind(key) paged=false/>
    }
<#assign taken = []>
<#list entity.uniques as unique>
<#assign name = "findBy" + unique?map(c -> c.property?remove_beginning("_")?cap_first)?join("And")>
<#if !taken?seq_contains(name)>
<#assign taken = taken + [name]>

    ${of((unique?size == 1)?then(unique[0].member, ""))}public ${optional}<${row}> ${name}(${java.signature(unique)}) throws ${sql} {
<@one columns=unique condition=unique?map(c -> c.ignoringCase?then("lower(" + java.qualified(c, table) + ") = lower(?)", java.qualified(c, table) + " = ?"))?join(" and ")/>
    }
</#if>
</#list>
<#list entity.references as r>
<#assign name = "allBy" + (r.columns?size == 1)?then(r.columns[0].property, r.role + of_one_of(r)?then(r.class, ""))?remove_beginning("_")?cap_first>
<#if !r.unique && !taken?seq_contains(name)>
<#assign taken = taken + [name]>

    ${of(r.columns[0].member)}/** So many of the rows that point to one ${java.comment(r.target)}, from a place on, counted from 0. */
    public ${list}<${row}> ${name}(${r.columns?map(c -> java.type(c) + " " + c.property)?join(", ")}, int ${limit}, long ${offset}) throws ${sql} {
<@several columns=r.columns condition=java.are(r.columns, table) paged=true/>
    }
</#if>
</#list>
${of("")}
<#list entity.lists as rows>
<#include "list.ftl">
</#list>
<#list entity.joins as join>
<#include "join.ftl">
</#list>
</#if>
${of("")}
}

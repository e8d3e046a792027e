<#assign single = rows.elements?size == 1>
<#if single><#assign element = java.type(rows.elements[0])><#else><#assign element = rows.property?cap_first></#if>
<#if !single>

    ${of(rows.member)}/** An element of ${rows.property}. */
    public record ${element}(${java.signature(rows.elements)}) {}
</#if>

    ${of(rows.member)}/** <#if rows.doc?has_content>${java.comment(rows.doc)} </#if>In their order. */
    public ${list}<${element}> ${rows.property}(${java.signature(entity.key)}) throws ${sql} {
        ${string} sql = ${java.literal("select " + java.names(rows.elements) + " from " + rows.table + " where " + java.are(rows.owner) + " order by " + rows.position.name)};
        try (${use("java.sql.PreparedStatement")} statement = connection.prepareStatement(sql)) {
            int at = 1;
<#list entity.key as c>
            ${java.bind(c, c.property)}
</#list>
            ${list}<${element}> found = new ${use("java.util.ArrayList")}<>();
            try (${use("java.sql.ResultSet")} rows = statement.executeQuery()) {
                while (rows.next()) {
<#if single>
                    found.add(${java.read(rows.elements[0])});
<#else>
                    found.add(new ${element}(${rows.elements?map(c -> java.read(c))?join(", ")}));
</#if>
                }
            }
            return found;
        }
    }

    /** Puts others in their place. */
    public void set${rows.property?cap_first}(${java.signature(entity.key)}, ${list}<${element}> elements) throws ${sql} {
        try (${use("java.sql.PreparedStatement")} statement = connection.prepareStatement(${java.literal("delete from " + rows.table + " where " + java.are(rows.owner))})) {
            int at = 1;
<#list entity.key as c>
            ${java.bind(c, c.property)}
</#list>
            statement.executeUpdate();
        }
        ${string} sql = ${java.literal("insert into " + rows.table + " (" + java.names(rows.owner + [rows.position] + rows.elements) + ") values (" + (rows.owner + [rows.position] + rows.elements)?map(c -> "?")?join(", ") + ")")};
        try (${use("java.sql.PreparedStatement")} statement = connection.prepareStatement(sql)) {
            for (int i = 0; i < elements.size(); i++) {
                int at = 1;
<#list entity.key as c>
                ${java.bind(c, c.property)}
</#list>
                statement.setInt(at++, i);
<#if single>
                ${java.bind(rows.elements[0], "elements.get(i)")}
<#else>
<#list rows.elements as c>
                ${java.bind(c, "elements.get(i)." + c.property + "()")}
</#list>
</#if>
                statement.addBatch();
            }
            statement.executeBatch();
        }
    }

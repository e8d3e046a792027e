<#assign at = join.role?cap_first>

    ${of(join.member)}/** The keys of the ${java.comment(join.role)} of one, in order. */
    public ${list}<${at}Key> ${join.role}(${java.signature(entity.key)}) throws ${sql} {
        ${string} sql = ${java.literal("select " + java.names(join.there) + " from " + join.table + " where " + java.are(join.here) + " order by " + java.names(join.there))};
        try (${use("java.sql.PreparedStatement")} statement = connection.prepareStatement(sql)) {
            int at = 1;
<#list entity.key as c>
            ${java.bind(c, c.property)}
</#list>
            ${list}<${at}Key> found = new ${use("java.util.ArrayList")}<>();
            try (${use("java.sql.ResultSet")} rows = statement.executeQuery()) {
                while (rows.next()) {
                    found.add(new ${at}Key(${join.there?map(c -> java.read(c))?join(", ")}));
                }
            }
            return found;
        }
    }

    /** The key of one of the ${java.comment(join.role)}. */
    public record ${at}Key(${java.signature(join.there)}) {}

    /** Joins one to another; the database refuses a pair that is there. */
    public void add${at}(${java.signature(entity.key)}, ${at}Key other) throws ${sql} {
        pair(${java.literal("insert into " + join.table + " (" + java.names(join.here + join.there) + ") values (" + (join.here + join.there)?map(c -> "?")?join(", ") + ")")}, statement -> {
            int at = 1;
<#list entity.key as c>
            ${java.bind(c, c.property)}
</#list>
<#list join.there as c>
            ${java.bind(c, "other." + c.property + "()")}
</#list>
        });
    }

    /** @return whether they were joined */
    public boolean remove${at}(${java.signature(entity.key)}, ${at}Key other) throws ${sql} {
        return pair(${java.literal("delete from " + join.table + " where " + java.are(join.here + join.there))}, statement -> {
            int at = 1;
<#list entity.key as c>
            ${java.bind(c, c.property)}
</#list>
<#list join.there as c>
            ${java.bind(c, "other." + c.property + "()")}
</#list>
        });
    }
<#if firstJoin>

    private boolean pair(${string} sql, Binding binding) throws ${sql} {
        try (${use("java.sql.PreparedStatement")} statement = connection.prepareStatement(sql)) {
            binding.bind(statement);
            return statement.executeUpdate() == 1;
        }
    }
</#if>

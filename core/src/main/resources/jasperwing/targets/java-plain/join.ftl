<#-- The pairs of a many-to-many, from one of its ends. -->
<#assign name = join.role?cap_first>

    ${of(join.member)}/** The keys of the ${java.comment(join.role)} of one, in order. */
    public ${list}<${name}Key> ${join.role}(${java.signature(key)}) throws ${sql} {
        try (${prepared} ${java.statement} = ${connection}.prepareStatement(${java.literal("select " + java.names(join.there) + " from " + join.table + " where " + java.are(join.here) + " order by " + java.names(join.there))})) {
            int ${java.at} = 1;
<@java.binds columns=key/>
            return ${values}.all(${java.statement}, ${java.rows} -> new ${name}Key(${join.there?map(c -> java.read_column(c))?join(", ")}));
        }
    }

    /** The key of one of the ${java.comment(join.role)}. */
    public record ${name}Key(${java.signature(join.there)}) {}

    /** Joins one to another; the database refuses a pair that is there. */
    public void add${name}(${java.signature(key)}, ${name}Key ${other}) throws ${sql} {
        try (${prepared} ${java.statement} = ${connection}.prepareStatement(${java.literal("insert into " + join.table + " (" + java.names(join.here + join.there) + ") values (" + java.marks(join.here + join.there) + ")")})) {
            int ${java.at} = 1;
<@java.binds columns=key/>
<@java.binds columns=join.there object=other/>
            ${java.statement}.executeUpdate();
        }
    }

    /** @return whether they were joined */
    public boolean remove${name}(${java.signature(key)}, ${name}Key ${other}) throws ${sql} {
        try (${prepared} ${java.statement} = ${connection}.prepareStatement(${java.literal("delete from " + join.table + " where " + java.are(join.here + join.there))})) {
            int ${java.at} = 1;
<@java.binds columns=key/>
<@java.binds columns=join.there object=other/>
            return ${java.statement}.executeUpdate() == 1;
        }
    }

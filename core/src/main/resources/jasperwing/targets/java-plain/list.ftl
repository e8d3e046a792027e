<#-- The elements of a list that is kept in a table of its own. -->
<#assign of_value = !rows.element.column??>
<#assign element = of_value?then(java.component_type(rows.element), java.type(rows.elements[0]))>

    ${of(rows.member)}/** ${java.said(rows.doc)}In their order. */
    public ${list}<${element}> ${rows.property}(${java.signature(key)}) throws ${sql} {
        try (${prepared} ${java.statement} = ${connection}.prepareStatement(${java.literal("select " + java.names(rows.elements) + " from " + rows.table + " where " + java.are(rows.owner) + " order by " + rows.position.name)})) {
            int ${java.at} = 1;
<@java.binds columns=key/>
            return ${values}.all(${java.statement}, ${java.rows} -> ${java.read(rows.element, false)});
        }
    }

    /** Puts others in their place. */
    public void set${rows.property?cap_first}(${java.signature(key)}, ${list}<${element}> ${elements}) throws ${sql} {
        try (${prepared} ${java.statement} = ${connection}.prepareStatement(${java.literal("delete from " + rows.table + " where " + java.are(rows.owner))})) {
            int ${java.at} = 1;
<@java.binds columns=key/>
            ${java.statement}.executeUpdate();
        }
        try (${prepared} ${java.statement} = ${connection}.prepareStatement(${java.literal("insert into " + rows.table + " (" + java.names(rows.owner + [rows.position] + rows.elements) + ") values (" + java.marks(rows.owner + [rows.position] + rows.elements) + ")")})) {
<#assign place = java.free("place", columns)>
<#assign each = java.free("each", columns)>
            int ${place} = 0;
            for (${element} ${each} : ${elements}) {
                int ${java.at} = 1;
<@java.binds columns=key space="                "/>
                ${java.statement}.setInt(${java.at}++, ${place}++);
<#if of_value>
<@java.binds columns=rows.elements object=each space="                "/>
<#else>
                ${java.bind(rows.elements[0], each)}
</#if>
                ${java.statement}.addBatch();
            }
            ${java.statement}.executeBatch();
        }
    }

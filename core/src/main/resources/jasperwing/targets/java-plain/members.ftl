<#-- What a row has besides its values, whether it is a record or a class. -->
<#list columns as c>

    ${of(c.member)}/** The same row with another ${c.property}. */
    public ${entity.class} with${c.property?remove_beginning("_")?cap_first}(${java.component(c)} ${c.property}) {
        return new ${entity.class}(${java.arguments(columns)});
    }
</#list>
${of("")}
<#if arrays?has_content || !design.records>

    /** The same row when all values are<#if arrays?has_content>, bytes one by one</#if>. */
    @${use("java.lang.Override")}
    public boolean equals(${use("java.lang.Object")} other) {
        return this == other || other instanceof ${entity.class}<#if columns?has_content> that</#if><#list columns as c> && ${(arrays?map(a -> a.property)?seq_contains(c.property))?then(use("java.util.Arrays"), use("java.util.Objects"))}.equals(this.${c.property}, that.${c.property})</#list>;
    }

    @${use("java.lang.Override")}
    public int hashCode() {
        return ${use("java.util.Objects")}.hash(<#list columns as c><#if arrays?map(a -> a.property)?seq_contains(c.property)>${use("java.util.Arrays")}.hashCode(${c.property})<#else>${c.property}</#if><#sep>, </#sep></#list>);
    }
<#if !design.records>

    @${use("java.lang.Override")}
    public ${use("java.lang.String")} toString() {
        return "${entity.class}[<#list columns as c>${c.property}=" + ${(arrays?map(a -> a.property)?seq_contains(c.property))?then(use("java.util.Arrays") + ".toString(" + c.property + ")", c.property)} + "<#sep>, </#sep></#list>]";
    }
</#if>
</#if>
<#assign primitives = columns?filter(c -> java.is_primitive(c))?map(c -> c.property)>
<#list entity.computed as c>
<#assign lines = code(c.property, primitives)>
<#if lines?has_content>

    ${of(c.member)}/** <#if c.doc?has_content>${java.comment(c.doc)} </#if>Computed from the row; null when that gives nothing. */
    public ${java.single_type(c)} ${c.property}() {
<#list lines as line>
        ${line}
</#list>
    }
</#if>
</#list>
${of("")}
<#list entity.oneOfs as oneOf>

    ${of(oneOf.member)}/** What ${oneOf.role} points to: the kind of thing and its key<#if !oneOf.must>, or nothing</#if>. */
    public sealed interface ${oneOf.role?cap_first} {
<#list oneOf.subjects as s>
        record ${s.class}Key(${java.signature(s.columns)}) implements ${oneOf.role?cap_first} {}
<#sep>

</#sep>
</#list>
    }

    /** What ${oneOf.role} points to<#if !oneOf.must>; null when it points to nothing</#if>. */
    public ${oneOf.role?cap_first} ${oneOf.role}() {
<#list oneOf.subjects as s>
        if (${s.columns[0].property} != null) {
            return new ${oneOf.role?cap_first}.${s.class}Key(${java.arguments(s.columns)});
        }
</#list>
<#if oneOf.must>
        throw new ${use("java.lang.IllegalStateException")}("${oneOf.role} points to nothing");
<#else>
        return null;
</#if>
    }
</#list>
${of("")}
}

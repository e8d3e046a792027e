/**
 * A row of ${java.comment(entity.table)}.<#if entity.doc?has_content> ${java.comment(entity.doc)}</#if>
<#list columns>
 *
<#items as c>
<#assign about = []>
<#if c.doc?has_content><#assign about = about + [java.comment(c.doc)]></#if>
<#if c.generated><#assign about = about + ["counted up by the database; null before the row is stored"]><#elseif !c.required><#assign about = about + ["null when there is none"]></#if>
<#if c.stamp?has_content><#assign about = about + ["set by itself on " + c.stamp + "; may be null in a row that is given"]></#if>
<#if c.version><#assign about = about + ["counts the updates of the row"]></#if>
<#if about?has_content> * @param ${c.property} ${about?join("; ")}
</#if>
</#items>
</#list>
 */
public record ${entity.class}(
<#list columns as c>
        ${of(c.member)}${java.component(c)} ${c.property}<#sep>,</#sep><#if !c?has_next>) {</#if>
<#else>
        ) {
</#list>
${of("")}
<#assign references = columns?filter(c -> c.required && !c.generated && !c.stamp?has_content && !java.is_primitive(c))>
<#assign lists = columns?filter(c -> c.list)>
<#assign arrays = columns?filter(c -> c.type == "binary" && !c.list)>
<#if references?has_content || lists?has_content || arrays?has_content>

    public ${entity.class} {
<#list references as c>
        ${of(c.member)}${use("java.util.Objects")}.requireNonNull(${c.property}, "${c.property}");
</#list>
<#list lists as c>
        ${of(c.member)}${c.property} = ${c.property} == null ? null : ${use("java.util.List")}.copyOf(${c.property});
</#list>
<#list arrays as c>
        ${of(c.member)}${c.property} = ${c.property} == null ? null : ${c.property}.clone();
</#list>
${of("")}
    }
</#if>
<#list arrays as c>

    ${of(c.member)}/** A copy. */
    @${use("java.lang.Override")}
    public byte[] ${c.property}() {
        return ${c.property} == null ? null : ${c.property}.clone();
    }
</#list>
<#list columns as c>

    ${of(c.member)}/** The same row with another ${c.property}. */
    public ${entity.class} with${c.property?remove_beginning("_")?cap_first}(${java.component(c)} ${c.property}) {
        return new ${entity.class}(${java.arguments(columns)});
    }
</#list>
${of("")}
<#if arrays?has_content>

    /** The same row when all values are, bytes one by one. */
    @${use("java.lang.Override")}
    public boolean equals(${use("java.lang.Object")} other) {
        return this == other || other instanceof ${entity.class} that<#list columns as c> && ${(arrays?map(a -> a.property)?seq_contains(c.property))?then(use("java.util.Arrays"), use("java.util.Objects"))}.equals(this.${c.property}, that.${c.property})</#list>;
    }

    @${use("java.lang.Override")}
    public int hashCode() {
        return ${use("java.util.Objects")}.hash(<#list columns as c><#if arrays?map(a -> a.property)?seq_contains(c.property)>${use("java.util.Arrays")}.hashCode(${c.property})<#else>${c.property}</#if><#sep>, </#sep></#list>);
    }
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

    ${of(oneOf.role)}/** What ${oneOf.role} points to: the kind of thing and its key<#if !oneOf.must>, or nothing</#if>. */
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

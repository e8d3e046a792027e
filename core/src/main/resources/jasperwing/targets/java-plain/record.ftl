/**
 * A row of ${java.comment(entity.table)}.<#if entity.doc?has_content> ${java.comment(entity.doc)}</#if>
<#list columns>
 *
<#items as c>
<#assign about = java.about(c)>
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
<#include "members.ftl">

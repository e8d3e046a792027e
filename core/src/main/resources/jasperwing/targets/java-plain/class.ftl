/**
 * A row of ${java.comment(entity.table)}.<#if entity.doc?has_content> ${java.comment(entity.doc)}</#if>
 */
public final class ${entity.class} {
<#list columns as c>
    ${of(c.member)}private final ${java.component(c)} ${c.property};
</#list>
${of("")}

    public ${entity.class}(${java.signature(columns)}) {
<#list columns as c>
<#if references?map(r -> r.property)?seq_contains(c.property)>
<#assign value = use("java.util.Objects") + ".requireNonNull(" + c.property + ", \"" + c.property + "\")">
<#assign there = true>
<#else>
<#assign value = c.property>
<#assign there = false>
</#if>
<#if c.list>
        ${of(c.member)}this.${c.property} = <#if !there>${c.property} == null ? null : </#if>${use("java.util.List")}.copyOf(${value});
<#elseif c.type == "binary">
        ${of(c.member)}this.${c.property} = <#if !there>${c.property} == null ? null : </#if>${value}.clone();
<#else>
        ${of(c.member)}this.${c.property} = ${value};
</#if>
</#list>
${of("")}
    }
<#list columns as c>
<#assign about = java.about(c)>

<#if about?has_content>
    ${of(c.member)}/** ${about?join("; ")?cap_first?remove_ending(".")}. */
</#if>
    ${of(c.member)}public ${java.component(c)} ${c.property}() {
<#if c.type == "binary" && !c.list>
        return ${c.property} == null ? null : ${c.property}.clone();
<#else>
        return ${c.property};
</#if>
    }
</#list>
${of("")}
<#include "members.ftl">

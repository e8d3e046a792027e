<#-- A record of fields: a row, or a value. -->
<#assign told = fields?filter(f -> f.about?has_content)>
<#if told?has_content>
/**
 * ${title}
 *
<#list told as f>
 * @param ${f.name} ${f.about}
</#list>
 */
<#else>
/** ${title} */
</#if>
<#list fields>
public record ${name}(
<#items as f>
        ${of(f.member)}${f.type} ${f.name}<#sep>,</#sep><#if !f?has_next>) {</#if>
</#items>
${of("")}
<#if fields?filter(f -> f.must || f.list || f.bytes)?has_content>

    public ${name} {
<#list fields?filter(f -> f.must) as f>
        ${of(f.member)}${use("java.util.Objects")}.requireNonNull(${f.name}, "${f.name}");
</#list>
<#list fields?filter(f -> f.list || f.bytes) as f>
        ${of(f.member)}<@java.copied field=f/>
</#list>
${of("")}
    }
</#if>
<#list fields?filter(f -> f.bytes) as f>

    ${of(f.member)}/** A copy. */
    @${use("java.lang.Override")}
    public byte[] ${f.name}() {
        return ${java.copy(f)};
    }
</#list>
<#include "members.ftl">
<#else>
public record ${name}() {}
</#list>

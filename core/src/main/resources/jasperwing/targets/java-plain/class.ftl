<#-- A class of fields that cannot be changed: a row, or a value. -->
/** ${title} */
public final class ${name} {
<#list fields as f>
    ${of(f.member)}private final ${f.type} ${f.name};
</#list>
${of("")}

    public ${name}(${fields?map(f -> f.type + " " + f.name)?join(", ")}) {
<#list fields as f>
<#if f.must>
        ${of(f.member)}this.${f.name} = ${java.copy(f, use("java.util.Objects") + ".requireNonNull(" + f.name + ", \"" + f.name + "\")")};
<#else>
        ${of(f.member)}this.${f.name} = ${java.copy(f)};
</#if>
</#list>
${of("")}
    }
<#list fields as f>

<#if f.about?has_content>
    ${of(f.member)}/** ${f.about?cap_first?remove_ending(".")}. */
</#if>
    ${of(f.member)}public ${f.type} ${f.name}() {
        return ${f.bytes?then(java.copy(f), f.name)};
    }
</#list>
${of("")}
<#include "members.ftl">

<#-- What all templates of this folder share: files, types, annotations, texts and values of Java. -->
<#assign changes = design.options.setters != "none">
<#assign fluent = design.options.setters == "fluent">
<#assign annotated = design.options.mapping != "xml">

<#function path package name><#return package?replace(".", "/") + "/" + name + ".java"></#function>

<#macro head package>
// Written by Jasperwing; what is changed by hand is kept when it writes again.
<#list design.header?split("\n")?filter(l -> l?trim?has_content) as l>
// ${comment(l)}
</#list>
package ${package};

%imports%
</#macro>

<#-- A documentation comment, in front of which is some space. -->
<#macro doc text space="">
<#if text?trim?has_content>
${space}/** ${comment(text)} */
</#if>
</#macro>

<#-- A text that can stand in a comment. -->
<#function comment text>
  <#return text?replace("\\s+", " ", "r")?replace("\\", "&#92;")?replace("*/", "*&#47;")?replace("@", "&#64;")?replace("<", "&lt;")?trim>
</#function>

<#-- A string literal. -->
<#function literal text><#return "\"" + text?j_string + "\""></#function>

<#-- The type of a field. -->
<#function type t>
  <#local single = single(t)>
  <#if t.many == "list"><#return use("java.util.List") + "<" + single + ">"></#if>
  <#if t.many == "set"><#return use("java.util.Set") + "<" + single + ">"></#if>
  <#return single>
</#function>

<#-- The type of one of what a field has. -->
<#function single t>
  <#if t.class?has_content>
    <#return use(t.package + "." + t.class) + (t.word == "key")?then(".Key", "")>
  </#if>
  <#switch t.word>
    <#case "int"><#return use("java.lang.Integer")>
    <#case "small int"><#return use("java.lang.Short")>
    <#case "big int"><#case "serial"><#return use("java.lang.Long")>
    <#case "uuid"><#return use("java.util.UUID")>
    <#case "decimal"><#return use("java.math.BigDecimal")>
    <#case "real"><#return use("java.lang.Double")>
    <#case "boolean"><#return use("java.lang.Boolean")>
    <#case "date"><#return use("java.time.LocalDate")>
    <#case "time"><#return use("java.time.LocalTime")>
    <#case "timestamp"><#return use("java.time.OffsetDateTime")>
    <#case "local timestamp"><#return use("java.time.LocalDateTime")>
    <#case "duration"><#return use("java.time.Duration")>
    <#case "binary"><#return "byte[]">
    <#default><#return use("java.lang.String")>
  </#switch>
</#function>

<#-- What a field is at first, or an empty text. -->
<#function initial f>
  <#if f.type.many == "list"><#return "new " + use("java.util.ArrayList") + "<>()"></#if>
  <#if f.type.many == "set"><#return "new " + use("java.util.LinkedHashSet") + "<>()"></#if>
  <#switch f.defaultKind>
    <#case "number"><#return number(f.type, f.default)>
    <#case "enum"><#return single(f.type) + "." + f.default>
    <#case "date"><#return single(f.type) + ".parse(\"" + f.default + "\")">
    <#case "word"><#return (f.type.word == "boolean")?then(f.default, single(f.type) + ".now()")>
    <#case "text"><#return parsed(f.type, f.default)>
  </#switch>
  <#if f.stamp?has_content && is_number(f.type)><#return number(f.type, "0")></#if>
  <#return "">
</#function>

<#function is_number t><#return ["int", "small int", "big int", "serial", "decimal", "real"]?seq_contains(t.word)></#function>

<#function parsed t text>
  <#if t.word == "uuid"><#return single(t) + ".fromString(" + literal(text) + ")"></#if>
  <#if t.word == "text" || t.word == "long text"><#return literal(text)></#if>
  <#return single(t) + ".parse(" + literal(text) + ")">
</#function>

<#function number t digits>
  <#local whole = digits?keep_before(".")>
  <#switch t.word>
    <#case "decimal"><#return "new " + single(t) + "(\"" + digits + "\")">
    <#case "small int"><#return "(short) " + whole>
    <#case "big int"><#case "serial"><#return whole + "L">
    <#case "real"><#return digits + digits?contains(".")?then("", ".0")>
    <#case "duration"><#return single(t) + ".ofMillis(" + whole + "L)">
    <#default><#return whole>
  </#switch>
</#function>

<#-- A field with what is said of it. -->
<#macro field f>
<#if annotated><@annotations all=f.annotations/></#if>
<@annotations all=f.rules/>
<#local type = type(f.type)>
<#local initial = initial(f)>
    private ${type} ${f.name}<#if initial?has_content> = ${initial}</#if>;
</#macro>

<#-- Those of a field, a line each. -->
<#macro annotations all>
<#list all as a>
    ${annotation(a, (a.name == "JoinTable")?then(",\n            ", ", "))}
</#list>
</#macro>

<#-- Those of a class; unique constraints have lines of their own. -->
<#macro class_annotations all>
<#list all as a>
<#local uniques = a.members?filter(m -> m.name == "uniqueConstraints")>
<#if uniques?has_content>
<#local others = a.members?filter(m -> m.name != "uniqueConstraints")>
@${use(a.package + "." + a.name)}(${members(others, ", ", a)}, uniqueConstraints = {
<#list uniques[0].value as u>
    ${annotation(u)}<#sep>,</#sep>
</#list>
})
<#else>
${annotation(a)}
</#if>
</#list>
</#macro>

<#-- @param between what stands between two members -->
<#function annotation a between=", ">
  <#local start = "@" + use(a.package + "." + a.name)>
  <#if !a.members?has_content><#return start></#if>
  <#if a.members?size == 1 && a.members[0].name == "value"><#return start + "(" + value(a.members[0].value, a) + ")"></#if>
  <#return start + "(" + members(a.members, between, a) + ")">
</#function>

<#function members all between a>
  <#return all?map(m -> m.name + " = " + value(m.value, a))?join(between)>
</#function>

<#function value v a>
  <#if v?is_string><#return literal(v)></#if>
  <#if v?is_boolean><#return v?c></#if>
  <#if v?is_number><#return v?c + (a.name == "Min" || a.name == "Max")?then("L", "")></#if>
  <#if v?is_sequence>
    <#if v?size == 1 && !v[0]?is_string><#return value(v[0], a)></#if>
    <#return "{" + v?map(each -> value(each, a))?join(", ") + "}">
  </#if>
  <#if v.constant??><#return use(v.enumOf + "." + v.type) + "." + v.constant></#if>
  <#if v.qualified??><#return use(v.qualified) + v.nested?has_content?then("." + v.nested, "") + ".class"></#if>
  <#return annotation(v)>
</#function>

<#-- The head of a constructor. -->
<#macro signature start parameters>
<#local line = start + "(" + parameters?join(", ") + ") {">
<#if line?length <= 110>
    ${line}
<#else>
    ${start}(
<#list parameters as p>
            ${p}<#sep>,</#sep><#if !p?has_next>) {</#if>
</#list>
</#if>
</#macro>

<#macro getter type name>

    public ${type} ${method("get", name)}() {
        return ${name};
    }
</#macro>

<#-- What setters of a class give back. -->
<#function given class><#return fluent?then(class, "void")></#function>

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
<#function comment text><#return language.comment(text)></#function>

<#-- A string literal. -->
<#function literal text><#return language.text(text)></#function>

<#-- The type of a field. -->
<#function type t>
  <#local one = single(t)>
  <#return t.many?switch("", one, "list", use("java.util.List") + "<" + one + ">", use("java.util.Set") + "<" + one + ">")>
</#function>

<#-- The type of one of what a field has. -->
<#function single t>
  <#return t.word?switch(
    "enum", named(t), "value", named(t), "object", named(t),
    "key", named(t) + ".Key",
    use(language.type(t.word)))>
</#function>

<#function named t><#return use(t.package + "." + t.class)></#function>

<#-- What a field is at first, as it stands behind its name; nothing when that is not said. -->
<#function initial f>
  <#local value = first_value(f)>
  <#return value?has_content?then(" = " + value, "")>
</#function>

<#function first_value f>
  <#if f.mapping.listText?has_content><#return use(f.mapping.listText) + ".EMPTY"></#if>
  <#return f.type.many?switch(
    "list", "new " + use("java.util.ArrayList") + "<>()",
    "set", "new " + use("java.util.LinkedHashSet") + "<>()",
    f.defaultKind?switch(
      "number", f.mapping.asStored?then(f.default + "L", number(f.type, f.default)),
      "enum", single(f.type) + "." + f.default + f.mapping.asStored?then(".stored()", ""),
      "date", single(f.type) + ".parse(\"" + f.default + "\")",
      "word", word(f),
      "clock", shifted(f.type, f.default?split(" ")),
      "uuid", use(design.package + ".TimeOrderedUuid") + ".next()",
      "text", parsed(f.type, f.default),
      (f.stamp?has_content && is_number(f.type))?then(number(f.type, "0"), "")))>
</#function>

<#function word f>
  <#return f.type.word?switch("boolean", f.default, "uuid", single(f.type) + ".randomUUID()", now(f.type))>
</#function>

<#-- So long after or before the moment, as in "today", "+", "14", "days". -->
<#function shifted t words>
  <#local unit = words[3]?cap_first?remove_ending("s") + "s">
  <#return now(t) + "." + (words[1] == "+")?then("plus", "minus") + unit + "(" + words[2] + ")">
</#function>

<#-- The moment, no finer than columns keep it, so that what is in hand is what is read again. -->
<#function now t>
  <#return single(t) + ".now()" + (t.word == "date")?then("", ".truncatedTo(" + use("java.time.temporal.ChronoUnit") + ".MICROS)")>
</#function>

<#-- The names of the first columns that lead to each system outside. -->
<#function first_of_each others>
  <#local names = []>
  <#local known = []>
  <#list others as o>
    <#if !known?seq_contains(o.target)><#local known = known + [o.target]><#local names = names + [o.name]></#if>
  </#list>
  <#return names>
</#function>

<#-- Whether an object is the one of a variable; one that is not loaded yet is known by its key. -->
<#function is_same other><#return (design.options.equals == "key")?then("equals(" + other + ")", other + " == this")></#function>

<#function is_other other><#return (design.options.equals == "key")?then("!equals(" + other + ")", other + " != this")></#function>

<#-- Whether a collection of an object is in memory; it is not loaded for being kept in step. -->
<#function loaded object name><#return use(design.package + ".LoadedCheck") + ".isLoaded(" + object + ", \"" + name + "\")"></#function>

<#function is_number t><#return ["int", "small int", "big int", "serial", "decimal", "real"]?seq_contains(t.word)></#function>

<#function parsed t text>
  <#return t.word?switch(
    "text", literal(text),
    "long text", literal(text),
    "uuid", single(t) + ".fromString(" + literal(text) + ")",
    single(t) + ".parse(" + literal(text) + ")")>
</#function>

<#function number t digits><#return language.number(t.word, digits)></#function>

<#-- A field with what is said of it. -->
<#macro field f>
<#if annotated><@annotations all=f.mapping.annotations/></#if>
<@annotations all=f.mapping.rules/>
    private ${field_type(f)} ${f.name}${initial(f)};
</#macro>

<#-- The type a field has, where accessors make of what is stored what it is. -->
<#function field_type f>
  <#if !f.mapping.asStored><#return type(f.type)></#if>
  <#return use((f.type.word == "duration" && !f.type.many?has_content)?then("java.lang.Long", "java.lang.String"))>
</#function>

<#-- What a field has for a variable with what it is. -->
<#function stored f name=f.name>
  <#if f.mapping.listText?has_content><#return use(f.mapping.listText) + ".text(" + name + ")"></#if>
  <#return name + " == null ? null : " + name + (f.type.word == "duration")?then(".toMillis()", ".stored()")>
</#function>

<#-- What a field is, of what it has. -->
<#function restored f>
  <#if f.mapping.listText?has_content><#return use(f.mapping.listText) + ".list(" + f.name + ")"></#if>
  <#return (f.type.word == "duration")?then(f.name + " == null ? null : " + type(f.type) + ".ofMillis(" + f.name + ")", type(f.type) + ".of(" + f.name + ")")>
</#function>

<#-- Those of a field or a class, a line each, in front of which is some space. -->
<#macro annotations all space="    ">
<#list all as a>
${space}<@annotation a=a between=(a.name == "JoinTable")?then(",\n            ", ", ")/>
</#list>
</#macro>

<#-- @param between what stands between two members -->
<#macro annotation a between=", ">@${use(a.package + "." + a.name)}<#if a.members?has_content>(<#list a.members as m><#if a.members?size != 1 || m.name != "value">${m.name} = </#if><#if m.name == "uniqueConstraints"><@lines all=m.value/><#else><@value v=m.value a=a/></#if><#sep>${between}</#sep></#list>)</#if></#macro>

<#macro value v a><#if v?is_string>"${v?j_string}"<#elseif v?is_boolean>${v?c}<#elseif v?is_number>${v?c}<#if a.name == "Min" || a.name == "Max">L</#if><#elseif v?is_sequence><#if v?size == 1 && !v[0]?is_string><@value v=v[0] a=a/><#else>{<#list v as each><@value v=each a=a/><#sep>, </#sep></#list>}</#if><#elseif v.constant??>${use(v.enumOf + "." + v.type)}.${v.constant}<#elseif v.qualified??>${use(v.qualified)}<#if v.nested?has_content>.${v.nested}</#if>.class<#else><@annotation a=v/></#if></#macro>

<#macro lines all>{
<#list all as a>
${"        "}<@annotation a=a/><#sep>,</#sep>
</#list>
}</#macro>

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

<#-- What is said of an object that breaks a rule; braces and dollars stand for themselves. -->
<#function message text>
  <#return literal(text?replace("\\", "\\\\")?replace("{", "\\{")?replace("}", "\\}")?replace("$", "\\$"))>
</#function>

<#-- The database checks what it can of these as well. -->
<#macro rules all>
<#list all?filter(r -> !r.inherited) as r>
<#local statements = holds(r.name)>
<#if statements?has_content>

    @${use("jakarta.validation.constraints.AssertTrue")}(message = ${message(r.message)})
    boolean ${method("is", r.name)}() {
<#list statements as s>
        ${s}
</#list>
    }
</#if>
</#list>
</#macro>

<#macro getter type name>

    public ${type} ${method("get", name)}() {
        return ${name};
    }
</#macro>

<#-- What setters of a class give back. -->
<#function given class><#return fluent?then(class, "void")></#function>

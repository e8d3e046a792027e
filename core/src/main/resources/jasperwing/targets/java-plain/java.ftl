<#-- What all templates of this folder share: files, types, texts and values of Java. -->

<#function path package name><#return package?replace(".", "/") + "/" + name + ".java"></#function>

<#macro head package>
// Written by Jasperwing; what is changed by hand is kept when it writes again.
<#list design.header?split("\n")?filter(l -> l?trim?has_content) as l>
// ${comment(l)}
</#list>
package ${package};

%imports%
</#macro>

<#-- The names of local variables and parameters, which those of columns can be; templates choose others then. -->
<#assign at = "at">
<#assign statement = "statement">
<#assign rows = "rows">

<#function free name columns>
  <#return columns?map(c -> c.property)?seq_contains(name)?then(free(name + "_", columns), name)>
</#function>

<#function type column>
  <#local single = single_type(column)>
  <#if column.list><#return use("java.util.List") + "<" + single + ">"></#if>
  <#return single>
</#function>

<#-- A type whose values can be null. -->
<#function single_type column>
  <#if column.enum?has_content><#return use(design.package + "." + column.enum)></#if>
  <#return use(language.type(column.type))>
</#function>

<#-- The types that cannot be null. -->
<#assign primitives = {"int": "int", "small int": "short", "big int": "long", "serial": "long", "real": "double", "boolean": "boolean"}>

<#-- The type of a parameter: one that cannot be null where the column must be filled. -->
<#function parameter column>
  <#return (column.required && can_be_primitive(column))?then(primitives[column.type], type(column))>
</#function>

<#function can_be_primitive column>
  <#return !column.generated && !column.list && !column.enum?has_content && primitives[column.type]??>
</#function>

<#-- Whether what has a column cannot be without it. -->
<#function is_primitive column><#return column.partRequired && can_be_primitive(column)></#function>

<#-- The components of a value that cannot be null, those of values in it included, with points between. -->
<#function primitives_of fields prefix="" seen=[]>
  <#local all = []>
  <#list fields as f>
    <#if f.type.word == "value" && !seen?seq_contains(f.type.class)>
      <#list design.valueTypes?filter(v -> v.class == f.type.class) as v>
        <#local all = all + primitives_of(v.fields, prefix + f.name + ".", seen + [f.type.class])>
      </#list>
    <#elseif !f.optional && primitives[f.type.word]??>
      <#local all = all + [prefix + f.name]>
    </#if>
  </#list>
  <#return all>
</#function>

<#-- Whether a value has rules, of its own or of values in it. -->
<#function ruled class seen=[]>
  <#if seen?seq_contains(class)><#return false></#if>
  <#list design.valueTypes?filter(v -> v.class == class) as v>
    <#if v.rules?has_content><#return true></#if>
    <#list v.fields?filter(f -> f.type.word == "value") as f>
      <#if ruled(f.type.class, seen + [class])><#return true></#if>
    </#list>
  </#list>
  <#return false>
</#function>

<#function component_type component>
  <#if !component.column??><#return use(component.package + "." + component.class)></#if>
  <#return is_primitive(component.column)?then(primitives[component.column.type], type(component.column))>
</#function>

<#-- What the row a result set stands at has as a component. -->
<#function read component optional=component.optional>
  <#if component.column??><#return read_column(component.column)></#if>
  <#local class = use(component.package + "." + component.class)>
  <#local value = "new " + class + "(" + component.parts?map(p -> read(p))?join(", ") + ")">
  <#if !optional><#return value></#if>
  <#return helper("isAny") + "(" + rows + ", " + component.columns?map(c -> literal(c.plain))?join(", ") + ") ? " + value + " : null">
</#function>

<#function read_column column>
  <#local place = rows + ", " + literal(column.plain)>
  <#if column.list><#return helper("list") + "(" + place + ", " + element_reader(column) + ")"></#if>
  <#if column.enum?has_content><#return helper("of") + "(" + place + ", " + use(design.package + "." + column.enum) + "::of)"></#if>
  <#switch column.type>
    <#case "duration"><#return helper("duration") + "(" + place + ")">
    <#case "small int"><#return helper("small") + "(" + place + ")">
    <#case "binary"><#return rows + ".getBytes(" + literal(column.plain) + ")">
    <#case "text"><#case "long text"><#case "json"><#return rows + ".getString(" + literal(column.plain) + ")">
  </#switch>
  <#return rows + ".getObject(" + literal(column.plain) + ", " + single_type(column) + ".class)">
</#function>

<#function element_reader column>
  <#if column.enum?has_content><#return "e -> " + use(design.package + "." + column.enum) + ".of((" + use("java.lang.String") + ") e)"></#if>
  <#return "e -> (" + single_type(column) + ") e">
</#function>

<#-- What an object has in a column: that of a part of a value that may be missing is null without it. -->
<#function got column object>
  <#local code = object>
  <#local owner = "">
  <#list column.path as step>
    <#local code = part_of(code, owner, step.property)>
    <#if step.optional || owner?has_content><#local owner = use(step.package + "." + step.class)></#if>
  </#list>
  <#return column.part?has_content?then(part_of(code, owner, column.part), code)>
</#function>

<#-- @param owner the class of an object that may be null, or empty -->
<#function part_of object owner part>
  <#return owner?has_content?then(helper("get") + "(" + object + ", " + owner + "::" + part + ")", object + "." + part + "()")>
</#function>

<#-- The statement that gives a value to a parameter. -->
<#function bind column value>
  <#local place = statement + ", " + at + "++, ">
  <#if column.list><#return helper("list") + "(" + place + literal(column.sqlType?remove_ending("[]")?replace("\\(.*\\)", "", "r")) + ", " + value + ", " + element_writer(column) + ");"></#if>
  <#if column.enum?has_content>
    <#local stored = helper("get") + "(" + value + ", " + use(design.package + "." + column.enum) + "::stored)">
    <#if column.sqlType?starts_with("varchar")><#return helper("set") + "(" + place + stored + ");"></#if>
    <#return statement + ".setObject(" + at + "++, " + stored + ", " + use("java.sql.Types") + ".OTHER);">
  </#if>
  <#switch column.type>
    <#case "duration"><#return helper("set") + "(" + place + helper("get") + "(" + value + ", " + use("java.time.Duration") + "::toMillis));">
    <#case "json"><#return statement + ".setObject(" + at + "++, " + value + ", " + use("java.sql.Types") + ".OTHER);">
    <#case "binary"><#return statement + ".setBytes(" + at + "++, " + value + ");">
  </#switch>
  <#return helper("set") + "(" + place + value + ");">
</#function>

<#function element_writer column>
  <#if column.enum?has_content><#return use(design.package + "." + column.enum) + "::stored"></#if>
  <#return "e -> e">
</#function>

<#function helper name><#return use(design.package + "." + design.values) + "." + name></#function>

<#-- The type of a field of a value. -->
<#function field_type field>
  <#local t = field.type>
  <#if t.word == "enum" || t.word == "value"><#return use(t.package + "." + t.class)></#if>
  <#return (!field.optional && primitives[t.word]??)?then(primitives[t.word], use(language.type(t.word)))>
</#function>

<#-- A field, or what is in its place, so that nobody else can change it. -->
<#function copy field value=field.name>
  <#if !field.bytes && !field.list><#return value></#if>
  <#local copied = field.bytes?then(value + ".clone()", use("java.util.List") + ".copyOf(" + value + ")")>
  <#return (field.must)?then(copied, field.name + " == null ? null : " + copied)>
</#function>

<#macro copied field>${field.name} = ${copy(field)};</#macro>

<#function now column>
  <#if column.type == "date"><#return use("java.time.LocalDate") + ".now()"></#if>
  <#if column.type == "time"><#return use("java.time.LocalTime") + ".now()"></#if>
  <#if column.type == "local timestamp"><#return use("java.time.LocalDateTime") + ".now()"></#if>
  <#return use("java.time.OffsetDateTime") + ".now()">
</#function>

<#-- A text that can stand in a comment. -->
<#function comment text><#return language.comment(text)></#function>

<#-- The sentence of a documentation and a space behind it; nothing when there is none. -->
<#function said doc>
  <#local text = comment(doc)>
  <#if !text?has_content><#return ""></#if>
  <#return text + text?matches("(?s).*[.!?:]")?then(" ", ". ")>
</#function>

<#-- What is to be said of a component. -->
<#function about component>
  <#if !component.column??>
    <#local said = comment(component.doc)?has_content?then([comment(component.doc)], [])>
    <#return said + component.optional?then(["null when there is none"], [])>
  </#if>
  <#local column = component.column>
  <#local said = []>
  <#if comment(column.doc)?has_content><#local said = said + [comment(column.doc)]></#if>
  <#if column.generated><#local said = said + ["counted up by the database; null before the row is stored"]><#elseif !column.required><#local said = said + ["null when there is none"]></#if>
  <#if column.stamp?has_content><#local said = said + ["set by itself on " + column.stamp + "; may be null in a row that is given"]></#if>
  <#if column.version><#local said = said + ["counts the updates of the row"]></#if>
  <#return said>
</#function>

<#function names columns><#return columns?map(c -> c.name)?join(", ")></#function>

<#function plain_names columns><#return columns?map(c -> literal(c.plain))?join(", ")></#function>

<#function marks columns><#return columns?map(c -> "?")?join(", ")></#function>

<#function signature columns><#return columns?map(c -> parameter(c) + " " + c.property)?join(", ")></#function>

<#function arguments columns><#return columns?map(c -> c.property)?join(", ")></#function>

<#-- @param table the columns are qualified by, or empty -->
<#function are columns table=""><#return columns?map(c -> qualified(c, table) + " = ?")?join(" and ")></#function>

<#function qualified column table=""><#return table?has_content?then(table + ".", "") + column.name></#function>

<#-- Statements that give values to parameters, a line each, in front of which is some space. -->
<#macro binds columns object="" space="            ">
<#list columns as c>
${space}${bind(c, object?has_content?then(got(c, object), c.property))}
</#list>
</#macro>

<#-- A string literal. -->
<#function literal text><#return language.text(text)></#function>

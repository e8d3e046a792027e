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

<#-- The classes of the types of the design; what is not among them is a text. -->
<#assign types = {
  "int": "java.lang.Integer",
  "small int": "java.lang.Short",
  "big int": "java.lang.Long",
  "serial": "java.lang.Long",
  "uuid": "java.util.UUID",
  "decimal": "java.math.BigDecimal",
  "real": "java.lang.Double",
  "boolean": "java.lang.Boolean",
  "date": "java.time.LocalDate",
  "time": "java.time.LocalTime",
  "timestamp": "java.time.OffsetDateTime",
  "local timestamp": "java.time.LocalDateTime",
  "duration": "java.time.Duration"
}>

<#function type column>
  <#local single = single_type(column)>
  <#if column.list><#return use("java.util.List") + "<" + single + ">"></#if>
  <#return single>
</#function>

<#-- A type whose values can be null. -->
<#function single_type column>
  <#if column.enum?has_content><#return use(design.package + "." + column.enum)></#if>
  <#return (column.type == "binary")?then("byte[]", use(types[column.type]!"java.lang.String"))>
</#function>

<#-- The types that cannot be null. -->
<#assign primitives = {"int": "int", "small int": "short", "big int": "long", "serial": "long", "real": "double", "boolean": "boolean"}>

<#-- The type of a component: one that cannot be null where the column must be filled. -->
<#function component column>
  <#return is_primitive(column)?then(primitives[column.type], type(column))>
</#function>

<#function is_primitive column>
  <#return column.required && !column.generated && !column.list && !column.enum?has_content && primitives[column.type]??>
</#function>

<#-- The value of a column in the row a result set stands at. -->
<#function read column>
  <#local at = "rows, \"" + column.plain?j_string + "\"">
  <#if column.list><#return use(design.package + "." + design.values) + ".list(" + at + ", " + element_reader(column) + ")"></#if>
  <#if column.enum?has_content><#return use(design.package + "." + design.values) + ".of(" + at + ", " + use(design.package + "." + column.enum) + "::of)"></#if>
  <#switch column.type>
    <#case "duration"><#return use(design.package + "." + design.values) + ".duration(" + at + ")">
    <#case "small int"><#return use(design.package + "." + design.values) + ".small(" + at + ")">
    <#case "binary"><#return "rows.getBytes(\"" + column.plain?j_string + "\")">
    <#case "text"><#case "long text"><#case "json"><#return "rows.getString(\"" + column.plain?j_string + "\")">
  </#switch>
  <#return "rows.getObject(\"" + column.plain?j_string + "\", " + single_type(column) + ".class)">
</#function>

<#function element_reader column>
  <#if column.enum?has_content><#return "e -> " + use(design.package + "." + column.enum) + ".of((" + use("java.lang.String") + ") e)"></#if>
  <#return "e -> (" + single_type(column) + ") e">
</#function>

<#-- The statement that gives a value to a parameter. -->
<#function bind column value>
  <#if column.list><#return use(design.package + "." + design.values) + ".list(statement, at++, \"" + column.sqlType?remove_ending("[]")?replace("\\(.*\\)", "", "r")?j_string + "\", " + value + ", " + element_writer(column) + ");"></#if>
  <#if column.enum?has_content && !column.sqlType?starts_with("varchar")><#return "statement.setObject(at++, " + value + " == null ? null : " + value + ".stored(), " + use("java.sql.Types") + ".OTHER);"></#if>
  <#if column.enum?has_content><#return "statement.setString(at++, " + value + " == null ? null : " + value + ".stored());"></#if>
  <#switch column.type>
    <#case "duration"><#return use(design.package + "." + design.values) + ".set(statement, at++, " + value + " == null ? null : " + value + ".toMillis());">
    <#case "json"><#return "statement.setObject(at++, " + value + ", " + use("java.sql.Types") + ".OTHER);">
    <#case "binary"><#return "statement.setBytes(at++, " + value + ");">
  </#switch>
  <#return use(design.package + "." + design.values) + ".set(statement, at++, " + value + ");">
</#function>

<#function element_writer column>
  <#if column.enum?has_content><#return use(design.package + "." + column.enum) + "::stored"></#if>
  <#return "e -> e">
</#function>

<#function now column>
  <#if column.type == "date"><#return use("java.time.LocalDate") + ".now()"></#if>
  <#if column.type == "time"><#return use("java.time.LocalTime") + ".now()"></#if>
  <#if column.type == "local timestamp"><#return use("java.time.LocalDateTime") + ".now()"></#if>
  <#return use("java.time.OffsetDateTime") + ".now()">
</#function>

<#-- A text that can stand in a comment. -->
<#function comment text>
  <#return text?replace("\\s+", " ", "r")?replace("\\", "&#92;")?replace("*/", "*&#47;")?replace("@", "&#64;")?replace("<", "&lt;")?trim>
</#function>

<#-- What is to be said of a column. -->
<#function about column>
  <#local about = []>
  <#if column.doc?has_content><#local about = about + [comment(column.doc)]></#if>
  <#if column.generated><#local about = about + ["counted up by the database; null before the row is stored"]><#elseif !column.required><#local about = about + ["null when there is none"]></#if>
  <#if column.stamp?has_content><#local about = about + ["set by itself on " + column.stamp + "; may be null in a row that is given"]></#if>
  <#if column.version><#local about = about + ["counts the updates of the row"]></#if>
  <#return about>
</#function>

<#function names columns><#return columns?map(c -> c.name)?join(", ")></#function>

<#function signature columns><#local all = []><#list columns as c><#local all = all + [component(c) + " " + c.property]></#list><#return all?join(", ")></#function>

<#function arguments columns><#return columns?map(c -> c.property)?join(", ")></#function>

<#function are columns><#return columns?map(c -> c.name + " = ?")?join(" and ")></#function>

<#-- A string literal. -->
<#function literal text><#return "\"" + text?j_string + "\""></#function>

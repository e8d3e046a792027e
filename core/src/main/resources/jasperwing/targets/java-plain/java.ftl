<#-- What all templates of this folder share: types, texts and values of Java. -->
<#function type column>
  <#local single = single_type(column)>
  <#if column.list><#return use("java.util.List") + "<" + single + ">"></#if>
  <#return single>
</#function>

<#-- A type whose values can be null. -->
<#function single_type column>
  <#if column.enum?has_content><#return use(design.package + "." + column.enum)></#if>
  <#switch column.type>
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

<#-- The type of a component: one that cannot be null where the column must be filled. -->
<#function component column>
  <#if column.required && !column.generated && !column.list && !column.enum?has_content>
    <#switch column.type>
      <#case "int"><#return "int">
      <#case "small int"><#return "short">
      <#case "big int"><#case "serial"><#return "long">
      <#case "real"><#return "double">
      <#case "boolean"><#return "boolean">
    </#switch>
  </#if>
  <#return type(column)>
</#function>

<#function is_primitive column>
  <#return ["int", "short", "long", "double", "boolean"]?seq_contains(component(column))>
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

<#import "java.ftl" as java>
<#assign columns = entity.columns>
<#assign given = columns?filter(c -> !c.generated)>
<#assign rest = columns?filter(c -> !c.key && !c.generated && c.stamp != "insert")>
<#assign versions = columns?filter(c -> c.version)>
<#assign where = entity.condition?has_content?then(" where " + entity.condition, "")>
<#assign and = entity.condition?has_content?then(" and " + entity.condition, "")>
<@file path=java.path(entity.package, entity.class) package=entity.package name=entity.class>
<@java.head package=entity.package/>
<#assign references = columns?filter(c -> c.required && !c.generated && !c.stamp?has_content && !java.is_primitive(c))>
<#assign lists = columns?filter(c -> c.list)>
<#assign arrays = columns?filter(c -> c.type == "binary" && !c.list)>
<#if design.records><#include "record.ftl"><#else><#include "class.ftl"></#if>
</@file>
<#assign rowsName = entity.rows>
<@file path=java.path(entity.package, rowsName) package=entity.package name=rowsName>
<@java.head package=entity.package/>
<#include "rows.ftl">
</@file>

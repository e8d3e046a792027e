<#import "java.ftl" as java>
<#assign columns = entity.columns>
<#assign given = columns?filter(c -> !c.generated)>
<#assign rest = columns?filter(c -> !c.key && !c.generated && c.stamp != "insert")>
<#assign versions = columns?filter(c -> c.version)>
<#assign where = entity.condition?has_content?then(" where " + entity.condition, "")>
<#assign and = entity.condition?has_content?then(" and " + entity.condition, "")>
<@file path="${entity.package?replace('.', '/')}/${entity.class}.java" package=entity.package name=entity.class>
// Written by Jasperwing; what is changed by hand is kept when it writes again.
<#list design.header?split("\n")?filter(l -> l?trim?has_content) as l>
// ${java.comment(l)}
</#list>
package ${entity.package};

%imports%
<#assign references = columns?filter(c -> c.required && !c.generated && !c.stamp?has_content && !java.is_primitive(c))>
<#assign lists = columns?filter(c -> c.list)>
<#assign arrays = columns?filter(c -> c.type == "binary" && !c.list)>
<#if design.records><#include "record.ftl"><#else><#include "class.ftl"></#if>
</@file>
<#assign rowsName = entity.rows>
<@file path="${entity.package?replace('.', '/')}/${rowsName}.java" package=entity.package name=rowsName>
// Written by Jasperwing; what is changed by hand is kept when it writes again.
<#list design.header?split("\n")?filter(l -> l?trim?has_content) as l>
// ${java.comment(l)}
</#list>
package ${entity.package};

%imports%
<#include "rows.ftl">
</@file>

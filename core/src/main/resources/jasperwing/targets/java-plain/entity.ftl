<#import "java.ftl" as java>
<@file path=java.path(entity.package, entity.class) package=entity.package name=entity.class>
<@java.head package=entity.package/>
<#assign name = entity.class>
<#assign title = ("A row of " + java.comment(entity.table) + ". " + java.said(entity.doc))?trim>
<#assign fields = entity.components?map(c -> {
  "name": c.property,
  "type": java.component_type(c),
  "member": c.member,
  "about": java.about(c)?join("; "),
  "list": c.column?? && c.column.list,
  "ruled": !c.column?? && java.ruled(c.class),
  "bytes": c.column?? && c.column.type == "binary" && !c.column.list,
  "must": c.column???then(c.column.required && !c.column.generated && !c.column.stamp?has_content && !java.is_primitive(c.column), !c.optional)
})>
<#assign computed = entity.computed>
<#assign rules = entity.rules>
<#assign primitives = entity.columns?filter(c -> java.is_primitive(c))?map(c -> (c.path?map(s -> s.property) + [c.part])?join("."))>
<#assign oneOfs = entity.oneOfs>
<#if design.records><#include "record.ftl"><#else><#include "class.ftl"></#if>
</@file>
<@file path=java.path(entity.package, entity.rows) package=entity.package name=entity.rows>
<@java.head package=entity.package/>
<#include "rows.ftl">
</@file>

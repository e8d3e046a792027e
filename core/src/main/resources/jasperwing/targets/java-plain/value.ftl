<#import "java.ftl" as java>
<@file path=java.path(group.package, group.class) package=group.package name=group.class>
<@java.head package=group.package/>
<#assign name = group.class>
<#assign title = java.comment(group.doc)?has_content?then(java.comment(group.doc), "A value: several columns as one.")>
<#assign fields = group.fields?map(f -> {
  "name": f.name,
  "type": java.field_type(f),
  "member": f.member,
  "about": (java.comment(f.doc)?has_content?then([java.comment(f.doc)], []) + f.optional?then(["null when there is none"], []))?join("; "),
  "list": false,
  "bytes": f.type.word == "binary",
  "ruled": f.type.word == "value" && java.ruled(f.type.class),
  "must": !f.optional && !(java.primitives[f.type.word]??)
})>
<#assign computed = []>
<#assign rules = group.rules>
<#assign primitives = java.primitives_of(group.fields)>
<#assign oneOfs = []>
<#if design.records><#include "record.ftl"><#else><#include "class.ftl"></#if>
</@file>

<#import "java.ftl" as java>
<#assign object = entity.object>
<@file path=java.path(entity.package, entity.class) package=entity.package name=entity.class>
<@java.head package=entity.package/>
<@java.doc text=entity.doc/>
<#if java.annotated><@java.annotations all=object.mapping.annotations space=""/></#if>
public <#if object.abstract>abstract </#if>class ${entity.class}<#if object.above??> extends ${use(object.above.package + "." + object.above.class)}</#if><#if object.interfaces?has_content> implements ${object.interfaces?map(i -> use(i))?join(", ")}</#if> {
<#list object.fields as f>

${of(f.member)}
<@java.doc text=f.doc space="    "/>
<@java.field f=f/>
</#list>
${of("")}
<#include "constructors.ftl">
<#include "accessors.ftl">
<@java.rules all=entity.rules/>
<#include "identity.ftl">
}
</@file>
<#list entity.associations?filter(a -> a.kind == "each") as a>
<#include "subject.ftl">
</#list>

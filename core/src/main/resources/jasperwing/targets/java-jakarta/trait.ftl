<#import "java.ftl" as java>
<@file path=java.path(group.package, group.class) package=group.package name=group.class>
<@java.head package=group.package/>
<@java.doc text=group.doc/>
<#list group.fields>
public interface ${group.class} {
<#items as f>
${of(f.name)}
<@java.doc text=f.doc space="    "/>
    ${java.type(f.type)} ${method("get", f.name)}();
<#sep>

</#sep>
</#items>
${of("")}
}
<#else>
public interface ${group.class} {}
</#list>
</@file>

<#-- The interface that the subjects of a one-of share. -->
<#assign name = a.interface?keep_after_last(".")>
<@file path=java.path(entity.package, name) package=entity.package name=name>
<@java.head package=entity.package/>
${of(a.name)}
<@java.doc text="What " + entity.name + " can have as " + a.name + "."/>
<#if a.backShared>
public interface ${name} {
<#assign type = use(entity.package + "." + entity.class)>
<#if a.subjects?filter(s -> s.unique)?has_content>
    ${type} ${method("get", a.back)}();
<#else>
    ${use("java.util.Collection")}<${type}> ${method("get", a.back)}();
<#if java.changes>

    void ${elementMethod("add", a.back)}(${type} other);

    void ${elementMethod("remove", a.back)}(${type} other);
</#if>
</#if>
}
<#else>
public interface ${name} {}
</#if>
${of("")}
</@file>

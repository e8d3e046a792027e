<#import "java.ftl" as java>
<#if design.mapping.rowLists?has_content><#include "lists.ftl"></#if>
<#if design.durations>
<@file path=java.path(design.package, "DurationMillis") package=design.package name="DurationMillis">
<#assign duration = use("java.time.Duration")>
<#assign number = use("java.lang.Long")>
<@java.head package=design.package/>
/** Keeps a duration as milliseconds. */
@${use("jakarta.persistence.Converter")}
public class DurationMillis implements ${use("jakarta.persistence.AttributeConverter")}<${duration}, ${number}> {
    @${use("java.lang.Override")}
    public ${number} convertToDatabaseColumn(${duration} value) {
        return value == null ? null : value.toMillis();
    }

    @${use("java.lang.Override")}
    public ${duration} convertToEntityAttribute(${number} millis) {
        return millis == null ? null : ${duration}.ofMillis(millis);
    }
}
</@file>
</#if>
<#if design.inverses && java.changes>
<@file path=java.path(design.package, "LoadedCheck") package=design.package name="LoadedCheck">
<@java.head package=design.package/>
/** Tells collections that are in memory from those that the persistence provider has not loaded yet. */
public final class LoadedCheck {
    private LoadedCheck() {}

    public static boolean isLoaded(${use("java.lang.Object")} entity, ${use("java.lang.String")} collection) {
        return entity != null && ${use("jakarta.persistence.Persistence")}.getPersistenceUtil().isLoaded(entity, collection);
    }
}
</@file>
</#if>
<#if !java.annotated><#include "orm.ftl"></#if>

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
<#if design.timeOrdered>
<@file path=java.path(design.package, "TimeOrderedUuid") package=design.package name="TimeOrderedUuid">
<#assign uuid = use("java.util.UUID")>
<@java.head package=design.package/>
/** Makes UUIDs of version 7, which are in order of time. */
public final class TimeOrderedUuid {
    private TimeOrderedUuid() {}

    public static ${uuid} next() {
        ${uuid} random = ${uuid}.randomUUID();
        long time = ${use("java.lang.System")}.currentTimeMillis() << 16;
        return new ${uuid}(time | 0x7000 | random.getMostSignificantBits() & 0xFFF, random.getLeastSignificantBits());
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

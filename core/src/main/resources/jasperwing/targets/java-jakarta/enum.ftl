<#import "java.ftl" as java>
<@file path=java.path(enum.package, enum.class) package=enum.package name=enum.class>
<#assign string = use("java.lang.String")>
<@java.head package=enum.package/>
<@java.doc text=enum.doc/>
public enum ${enum.class} {
<#list enum.values as v>
<@java.doc text=v.doc space="    "/>
    ${of(v.name)}${v.constant}(${java.literal(v.name)}, ${java.literal(v.label)})<#sep>,</#sep><#if !v?has_next>;</#if>
</#list>
${of("")}

    private final ${string} stored;
    private final ${string} label;

    ${enum.class}(${string} stored, ${string} label) {
        this.stored = stored;
        this.label = label;
    }

    /** How the database keeps it. */
    public ${string} stored() {
        return stored;
    }

    /** How people see it. */
    public ${string} label() {
        return label;
    }

<#assign retired = enum.values?filter(v -> v.retired)>
<#if retired?has_content>
    /** Whether rows may still hold it, but new ones should not. */
    public boolean retired() {
        return <#list retired as v>this == ${v.constant}<#sep> || </#sep></#list>;
    }

</#if>
    /** The value the database keeps so; null for null. */
    public static ${enum.class} of(${string} stored) {
        if (stored == null) {
            return null;
        }
        for (${enum.class} value : values()) {
            if (value.stored.equals(stored)) {
                return value;
            }
        }
        throw new ${use("java.lang.IllegalArgumentException")}("not a ${enum.class}: " + stored);
    }

    @${use("jakarta.persistence.Converter")}
    public static class Stored implements ${use("jakarta.persistence.AttributeConverter")}<${enum.class}, ${string}> {
        @${use("java.lang.Override")}
        public ${string} convertToDatabaseColumn(${enum.class} value) {
            return value == null ? null : value.stored;
        }

        @${use("java.lang.Override")}
        public ${enum.class} convertToEntityAttribute(${string} stored) {
            return of(stored);
        }
    }
}
</@file>

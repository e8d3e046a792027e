<#import "java.ftl" as java>
<@file path=java.path(enum.package, enum.class) package=enum.package name=enum.class>
<@java.head package=enum.package/>
/** ${java.said(enum.doc)}A closed list, each value with what is stored and what is shown. */
public enum ${enum.class} {
<#list enum.values as v>
<#if v.doc?has_content>
    /** ${language.comment(v.doc)} */
</#if>
    ${of(v.name)}${v.constant}(${java.literal(v.name)}, ${java.literal(v.label)})<#sep>,</#sep><#if !v?has_next>;</#if>
</#list>
${of("")}

    private final ${use("java.lang.String")} stored;
    private final ${use("java.lang.String")} label;

    ${enum.class}(${use("java.lang.String")} stored, ${use("java.lang.String")} label) {
        this.stored = stored;
        this.label = label;
    }

    /** How the database keeps it. */
    public ${use("java.lang.String")} stored() {
        return stored;
    }

    /** How people see it. */
    public ${use("java.lang.String")} label() {
        return label;
    }

<#assign retired = enum.values?filter(v -> v.retired)>
<#if retired?has_content>
    /** Whether rows may still hold it, but new ones should not. */
    public boolean retired() {
        return <#list retired as v>this == ${v.constant}<#sep> || </#sep></#list>;
    }

</#if>
    /** The value that is stored so; null for null. */
    public static ${enum.class} of(${use("java.lang.String")} stored) {
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
}
</@file>

<#import "java.ftl" as java>
<#assign names = group.fields?map(f -> f.name)>
<@file path=java.path(group.package, group.class) package=group.package name=group.class>
<@java.head package=group.package/>
<@java.doc text=group.doc/>
<#if java.annotated><@java.annotations all=group.mapping.annotations space=""/></#if>
public class ${group.class} {
<#list group.fields as f>

${of(f.name)}
<@java.doc text=f.doc space="    "/>
<@java.field f=f/>
</#list>
${of("")}

<#if names?has_content>
    /** For the persistence provider. */
    protected ${group.class}() {}

<@java.signature start="public " + group.class parameters=group.fields?map(f -> java.type(f.type) + " " + f.name)/>
<#list names as n>
        ${of(n)}this.${n} = ${n};
</#list>
${of("")}
    }
<#else>
    public ${group.class}() {}
</#if>
<#list group.fields as f>
${of(f.name)}
<@java.getter type=java.type(f.type) name=f.name/>
</#list>
${of("")}
<@java.rules all=group.rules/>

    @${use("java.lang.Override")}
    public boolean equals(${use("java.lang.Object")} other) {
        return this == other || other instanceof ${group.class}<#if names?has_content> that</#if><#list group.fields as f> && <#if f.type.word == "decimal" && !f.type.many?has_content>isSame(this.${f.name}, that.${f.name})<#else>${use("java.util.Objects")}.equals(this.${f.name}, that.${f.name})</#if></#list>;
    }

    @${use("java.lang.Override")}
    public int hashCode() {
<#if names?has_content>
        return ${use("java.util.Objects")}.hash(${group.fields?map(f -> (f.type.word == "decimal" && !f.type.many?has_content)?then("scaled(" + f.name + ")", f.name))?join(", ")});
<#else>
        return ${group.class}.class.hashCode();
</#if>
    }

<#if group.fields?filter(f -> f.type.word == "decimal" && !f.type.many?has_content)?has_content>
<#assign decimal = use("java.math.BigDecimal")>
    /** A database gives numbers back with the decimals of the column. */
    private static boolean isSame(${decimal} one, ${decimal} other) {
        return one == null ? other == null : other != null && one.compareTo(other) == 0;
    }

    private static ${decimal} scaled(${decimal} number) {
        return number == null ? null : number.stripTrailingZeros();
    }

</#if>
    @${use("java.lang.Override")}
    public ${use("java.lang.String")} toString() {
        return ${java.literal(group.class)}<#list names as n> + " " + ${n}</#list>;
    }
}
</@file>

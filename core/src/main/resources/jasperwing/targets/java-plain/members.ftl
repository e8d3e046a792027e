<#-- What a row or value has besides its fields, whether it is a record or a class. -->
<#assign bytes = fields?filter(f -> f.bytes)?map(f -> f.name)>
<#function of_bytes f><#return bytes?seq_contains(f.name)></#function>
<#list fields as f>

    ${of(f.member)}/** The same with another ${f.name}. */
    public ${name} with${f.name?remove_beginning("_")?cap_first}(${f.type} ${f.name}) {
        return new ${name}(${fields?map(o -> o.name)?join(", ")});
    }
</#list>
${of("")}
<#if bytes?has_content || !design.records>

    /** The same when all is<#if bytes?has_content>, bytes one by one</#if>. */
    @${use("java.lang.Override")}
    public boolean equals(${use("java.lang.Object")} other) {
        return this == other || other instanceof ${name}<#if fields?has_content> that</#if><#list fields as f> && ${of_bytes(f)?then(use("java.util.Arrays"), use("java.util.Objects"))}.equals(this.${f.name}, that.${f.name})</#list>;
    }

    @${use("java.lang.Override")}
    public int hashCode() {
        return ${use("java.util.Objects")}.hash(${fields?map(f -> of_bytes(f)?then(use("java.util.Arrays") + ".hashCode(" + f.name + ")", f.name))?join(", ")});
    }
<#if !design.records>

    @${use("java.lang.Override")}
    public ${use("java.lang.String")} toString() {
        return "${name}[<#list fields as f>${f.name}=" + ${of_bytes(f)?then(use("java.util.Arrays") + ".toString(" + f.name + ")", f.name)} + "<#sep>, </#sep></#list>]";
    }
</#if>
</#if>
<#list computed as c>
<#assign lines = code(c.property, primitives)>
<#if lines?has_content>

    ${of(c.member)}/** ${java.said(c.doc)}Computed from the row; null when that gives nothing. */
    public ${java.single_type(c)} ${c.property}() {
<#list lines as line>
        ${line}
</#list>
    }
</#if>
</#list>
${of("")}
<#assign checked = rules?filter(r -> holds(r.name, primitives)?has_content)>
<#assign parts = fields?filter(f -> f.ruled)>
<#assign free = !fields?map(f -> f.name)?seq_contains("brokenRules")>
<#if free && (checked?has_content || parts?has_content)>

    /** The messages of the rules it breaks; empty when it breaks none. */
    public ${use("java.util.List")}<${use("java.lang.String")}> brokenRules() {
        ${use("java.util.List")}<${use("java.lang.String")}> broken = new ${use("java.util.ArrayList")}<>();
<#list checked as r>
        if (!${method("keeps", r.name)}()) {
            broken.add(${java.literal(r.message)});
        }
</#list>
<#list parts as f>
        ${of(f.member)}<#if f.must>broken.addAll(this.${f.name}.brokenRules());<#else>if (this.${f.name} != null) {
            broken.addAll(this.${f.name}.brokenRules());
        }</#if>
</#list>
${of("")}
        return ${use("java.util.List")}.copyOf(broken);
    }
<#list checked as r>

    private boolean ${method("keeps", r.name)}() {
<#list holds(r.name, primitives) as line>
        ${line}
</#list>
    }
</#list>
</#if>
<#list oneOfs as oneOf>

    ${of(oneOf.member)}/** What ${oneOf.role} points to: the kind of thing and its key<#if !oneOf.must>, or nothing</#if>. */
    public sealed interface ${oneOf.role?cap_first} {
<#list oneOf.subjects as s>
        record ${s.class}Key(${java.signature(s.columns)}) implements ${oneOf.role?cap_first} {}
<#sep>

</#sep>
</#list>
    }

    /** What ${oneOf.role} points to<#if !oneOf.must>; null when it points to nothing</#if>. */
    public ${oneOf.role?cap_first} ${oneOf.role}() {
<#list oneOf.subjects as s>
        if (${java.got(s.columns[0], "this")} != null) {
            return new ${oneOf.role?cap_first}.${s.class}Key(${s.columns?map(c -> java.got(c, "this"))?join(", ")});
        }
</#list>
<#if oneOf.must>
        throw new ${use("java.lang.IllegalStateException")}("${oneOf.role} points to nothing");
<#else>
        return null;
</#if>
    }
</#list>
${of("")}
}

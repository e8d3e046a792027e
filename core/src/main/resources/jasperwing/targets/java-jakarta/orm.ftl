<#-- The annotations as META-INF/orm.xml: each is the element, or the attribute of one, that the standard has for it, in the order its schema asks for. -->
<#assign of_class = ["Table", "IdClass", "Inheritance", "DiscriminatorValue", "DiscriminatorColumn"]>
<#assign kinds = ["id", "basic", "version", "many-to-one", "one-to-many", "one-to-one", "many-to-many", "element-collection", "embedded"]>
<#-- What says of which kind a field is; the first that is said. -->
<#assign telling = ["ManyToOne", "OneToOne", "OneToMany", "ManyToMany", "ElementCollection", "Embedded", "Version", "Id"]>
<#assign within = ["OrderBy", "OrderColumn", "Column", "GeneratedValue", "JoinColumn", "JoinColumns", "JoinTable", "AttributeOverride", "Convert", "CollectionTable"]>
<#-- Members that are not attributes but elements. -->
<#assign elements = {"joinColumns": "join-column", "inverseJoinColumns": "inverse-join-column", "uniqueConstraints": "unique-constraint", "column": "column", "columnNames": "column-name"}>
<@file path="META-INF/orm.xml">
<?xml version="1.0" encoding="UTF-8"?>
<!-- Written by Jasperwing; what is changed by hand is kept when it writes again. -->
<entity-mappings xmlns="https://jakarta.ee/xml/ns/persistence/orm" version="3.1">
    <access>FIELD</access>
<#list design.entities as e>
    ${of(e.name, "")}<entity class="${xml(e.package + "." + e.class)}">
<#list of_class as name>
<#list e.object.mapping.annotations?filter(a -> a.name == name) as a>
<@element name=kebab(name) a=a space="        "/>
</#list>
</#list>
<#list e.object.mapping.callbacks as c>
        <${kebab(c.annotation)} method-name="${xml(c.method)}"/>
</#list>
<#-- The schema has no place for a converter within the element of a key. -->
<#list e.object.fields?filter(f -> kind(f) == "id") as f>
<#list f.mapping.annotations?filter(a -> a.name == "Convert") as a>
${of(e.name, f.member)}
<@element name="convert" a=a space="        " more=" attribute-name=\"" + xml(f.name) + "\""/>
</#list>
</#list>
${of(e.name, "")}
<@attributes whole=e.name fields=e.object.fields/>
    </entity>
</#list>
<#list design.valueTypes as v>
    ${of(v.name, "")}<embeddable class="${xml(v.package + "." + v.class)}">
<@attributes whole=v.name fields=v.fields/>
    </embeddable>
</#list>
${of("", "")}
</entity-mappings>
</@file>

<#-- @param whole whose fields they are -->
<#macro attributes whole fields>
<#if fields?has_content>
        <attributes>
<#list kinds as k>
<#list fields?filter(f -> kind(f) == k) as f>
${of(whole, f.member)}
<@attribute kind=k f=f/>
</#list>
</#list>
        ${of(whole, "")}</attributes>
</#if>
</#macro>

<#function kind f>
  <#list telling as t>
    <#if f.mapping.annotations?filter(a -> a.name == t)?has_content><#return kebab(t)></#if>
  </#list>
  <#return "basic">
</#function>

<#macro attribute kind f>
<#local relations = f.mapping.annotations?filter(a -> kebab(a.name) == kind)>
<#local members = relations?has_content?then((relations?first).members, [])>
<#local keyed = kind?ends_with("-one") && f.mapping.annotations?filter(a -> a.name == "Id")?has_content>
<#local mapped = f.mapping.annotations?filter(a -> a.name == "MapsId")?has_content>
            <${kind} name="${xml(f.name)}"<#list members?filter(m -> m.name != "cascade") as m> ${kebab(m.name)}="${xml(text(m.value))}"</#list><#if keyed> id="true"</#if><#if mapped> maps-id=""</#if>>
<#list within as name>
<#if kind != "id" || name != "Convert">
<#list f.mapping.annotations?filter(a -> a.name == name) as a>
<#if name == "JoinColumns">
<#list a.members[0].value as column>
<@element name="join-column" a=column space="                "/>
</#list>
<#else>
<@element name=kebab(name) a=a space="                "/>
</#if>
</#list>
</#if>
</#list>
<#list members?filter(m -> m.name == "cascade") as m>
                <cascade>
<#list m.value as c>
                    <cascade-${c.constant?lower_case}/>
</#list>
                </cascade>
</#list>
            </${kind}>
</#macro>

<#-- @param more what else stands in its tag -->
<#macro element name a space more="">
<#if a.name == "OrderBy" || a.name == "DiscriminatorValue">
${space}<${name}>${xml(text(a.members[0].value))}</${name}>
<#else>
<#local inner = a.members?filter(m -> elements[m.name]??)>
${space}<${name}<#list a.members?filter(m -> !elements[m.name]??) as m> ${(m.name == "value")?then("class", kebab(m.name))}="${xml(text(m.value))}"</#list>${more}<#if !inner?has_content>/</#if>>
<#if inner?has_content>
<#list inner as m>
<#list m.value?is_sequence?then(m.value, [m.value]) as v>
<#if v?is_string>
${space}    <${elements[m.name]}>${xml(v)}</${elements[m.name]}>
<#else>
<@element name=elements[m.name] a=v space=space + "    "/>
</#if>
</#list>
</#list>
${space}</${name}>
</#if>
</#if>
</#macro>

<#function text v>
  <#if v?is_number || v?is_boolean><#return v?c></#if>
  <#if v?is_string><#return v></#if>
  <#if v.constant??><#return v.constant></#if>
  <#return v.qualified + v.nested?has_content?then("$" + v.nested, "")>
</#function>

<#function kebab name><#return name?replace("(?<=[a-z])(?=[A-Z])", "-", "r")?lower_case></#function>

<#-- A text that can stand in an element or an attribute; what XML has no character for becomes the one that stands for such. -->
<#function xml text>
  <#return text?replace("[\\x00-\\x08\\x0B\\x0C\\x0E-\\x1F\\uD800-\\uDFFF\\uFFFE\\uFFFF]", "\xFFFD", "r")?replace("&", "&amp;")?replace("<", "&lt;")?replace("\"", "&quot;")?replace("\t", "&#9;")?replace("\n", "&#10;")?replace("\r", "&#13;")>
</#function>

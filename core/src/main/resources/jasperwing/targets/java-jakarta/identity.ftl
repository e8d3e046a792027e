<#-- How objects are compared and shown, and the class of a key of several parts. -->
<#assign override = "@" + use("java.lang.Override")>
<#assign key = object.key>
<#if key?has_content && design.options.equals == "key">
<#-- Two objects are equal when both are stored and have the same key; the hash does not change by being stored. -->

    ${override}
    public boolean equals(${use("java.lang.Object")} other) {
        return this == other || other instanceof ${entity.class} that <#list key as k>&& ${method("get", k.name)}() != null && ${method("get", k.name)}().equals(that.${method("get", k.name)}())<#sep> </#sep></#list>;
    }

    ${override}
    public int hashCode() {
        return ${entity.class}.class.hashCode();
    }
</#if>
<#if design.options.display != "none" && (!object.above?? || entity.shown?has_content)>
<#assign shown = (design.options.display == "key")?then([], object.shown?map(s -> s.above?then(method("get", s.name) + "()", s.name)))>
<#if !shown?has_content>
<#assign text = ([object.root?then("getClass().getSimpleName()", java.literal(entity.class))] + key?filter(k -> object.properties?filter(p -> p.name == k.name)?has_content)?map(k -> k.name))?join(" + \" \" + ")>
<#elseif shown?size == 1>
<#assign text = use("java.lang.String") + ".valueOf(" + shown[0] + ")">
<#else>
<#assign text = shown?join(" + \" \" + ")>
</#if>

    ${override}
    public ${use("java.lang.String")} toString() {
        return ${text};
    }
</#if>
<#if key?has_content && object.composite>

<@java.doc text="The key of " + entity.name + "." space="    "/>
    public static class Key implements ${use("java.io.Serializable")} {
        private static final long serialVersionUID = 1L;

<#list key as k>
        private ${java.type(k.type)} ${k.name};
</#list>

        public Key() {}

        public Key(${key?map(k -> java.type(k.type) + " " + k.name)?join(", ")}) {
<#list key as k>
            this.${k.name} = ${k.name};
</#list>
        }

        ${override}
        public boolean equals(${use("java.lang.Object")} other) {
            return this == other || other instanceof Key that <#list key as k>&& ${use("java.util.Objects")}.equals(this.${k.name}, that.${k.name})<#sep> </#sep></#list>;
        }

        ${override}
        public int hashCode() {
            return ${use("java.util.Objects")}.hash(${key?map(k -> k.name)?join(", ")});
        }
    }
</#if>

<#-- The empty constructor, and one that takes what is chosen; of what cannot be changed, all that there is to say. -->
<#assign parameters = (design.options.constructors == "none")?then([], parameters_of(entity))>
<#assign second = parameters?has_content && (parameters?size <= 40 || !java.changes)>

<#if second>
    /** For the persistence provider. */
</#if>
    ${(second || object.abstract)?then("protected", "public")} ${entity.class}() {}
<#if second>

<@java.signature start=object.abstract?then("protected ", "public ") + entity.class parameters=parameters?map(p -> p.type + " " + p.name)/>
<#assign inherited = parameters?filter(p -> p.inherited)>
<#if inherited?has_content>
        super(${inherited?map(p -> p.name)?join(", ")});
</#if>
<#list parameters?filter(p -> !p.inherited) as p>
<#list p.statements as s>
        ${s}
</#list>
</#list>
    }
</#if>
<#list object.mapping.callbacks as c>

<#if java.annotated>
    @${use("jakarta.persistence." + c.annotation)}
</#if>
    void ${c.method}() {
<#if c.annotation == "PreRemove">
<#list c.fields as f>
        if (!${f.name}.isEmpty()) {
            throw new IllegalStateException(${java.literal("A " + entity.name + " cannot be deleted while it has " + f.name + ".")});
        }
</#list>
<#else>
<#assign moments = {}>
<#list c.fields?filter(f -> !java.is_number(f.type)) as f>
<#if c.fields?filter(o -> o.type.word == f.type.word)?size != 1 && !moments[f.type.word]??>
<#assign moments = moments + {f.type.word: "now" + (moments?size == 0)?then("", (moments?size + 1)?c)}>
        ${java.single(f.type)} ${moments[f.type.word]} = ${java.now(f.type)};
</#if>
</#list>
<#list c.fields as f>
        this.${f.name} = ${moments[f.type.word]!stamped(f)};
</#list>
</#if>
    }
</#list>
<#-- What is set by itself: the moment, or a count. -->
<#function stamped f>
  <#local type = java.single(f.type)>
  <#if !java.is_number(f.type)><#return java.now(f.type)></#if>
  <#local next = f.name + " == null ? " + java.number(f.type, "0")?remove_beginning("(short) ") + " : " + f.name + " + 1">
  <#return (f.type.word == "small int")?then("(short) (" + next + ")", next)>
</#function>

<#-- What the constructor takes; what the class it extends asks for comes first. -->
<#function parameters_of entity>
  <#local all = []>
  <#if entity.object.above??>
    <#list parameters_of(entity.object.above) as p><#local all = all + [p + {"inherited": true}]></#list>
  </#if>
  <#local numbered = numbered_by(entity.associations)>
  <#local single = entity.object.properties?filter(f -> !f.type.many?has_content && !f.stamp?has_content && !numbered?seq_contains(f.name))>
  <#list entity.associations?filter(a -> a.key) as a><#local all = all + parameters_of_association(a)></#list>
  <#list single?filter(f -> f.key) as f><#local all = all + parameters_of_property(f)></#list>
  <#list entity.associations?filter(a -> !a.key) as a><#local all = all + parameters_of_association(a)></#list>
  <#list single?filter(f -> !f.key) as f><#local all = all + parameters_of_property(f)></#list>
  <#if !java.changes>
    <#list entity.object.properties?filter(f -> f.type.many?has_content) as f>
      <#if f.mapping.listText?has_content>
        <#local all = all + [parameter(java.type(f.type), f.name, java.stored(f))]>
      <#else>
        <#local all = all + [copied("List", java.single(f.type), f.name)]>
      </#if>
    </#list>
  </#if>
  <#return all>
</#function>

<#-- The properties in which lists number what is in them. -->
<#function numbered_by associations>
  <#if !java.changes><#return []></#if>
  <#local all = []>
  <#list associations?filter(a -> a.owner) as a>
    <#local all = all + (a.kind == "each")?then(numbered_by(a.subjects), [a.position]?filter(p -> p?has_content))>
  </#list>
  <#return all>
</#function>

<#function parameters_of_property f>
  <#if !is_given(is_required(f), f.key)><#return []></#if>
  <#return [parameter(java.type(f.type), f.name, f.mapping.asStored?then(java.stored(f), f.name))]>
</#function>

<#function parameters_of_association a>
  <#switch a.kind>
    <#case "one">
      <#if !a.owner || !is_given(a.must, a.key)><#return []></#if>
      <#local type = use(a.package + "." + a.class)>
      <#return [java.changes?then(by_setter(type, a.name), parameter(type, a.name, a.name))]>
    <#case "outside">
      <#if !is_given(a.must, a.key)><#return []></#if>
      <#return [parameter(java.type(a.type), a.name, a.name)]>
    <#case "each">
      <#if is_given(a.must, false)><#return parameters_of_one_of(a)></#if>
      <#return []>
    <#case "kind">
      <#if java.changes && !is_given(a.must, false)><#return []></#if>
      <#return [
        parameter(use("java.lang.String"), a.name + "Kind", a.name + "Kind"),
        parameter(java.type(a.type), a.name + "Id", a.name + "Id")
      ]>
    <#case "many">
      <#if java.changes || !a.owner><#return []></#if>
      <#return [copied(a.order?has_content?then("List", "Set"), use(a.package + "." + a.class), a.name)]>
  </#switch>
  <#return []>
</#function>

<#function parameters_of_one_of a>
  <#local type = use(a.interface)>
  <#if java.changes>
    <#local all = [by_setter(type, a.name)]>
    <#list a.others as o><#local all = all + [by_setter(java.type(o.type), o.name)]></#list>
    <#return all>
  </#if>
  <#local statements = []>
  <#list a.subjects as s>
    <#local its = method("its", s.name)>
    <#local statements = statements + ["this." + s.name + " = " + a.name + " instanceof " + use(s.package + "." + s.class) + " " + its + " ? " + its + " : null;"]>
  </#list>
  <#local all = [{"type": type, "name": a.name, "statements": statements, "inherited": false}]>
  <#list a.others as o><#local all = all + [parameter(java.type(o.type), o.name, o.name)]></#list>
  <#return all>
</#function>

<#function parameter type name value>
  <#return {"type": type, "name": name, "statements": ["this." + name + " = " + value + ";"], "inherited": false}>
</#function>

<#-- The other end is told. -->
<#function by_setter type name>
  <#return {"type": type, "name": name, "statements": [method("set", name) + "(" + name + ");"], "inherited": false}>
</#function>

<#function copied collection element name>
  <#local kept = use("java.util." + (collection == "List")?then("ArrayList", "LinkedHashSet"))>
  <#return parameter(use("java.util." + collection) + "<" + element + ">", name, "new " + kept + "<>(" + name + ")")>
</#function>

<#function is_given required key>
  <#local chosen = design.options.constructors>
  <#if chosen == "needed" && (java.changes || key)><#return required></#if>
  <#return !key || chosen == "all">
</#function>

<#-- Whether an object cannot be without it. -->
<#function is_required f>
  <#if f.optional || f.type.word == "serial" || f.key && f.type.word == "uuid"><#return false></#if>
  <#return !java.first_value(f)?has_content>
</#function>

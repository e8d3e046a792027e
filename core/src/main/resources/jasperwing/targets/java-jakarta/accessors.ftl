<#-- The methods that read and change an object; those of associations keep both ends in step. -->
<#list object.properties as f>
${of(f.name)}
<#if f.mapping.asStored>
<@as_stored f=f/>
<#elseif f.type.many?has_content>
<#if java.changes>
<@java.getter type=java.type(f.type) name=f.name/>
<#else>
<@view collection="List" element=java.single(f.type) name=f.name/>
</#if>
<#else>
<#assign type = java.type(f.type)>
<@java.getter type=type name=f.name/>
<#if !f.generated && !f.stamp?has_content><@setter type=type name=f.name/></#if>
</#if>
</#list>
<#list object.computed as f>
<#assign statements = code(f.name)>
<#if statements?has_content>

${of(f.name)}
<@java.doc text=f.doc space="    "/>
    public ${java.type(f.type)} ${method("get", f.name)}() {
<#list statements as s>
        ${s}
</#list>
    }
</#if>
</#list>
<#list entity.associations as a>
${of(a.name)}
<#switch a.kind>
<#case "one">
<#assign type = use(a.package + "." + a.class)>
<#if a.owner>
<@java.getter type=type name=a.name/>
<@reference type=type a=a/>
<#else>
<@back_one type=type a=a/>
</#if>
<#break>
<#case "outside">
<@java.getter type=java.type(a.type) name=a.name/>
<@setter type=java.type(a.type) name=a.name/>
<#break>
<#case "many">
<#if a.joined><@pairs a=a/><#else><@many a=a/></#if>
<#break>
<#case "through">
<@through a=a/>
<#break>
<#case "each">
<@one_of a=a/>
<#break>
<#case "kind">
<@kind_and_id a=a/>
<#break>
</#switch>
</#list>
${of("")}
<#-- What the object has as a text: a list in a column, or an enum in a key. -->
<#macro as_stored f>
<#local type = java.type(f.type)>

    public ${type} ${method("get", f.name)}() {
        return ${java.restored(f)};
    }
<#if java.changes>

<@setter_head type=type name=f.name/>
        this.${f.name} = ${java.stored(f)};
<@setter_end/>
</#if>
</#macro>

<#macro setter_head type name>
    public ${java.given(entity.class)} ${method("set", name)}(${type} ${name}) {
</#macro>

<#macro setter_end>
<#if java.fluent>
        return this;
</#if>
    }
</#macro>

<#macro leave>
            return<#if java.fluent> this</#if>;
</#macro>

<#macro setter type name>
<#if java.changes>

<@setter_head type=type name=name/>
        this.${name} = ${name};
<@setter_end/>
</#if>
</#macro>

<#-- A name for a local variable beside a parameter. -->
<#function local_name wanted parameter><#return (wanted == parameter)?then(wanted + "_", wanted)></#function>

<#-- A setter that tells the object let go and the one taken up. -->
<#macro reference type a>
<#if !java.changes || !a.opposite?has_content && !a.agreed?has_content>
<@setter type=type name=a.name/>
<#elseif !a.opposite?has_content>

<@setter_head type=type name=a.name/>
        this.${a.name} = ${a.name};
<@agree a=a/>
<@setter_end/>
<#else>
<#local before = local_name("before", a.name)>
<#local get = method("get", a.opposite)>

<@setter_head type=type name=a.name/>
        if (this.${a.name} == ${a.name}) {
<@leave/>
        }
        ${type} ${before} = this.${a.name};
        this.${a.name} = ${a.name};
<@step_out object=before a=a/>
<@step_in object=a.name a=a/>
<@agree a=a/>
<@setter_end/>
</#if>
</#macro>

<#-- What a rule has lead to the same is set with it. -->
<#macro agree a>
<#if a.agreed?has_content>
        if (${a.name} != null) {
<#list a.agreed as g>
            ${method("set", g.name)}(${a.name}.${method("get", g.there)}());
</#list>
        }
</#if>
</#macro>

<#-- What led back to the object leads back no more; what is not in memory is found so when it is loaded. -->
<#macro step_out object a>
        if (${java.loaded(object, a.opposite)}<#if a.unique> && ${java.is_same(object + "." + method("get", a.opposite) + "()")}</#if>) {
            ${object}.${a.unique?then(method("set", a.opposite) + "(null)", elementMethod("remove", a.opposite) + "(this)")};
        }
</#macro>

<#macro step_in object a>
        if (${a.position?has_content?then(object + " != null", java.loaded(object, a.opposite))}) {
            ${object}.${a.unique?then(method("set", a.opposite), elementMethod("add", a.opposite))}(this);
        }
</#macro>

<#-- The inverse side of a one-to-one: a lazily loaded list with at most one element. -->
<#macro back_one type a>
<#local other = local_name("other", a.name)>
<#local before = local_name("before", a.name)>

    public ${type} ${method("get", a.name)}() {
        return ${a.name}.isEmpty() ? null : ${a.name}.get(0);
    }
<#if java.changes>

    public ${java.given(entity.class)} ${method("set", a.name)}(${type} ${other}) {
        ${type} ${before} = ${method("get", a.name)}();
        if (${before} == ${other}) {
<@leave/>
        }
        this.${a.name}.clear();
        if (${before} != null && ${java.is_same(before + "." + method("get", a.opposite) + "()")}) {
            ${before}.${method("set", a.opposite)}(null);
        }
        if (${other} != null) {
            this.${a.name}.add(${other});
            ${other}.${method("set", a.opposite)}(this);
        }
<@setter_end/>
</#if>
</#macro>

<#-- A getter that shows a collection without letting it be changed past the helper methods. -->
<#macro view collection element name>

    public ${use("java.util." + collection)}<${element}> ${method("get", name)}() {
        return ${use("java.util.Collections")}.unmodifiable${collection}(${name});
    }
</#macro>

<#-- What refers to the object. -->
<#macro many a>
<#local type = use(a.package + "." + a.class)>
<#local set = design.options.collections == "set" && !a.order?has_content>
<#local kept = a.position?has_content>
<#local number = method("number", a.name)>
<@view collection=set?then("Set", "List") element=type name=a.name/>
<#if java.changes>

<#if kept>
    /** Comes last. */
</#if>
    public void ${elementMethod("add", a.name)}(${type} other) {
        if (<#if !kept>${java.loaded("this", a.name)} && </#if>!this.${a.name}.contains(other)) {
            this.${a.name}.add(other);
<#if kept>
            ${number}();
</#if>
        }
        if (${java.is_other("other." + method("get", a.opposite) + "()")}) {
            other.${method("set", a.opposite)}(this);
        }
    }

    public void ${elementMethod("remove", a.name)}(${type} other) {
        if (<#if kept>this.${a.name}.remove(other)<#else>${java.loaded("this", a.name)}</#if>) {
            <#if kept>${number}()<#else>this.${a.name}.remove(other)</#if>;
        }
        if (${java.is_same("other." + method("get", a.opposite) + "()")}) {
            other.${method("set", a.opposite)}(null);
        }
    }
<#if kept>

    /** Puts one that is among them at another place, of which 0 is the first. */
    public void ${elementMethod("move", a.name)}(${type} other, int place) {
        if (this.${a.name}.remove(other)) {
            this.${a.name}.add(Math.max(0, Math.min(place, this.${a.name}.size())), other);
            ${number}();
        }
    }

    private void ${number}() {
        ${java.single(a.type)} number = ${java.number(a.type, "1")};
        for (${type} each : this.${a.name}) {
            if (!${use("java.util.Objects")}.equals(each.${method("get", a.position)}(), number)) {
                each.${method("set", a.position)}(number);
            }
            number++;
        }
    }
</#if>
</#if>
</#macro>

<#-- What is paired with the object. A list takes care itself that nothing is in it twice. -->
<#macro pairs a>
<#local type = use(a.package + "." + a.class)>
<#local list = a.order?has_content>
<@view collection=list?then("List", "Set") element=type name=a.name/>
<#if java.changes>
<#list ["add", "remove"] as verb>

    public void ${elementMethod(verb, a.name)}(${type} other) {
<#if a.owner || !a.opposite?has_content>
<#local change = (list && verb == "add")?then("!this." + a.name + ".contains(other) && ", "") + "this." + a.name + "." + verb + "(other)">
<#if a.opposite?has_content>
        if (${change} && ${java.loaded("other", a.opposite)}) {
            other.${elementMethod(verb, a.opposite)}(this);
        }
<#elseif list && verb == "add">
        if (!this.${a.name}.contains(other)) {
            this.${a.name}.add(other);
        }
<#else>
        ${change};
</#if>
<#else>
        if (${java.loaded("this", a.name)}<#if list && verb == "add"> && !this.${a.name}.contains(other)</#if>) {
            this.${a.name}.${verb}(other);
        }
        if (<#if verb == "add">!</#if>other.${method("get", a.opposite)}().contains(this)) {
            other.${elementMethod(verb, a.opposite)}(this);
        }
</#if>
    }
</#list>
</#if>
</#macro>

<#macro through a>
<#local type = use(a.package + "." + a.class)>
<#local link = use(a.linkPackage + "." + a.linkClass)>
<#local far = method("get", a.linkRole)>
<#local byLink = a.order?filter(k -> k.ofLink)?has_content>

<@java.doc text="Read through " + a.links + java.changes?then("; add or remove a " + a.link + " to change it.", ".") space="    "/>
    public ${use("java.util.List")}<${type}> ${method("get", a.name)}() {
<#if byLink>
        return ${a.links}.stream()${sorted(a.order, link, far)}.map(${link}::${far}).distinct().toList();
<#else>
        return ${a.links}.stream().map(${link}::${far}).distinct()${sorted(a.order, type, "")}.toList();
</#if>
    }
</#macro>

<#-- Puts a stream in order. Of links, what is no property of them is one of what `far` leads to. -->
<#function sorted keys type far>
  <#if !keys?has_content><#return ""></#if>
  <#local comparator = use("java.util.Comparator")>
  <#local order = "">
  <#list keys as k>
    <#local start = (far?has_content && !k.ofLink)?then("it." + far + "()", "it")>
    <#local nulls = comparator + ".nullsLast(" + comparator + k.falling?then(".reverseOrder()", ".naturalOrder()") + ")">
    <#local simple = start == "it" && k.path?size == 1>
    <#local read = simple?then(type + "::" + method("get", k.path[0]), "(" + type + " it) -> " + led(start, k.path))>
    <#local order = order + k?is_first?then(comparator + ".comparing(", ".thenComparing(") + read + ", " + nulls + ")">
  </#list>
  <#return ".sorted(" + order + ")">
</#function>

<#-- What a path of properties leads to; nothing where one before the last is nothing. -->
<#function led start path>
  <#local next = start + "." + method("get", path[0]) + "()">
  <#return (path?size == 1)?then(next, next + " == null ? null : " + led(next, path[1..]))>
</#function>

<#macro one_of a>
<#local type = use(a.interface)>
<#local before = local_name("before", a.name)>
<#local it = local_name("it", a.name)>
<#list a.others as o>
<@java.getter type=java.type(o.type) name=o.name/>
<#if java.changes>

    /** Points to ${java.comment(o.target)}, which lives in another system, in place of what was there. */
<@setter_head type=java.type(o.type) name=o.name/>
        if (${o.name} != null) {
<#if a.subjects?has_content>
            ${method("set", a.name)}(null);
</#if>
<#list a.others?filter(p -> p.target != o.target) as p>
            this.${p.name} = null;
</#list>
        }
        this.${o.name} = ${o.name};
<@setter_end/>
</#if>
</#list>

    /** The one that is there, or null<#if a.others?has_content>; null, too, where it lives in another system</#if>. */
    public ${type} ${method("get", a.name)}() {
<#list a.subjects as s>
        if (${s.name} != null) {
            return ${s.name};
        }
</#list>
        return null;
    }
<#if java.changes>

<@setter_head type=type name=a.name/>
        ${type} ${before} = ${method("get", a.name)}();
        if (${before} == ${a.name}) {
<@leave/>
        }
<#list a.subjects as s>
        this.${s.name} = ${a.name} instanceof ${use(s.package + "." + s.class)} ${it} ? ${it} : null;
</#list>
<#if a.others?has_content>
        if (${a.name} != null) {
<#list a.others as o>
            this.${o.name} = null;
</#list>
        }
</#if>
<#list a.subjects?filter(s -> s.opposite?has_content) as s>
<#local is = " instanceof " + use(s.package + "." + s.class) + " " + it>
        if (${before}${is}) {
<@deeper><@step_out object=it a=s/></@deeper>
        }
        if (${a.name}${is}) {
<@deeper><@step_in object=it a=s/></@deeper>
        }
</#list>
<@setter_end/>
</#if>
<@exactly_one a=a/>
</#macro>

<#macro deeper><#local inner><#nested></#local>${inner?replace("(?m)^(?=.)", "    ", "r")}</#macro>

<#-- The database checks it as well; here it is known before. -->
<#macro exactly_one a>
<#local filled = a.subjects?map(s -> s.name) + java.first_of_each(a.others)>
<#if filled?size != 1 && (a.must || a.others?has_content)>

    @${use("jakarta.validation.constraints.AssertTrue")}(message = "${a.must?then("exactly", "at most")} one ${a.name?j_string} must be given")
    boolean ${method("is", a.name)}Given() {
        return ${use("java.util.stream.Stream")}.of(${filled?join(", ")}).filter(${use("java.util.Objects")}::nonNull).count() <#if a.must>=<#else><</#if>= 1;
    }
</#if>
</#macro>

<#macro kind_and_id a>
<#local string = use("java.lang.String")>
<#local id = java.type(a.type)>
<#local get = method("get", a.name)>

    public ${string} ${get}Kind() {
        return ${a.name}Kind;
    }

    public ${id} ${get}Id() {
        return ${a.name}Id;
    }
<#if java.changes>
<#list a.subjects?filter(s -> s.keyProperty?has_content) as s>
<#local key = a.name + "." + method("get", s.keyProperty) + "()">

<@java.doc text="Points to a stored " + s.target + "; one without a key cannot be pointed to." space="    "/>
    public ${java.given(entity.class)} ${method("set", a.name)}(${use(s.package + "." + s.class)} ${a.name}) {
        if (${key} == null) {
            throw new ${use("java.lang.IllegalStateException")}("store it first: it has no key yet");
        }
        ${a.name}Kind = ${java.literal(s.target)};
        ${a.name}Id = ${s.sameKey?then(key, use("java.lang.String") + ".valueOf(" + key + ")")};
<@setter_end/>
</#list>
</#if>
<#if a.subjects?has_content>

    /** The class to find ${a.name} with, by its id; null when there is none. */
    public ${use("java.lang.Class")}<?> ${get}Class() {
        if (${a.name}Kind == null) {
            return null;
        }
        return switch (${a.name}Kind) {
<#list a.subjects as s>
            case ${java.literal(s.target)} -> ${use(s.package + "." + s.class)}.class;
</#list>
            default -> throw new ${use("java.lang.IllegalStateException")}("not a kind: " + ${a.name}Kind);
        };
    }
</#if>
</#macro>

package jasperwing.classes.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Writes the guide to what templates see, from the shapes of the data itself. */
public final class TemplateGuide {
    private static final String HEAD =
            """
            # Templates

            A target can be a folder of templates of your own, written for FreeMarker, a general template language. Begin with a copy of one
            that comes with Jasperwing:

            ```
            jasperwing templates java-plain -o my-target
            jasperwing classes marsh.wing --target my-target -o src/main/java
            ```

            | Template | Is run |
            |---|---|
            | `design.ftl` | once |
            | `entity.ftl` | for each entity that has a table, as `entity` |
            | `enum.ftl` | for each enum, as `enum` |
            | `value.ftl` | for each value, as `group` |
            | `trait.ftl` | for each trait, as `group` |

            A folder can do without some of them, and have others that these import or include. A file is what stands between `<@file path="…">` and `</@file>`; a template can
            make any number of them. Its path is below the folder that is written to; it cannot lead out of it. For Java a file can say its `package` and its
            `name` too; `use("java.util.List")` then gives the simple name of a class, or the qualified one where the simple name means something else, and
            `%imports%` on a line of its own stands for the imports. `${of(c.member)}` says what the lines from this one on are made of, `${of("")}` that they are
            made of all that the template is run for, and `${of("Dive", "maxDepth")}` that they are made of something else; all leave nothing behind. Lines of `.java` files that are longer than 120 characters are broken.

            For Java there are also `code(f.name)`, the statements, a list of lines, that an object computes one of `entity.object.computed` by with its getters, and
            `code(c.property, primitives)`, those that a record computes one of `entity.computed` by, where `primitives` are the properties of columns whose type has no null;
            `method("get", "depth")`, the name of the method that does something with a property, `getDepth`; and `elementMethod("add", "photos")`, that of the one that
            does something with one of several, `addPhoto`.

            What the language writes for something given is told by `language.type("small int")`, its type in full, `language.text("…")`, a text as a literal,
            `language.comment("…")`, a text as it can stand in a comment, and `language.number("decimal", "1.5")`.

            `java-plain` is made of what an entity is as a table (`entity.columns`, `entity.key`, `entity.references` and so on), `java-jakarta` of what it is as a class of
            objects that know each other (`entity.object`, `entity.associations`).

            ## The file `target`

            Beside the templates a file `target` says what they are:

            ```
            title     Java, with a builder
            about     classes and their builders
            language  java
            uses      jakarta
            needs     org.example:builders:1.0

            option package
              the package of what belongs to no area
            option setters: plain, fluent, none
              whether setters give back the object
            ```

            `language` decides how names, types, texts and lines are written; `java` is there. `uses jakarta` adds what Jakarta Persistence and Jakarta Validation
            say of classes and fields, as their `mapping`. `needs` tells what the code needs to be compiled, a line for each. An `option` can be chosen for the target in the design
            and in the window: any text, or one of several, of which the first is the usual one; templates ask for it as `design.options.setters`. Some options are
            answered before templates are run: `package`, `areas`, `header`, `rows` (`records`, `classes`), `directions` (`both`, `one`), `collections` (`list`, `set`),
            `database` (such as `postgresql`), and with `uses jakarta` `fetch`, `cascade` and `provider`.

            A folder without this file is taken for one of Java that uses `jakarta`, with those options of ours that its templates ask for.

            ## What they reach

            Templates reach this data and the other templates of their folder, and nothing else: no class, no file, no network. A mistake is told with its template,
            its line and what it was run for, and nothing is written.

            The names below stay as they are; more may come.

            ## An example

            A folder with nothing but this `design.ftl` makes a list of what there is:

            ```
            """;

    /** The template that is shown as an example. */
    public static final String EXAMPLE =
            """
            <@file path="entities.md">
            <#list design.entities as e>
            ## ${e.name}<#if e.doc?has_content>: ${e.doc}</#if>

            <#list e.columns as c>
            - ${c.property}: ${c.type}<#if !c.required>, may be empty</#if>
            </#list>
            <#list e.associations?filter(a -> a.target?has_content) as a>
            - ${a.name}: ${a.must?then("always ", "")}${a.kind} ${a.target}
            </#list>

            </#list>
            </@file>
            """;

    /** Classes in a language of one's own, with kinds, traits, enums and what objects know of each other. */
    public static final String CLASSES =
            """
            <@file path="${entity.class}.txt">
            <#if entity.doc?has_content>-- ${entity.doc}
            </#if>class ${entity.class}<#if entity.parentClass?has_content> is a ${entity.parentClass}</#if><#list entity.traits> with <#items as t>${t.class}<#sep>, </#items></#list>
            <#list entity.object.fields as f>
              ${f.name}: <#if f.type.many?has_content>${f.type.many} of </#if>${f.type.class?has_content?then(f.type.class, f.type.word)}<#if f.optional>?</#if>
            </#list>
            <#list entity.kinds as k>
              kind ${k.class}
            </#list>
            </@file>
            """;

    private TemplateGuide() {}

    /**
     * Markdown.
     *
     * @param standards whose shapes are told behind those of every target
     */
    public static String markdown(List<StandardAdapter.Factory> standards) {
        StringBuilder out = new StringBuilder(HEAD).append(EXAMPLE).append("```\n\n");
        out.append(
                        "One with this `entity.ftl` makes a file for each entity, in a language of one's own: what it is a kind of, its kinds, its"
                                + " traits, its attributes, and what\nits objects know of others, each with the class it is:\n\n```\n")
                .append(CLASSES)
                .append("```\n\n");
        List<Shape> shapes = new ArrayList<>(SharedShapes.ALL);
        standards.forEach(s -> shapes.addAll(s.shapes()));
        for (Shape shape : shapes) {
            out.append("## ").append(shape.title()).append("\n\n").append(shape.about());
            out.append("\n\n| Field | Is |\n|---|---|\n");
            for (Map.Entry<String, String> field : shape.fields().entrySet()) {
                out.append("| `")
                        .append(field.getKey())
                        .append("` | ")
                        .append(field.getValue())
                        .append(" |\n");
            }
            out.append('\n');
        }
        return out.toString().stripTrailing() + "\n";
    }
}

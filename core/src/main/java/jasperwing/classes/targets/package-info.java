/**
 * What a design can become in code: a target is a folder of templates and a file that says of them which language they write and what can be
 * chosen; ours are resources, those of users are folders.
 *
 * <p>In: a design. Out: {@link jasperwing.classes.GeneratedFile}s. The one place that knows all languages and standards by name; writes no files.
 */
package jasperwing.classes.targets;

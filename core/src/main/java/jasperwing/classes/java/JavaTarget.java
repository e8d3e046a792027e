package jasperwing.classes.java;

import jasperwing.classes.Association;
import jasperwing.classes.ClassModel;
import jasperwing.classes.Computed;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.ModelClass;
import jasperwing.classes.ModelGroup;
import jasperwing.classes.Property;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.EnumType;
import jasperwing.model.Family;
import jasperwing.model.OneOf;
import jasperwing.model.Scalar;
import jasperwing.model.TargetOption;
import jasperwing.naming.Words;
import jasperwing.schema.Schema;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Makes the source files of a design. */
public final class JavaTarget {
    private static final String HEADER =
            "// Written by Jasperwing; what is changed by hand is kept when it writes again.\n";

    private final ClassModel model;
    private final JavaOptions options;
    private final Map<String, Set<String>> namesByPackage = new HashMap<>();
    private final List<GeneratedFile> files = new ArrayList<>();
    private final OrmXml mapping = new OrmXml();

    private JavaTarget(ClassModel model, JavaOptions options) {
        this.model = model;
        this.options = options;
    }

    /** All files, sorted by path. */
    public static List<GeneratedFile> generate(Design design, JavaOptions options) {
        return new JavaTarget(ClassModel.of(design), options).run();
    }

    /** The files of some entities and enums alone, as they are among all files; sorted by path. */
    public static List<GeneratedFile> generate(
            Design design, Schema schema, JavaOptions options, Set<String> entities) {
        return new JavaTarget(ClassModel.of(design, schema), options).run(entities);
    }

    private List<GeneratedFile> run(Set<String> entities) {
        reserveAll();
        model.classNames().keySet().stream().filter(entities::contains).forEach(e -> classFiles(find(e)));
        enums().filter(e -> entities.contains(e.name())).forEach(this::enumFile);
        model.groups().stream().filter(g -> entities.contains(g.group().name())).forEach(this::groupFile);
        files.sort(Comparator.comparing(GeneratedFile::path));
        return List.copyOf(files);
    }

    private List<GeneratedFile> run() {
        reserveAll();
        model.classes().stream().map(this::known).forEach(this::classFiles);
        enums().forEach(this::enumFile);
        model.groups().forEach(this::groupFile);
        listFiles();
        if (usesDuration()) {
            Imports imports = imports(options.basePackage(), ConverterFile.NAME);
            add(options.basePackage(), ConverterFile.NAME, imports, ConverterFile.text(imports), "");
        }
        if (!options.mapsInSource()) {
            files.add(new GeneratedFile(OrmXml.PATH, mapping.toString(), ""));
        }
        files.sort(Comparator.comparing(GeneratedFile::path));
        return List.copyOf(files);
    }

    private void reserveAll() {
        Map<String, String> classes = model.classNames();
        model.design().entities().stream()
                .filter(e -> classes.containsKey(e.name()))
                .forEach(e -> reserve(options.packageOf(e.area()), classes.get(e.name())));
        model.enumNames().values().forEach(n -> reserve(options.basePackage(), n));
        model.groups().forEach(g -> reserve(options.basePackage(), g.name()));
        model.design().relationships().stream()
                .filter(r -> r instanceof OneOf && classes.containsKey(r.from()))
                .map(r -> find(r.from()))
                .distinct()
                .forEach(
                        c -> c.all(Association.OneOfEach.class).forEach(o -> reserve(packageOf(c), subjectName(c, o))));
    }

    /** The first of each name. */
    private Stream<EnumType> enums() {
        Design design = model.design();
        return design.enums().stream()
                .filter(e ->
                        design.enumType(e.name()).filter(first -> first == e).isPresent());
    }

    private void enumFile(EnumType type) {
        String name = model.enumNames().get(type.name());
        Imports imports = imports(options.basePackage(), name);
        add(options.basePackage(), name, imports, EnumFile.text(type, name, imports), "");
    }

    private void groupFile(ModelGroup group) {
        Imports imports = imports(options.basePackage(), group.name());
        JavaTypes types = new JavaTypes(model, imports, options);
        String text = group.group().is(AttributeGroup.Kind.VALUE)
                ? valueText(group, imports, types)
                : TraitFile.text(group, imports, types);
        add(options.basePackage(), group.name(), imports, text, "");
    }

    private String valueText(ModelGroup value, Imports imports, JavaTypes types) {
        Mappings mappings = new Mappings(imports, options.mapsInSource());
        String text = new ValueFile(value, imports, types, mappings).text();
        mapping.embeddable(options.basePackage() + "." + value.name(), mappings);
        return text;
    }

    /** The interfaces of the traits of a class that it has all properties of, as the trait calls them. */
    Stream<String> traitsOf(ModelClass subject) {
        return subject.entity().traits().stream()
                .flatMap(t -> model.group(AttributeGroup.Kind.TRAIT, t).stream())
                .filter(t -> t.properties().stream().allMatch(p -> has(subject, p)))
                .map(t -> options.basePackage() + "." + t.name())
                .distinct();
    }

    private static boolean has(ModelClass subject, Property property) {
        return Stream.concat(
                        subject.properties().stream()
                                .filter(p -> p.name().equals(property.name()))
                                .map(Property::attribute),
                        subject.computed().stream()
                                .filter(c -> c.name().equals(property.name()))
                                .map(Computed::attribute))
                .anyMatch(property.attribute()::equals);
    }

    private void reserve(String home, String name) {
        namesByPackage.computeIfAbsent(home, p -> new HashSet<>()).add(name);
    }

    private void classFiles(ModelClass each) {
        String home = packageOf(each);
        Imports imports = imports(home, each.name());
        EntityFile file = new EntityFile(this, each, imports);
        add(home, each.name(), imports, file.code(), each.entity().name());
        mapping.entity(home + "." + each.name(), file.mappings());
        for (Association.OneOfEach oneOf : each.all(Association.OneOfEach.class)) {
            String name = subjectName(each, oneOf);
            Imports own = imports(home, name);
            add(
                    home,
                    name,
                    own,
                    SubjectFile.text(this, each, oneOf, own),
                    each.entity().name());
        }
    }

    /** The converters of lists that are kept in rows, one for each kind of element. */
    private void listFiles() {
        Set<String> made = new HashSet<>();
        model.classes().stream()
                .flatMap(c -> c.properties().stream())
                .filter(p -> p.attribute().list() && p.column().isPresent())
                .map(Property::attribute)
                .forEach(a -> {
                    Imports imports = imports(options.basePackage(), ListFiles.TEXT);
                    JavaTypes types = new JavaTypes(model, imports, options);
                    String name =
                            ListFiles.converter(types.simple(a.type()), a.kept().orElseThrow());
                    if (made.isEmpty()) {
                        Imports own = imports(options.basePackage(), ListFiles.TEXT);
                        add(options.basePackage(), ListFiles.TEXT, own, ListFiles.text(own), "");
                    }
                    if (made.add(name)) {
                        converter(a, name);
                    }
                });
    }

    private void converter(Attribute list, String name) {
        Imports imports = imports(options.basePackage(), name);
        JavaTypes types = new JavaTypes(model, imports, options);
        String text = ListFiles.converterText(list.type(), list.kept().orElseThrow(), imports, types);
        add(options.basePackage(), name, imports, text, "");
    }

    private boolean usesDuration() {
        return Stream.concat(
                        model.classes().stream().flatMap(c -> c.properties().stream()),
                        model.groups().stream().flatMap(g -> g.properties().stream()))
                .anyMatch(p -> p.attribute().type().is(Scalar.DURATION));
    }

    private Imports imports(String home, String name) {
        return new Imports(home, name, namesByPackage.getOrDefault(home, Set.of()));
    }

    private void add(String home, String name, Imports imports, String body, String entity) {
        add(home, name, imports, body.lines().toList(), List.of(), entity);
    }

    private void add(String home, String name, Imports imports, Code body, String entity) {
        add(home, name, imports, body.toString().lines().toList(), body.members(), entity);
    }

    /** @param members what each line is made of; of lines beyond the list nothing is told */
    private void add(
            String home, String name, Imports imports, List<String> body, List<String> members, String entity) {
        StringBuilder text = new StringBuilder(head(home, imports));
        List<String> of = new ArrayList<>(
                Collections.nCopies((int) text.toString().lines().count(), ""));
        for (int i = 0; i < body.size(); i++) {
            for (String line : LongLines.broken(body.get(i))) {
                text.append(line).append('\n');
                of.add(i < members.size() ? members.get(i) : "");
            }
        }
        files.add(new GeneratedFile(path(home, name), text.toString(), entity, of));
    }

    private String head(String home, Imports imports) {
        String header = options.header()
                .lines()
                .map(l -> "// " + Code.escaped(l) + "\n")
                .collect(Collectors.joining());
        return HEADER + header + "package " + home + ";\n\n" + imports.lines();
    }

    private static String path(String home, String name) {
        return home.replace('.', '/') + "/" + name + ".java";
    }

    ClassModel model() {
        return model;
    }

    JavaOptions options() {
        return options;
    }

    /** Whether what leads back to many is kept in a set: where that is chosen and they have no order. */
    boolean keepsInSet(Association.Inverse inverse) {
        return options.is(TargetOption.COLLECTIONS, "set") && inverse.sortedBy().isEmpty();
    }

    String packageOf(ModelClass each) {
        return options.packageOf(each.entity().area());
    }

    /** The qualified name of an entity's class. */
    String qualified(String entity) {
        ModelClass target = model.find(entity).orElseThrow(() -> new IllegalStateException("no class for " + entity));
        return packageOf(target) + "." + target.name();
    }

    /** The interface the subjects of a one-of share, such as {@code NoteSubject}. */
    String subjectName(ModelClass holder, Association.OneOfEach oneOf) {
        return holder.name() + Words.pascal(oneOf.name());
    }

    ModelClass find(String entity) {
        return known(model.find(entity).orElseThrow(() -> new IllegalStateException("no class for " + entity)));
    }

    /** The class, as far as it is to know others. */
    private ModelClass known(ModelClass each) {
        return options.is(TargetOption.DIRECTIONS, "one") ? OneWay.of(each) : each;
    }

    /** The class that has the key of an entity: its own, or that of the root of its family. */
    ModelClass keyed(String entity) {
        return find(Family.root(model.design(), entity));
    }
}

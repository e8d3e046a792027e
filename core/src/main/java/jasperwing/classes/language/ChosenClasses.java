package jasperwing.classes.language;

import jasperwing.classes.Association;
import jasperwing.classes.ClassModel;
import jasperwing.classes.Computed;
import jasperwing.classes.ModelClass;
import jasperwing.classes.ModelGroup;
import jasperwing.classes.Property;
import jasperwing.dialect.Dialect;
import jasperwing.model.AttributeGroup;
import jasperwing.model.InheritanceTree;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.naming.Words;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** The classes of a design as they are chosen to be: in packages, and knowing each other at both ends or at one. Confined to one thread. */
public final class ChosenClasses {
    private final ClassModel model;
    private final Language language;
    private final Options options;
    private final Map<String, Optional<ModelClass>> known = new HashMap<>();
    private final Map<String, String> packages = new HashMap<>();
    /** The names of the interfaces of one-ofs, by the class that holds one and its property. */
    private final Map<List<String>, String> subjectNames = new HashMap<>();

    public ChosenClasses(ClassModel model, Language language, Options options) {
        this.model = model;
        this.language = language;
        this.options = options;
    }

    public ClassModel model() {
        return model;
    }

    public Language language() {
        return language;
    }

    /** The database the classes are kept in. */
    public Dialect dialect() {
        return model.schema().dialect();
    }

    public Options options() {
        return options;
    }

    /** The class of an entity, as far as it is to know others; none of one that is outside. */
    public Optional<ModelClass> find(String entity) {
        Optional<ModelClass> found = known.get(entity);
        if (found == null) {
            found = options.is("directions", "one") ? model.find(entity).map(OneWay::of) : model.find(entity);
            known.put(entity, found);
        }
        return found;
    }

    /** @throws IllegalStateException when the entity has no class */
    public ModelClass of(String entity) {
        return find(entity).orElseThrow(() -> new IllegalStateException("no class for " + entity));
    }

    public String packageOf(ModelClass each) {
        return packageOf(each.entity().area());
    }

    /** The package of an area; for an empty name that of what belongs to none. */
    public String packageOf(String area) {
        return packages.computeIfAbsent(area, this::freePackage);
    }

    /** No package may have the full name of a class, as in writing without capitals it might. */
    private String freePackage(String area) {
        String usual = area.isEmpty() || !options.byArea()
                ? options.module()
                : options.module() + "." + language.moduleName(area);
        String beside = options.module() + ".";
        boolean taken = usual.startsWith(beside) && isOfBasePackage(usual.substring(beside.length()));
        return taken ? usual + "_" : usual;
    }

    private boolean isOfBasePackage(String name) {
        return model.enumNames().containsValue(name)
                || model.groups().stream().anyMatch(g -> g.name().equals(name))
                || model.design().entities().stream()
                        .anyMatch(e -> e.area().isEmpty()
                                && name.equals(model.classNames().get(e.name())));
    }

    /** The class that has the key of an entity: its own, or that of the root of its family. */
    public ModelClass keyed(String entity) {
        return of(InheritanceTree.root(model.design(), entity));
    }

    /**
     * Whether a class needs a class for its key: whether that has other than exactly one attribute. Asked of the root of a family, whose key
     * it is.
     */
    public boolean hasCompositeKey(ModelClass subject) {
        boolean several = subject.keyProperties().size() != 1
                || !subject.keyReferences().isEmpty()
                || subject.all(Association.ToOutside.class).stream().anyMatch(Association.ToOutside::key);
        return several && sharedKey(subject).isEmpty();
    }

    /**
     * The reference that is the whole key of a class that is itself in the key of another, or has kinds. Providers know no key classes within
     * key classes there, and none of one reference for a family.
     */
    public Optional<Association.ToOne> sharedKey(ModelClass subject) {
        String entity = subject.entity().name();
        return subject.sharedKey()
                .filter(r -> !model.design().kinds(entity).isEmpty()
                        || model.classes().stream()
                                .flatMap(c -> c.keyReferences().stream())
                                .anyMatch(k -> k.target().equals(entity)));
    }

    /** The qualified name of the interface the subjects of a one-of share. */
    public String subjectInterface(ModelClass holder, Association.OneOfEach oneOf) {
        return packageOf(holder) + "." + subjectName(holder, oneOf);
    }

    /** Its simple name, such as {@code NoteSubject}; with a number where a class has that name. */
    private String subjectName(ModelClass holder, Association.OneOfEach oneOf) {
        if (subjectNames.isEmpty()) {
            Set<String> taken = new HashSet<>();
            Stream.of(model.classNames().values(), model.enumNames().values())
                    .flatMap(Collection::stream)
                    .forEach(n -> taken.add(n.toLowerCase(Locale.ROOT)));
            model.groups().forEach(g -> taken.add(g.name().toLowerCase(Locale.ROOT)));
            model.classes().forEach(c -> c.all(Association.OneOfEach.class)
                    .forEach(o -> subjectNames.put(
                            List.of(c.name(), o.name()), free(c.name() + Words.pascal(o.name()), taken))));
        }
        return subjectNames.get(List.of(holder.name(), oneOf.name()));
    }

    private static String free(String wanted, Set<String> taken) {
        String name = wanted;
        for (int i = 2; !taken.add(name.toLowerCase(Locale.ROOT)); i++) {
            name = wanted + i;
        }
        return name;
    }

    /** The qualified names of the interfaces of a class: of its traits, and of the one-ofs it can be the subject of. */
    public Stream<String> interfacesOf(ModelClass subject) {
        return Stream.concat(traitsOf(subject), subject.subjectOf().stream().map(this::subjectInterface));
    }

    private String subjectInterface(ModelClass.SubjectOf of) {
        ModelClass holder = of(of.holder());
        return holder.all(Association.OneOfEach.class).stream()
                .filter(o -> o.name().equals(of.association()))
                .findFirst()
                .map(o -> subjectInterface(holder, o))
                .orElseThrow();
    }

    /** Those that it has all properties of, as the trait calls them. */
    private Stream<String> traitsOf(ModelClass subject) {
        return subject.entity().traits().stream()
                .flatMap(t -> model.group(AttributeGroup.Kind.TRAIT, t).stream())
                .filter(t -> t.properties().stream().allMatch(p -> has(subject, p)))
                .map(ModelGroup::name)
                .map(n -> options.module() + "." + n)
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

    /** How what refers to an object reads it: by the name of a one-of where it is kept as one of its columns. */
    public String reader(Association.Inverse inverse) {
        return of(inverse.target()).all(Association.OneOfEach.class).stream()
                .filter(o -> o.subjects().stream().anyMatch(s -> s.name().equals(inverse.mappedBy())))
                .map(Association.OneOfEach::name)
                .findFirst()
                .orElse(inverse.mappedBy());
    }

    /** The simple names of classes by their packages, so that no import hides one of them. */
    public Map<String, Set<String>> names() {
        Map<String, Set<String>> names = new HashMap<>();
        Map<String, String> classes = model.classNames();
        model.design().entities().stream()
                .filter(e -> classes.containsKey(e.name()))
                .forEach(e -> in(names, packageOf(e.area())).add(classes.get(e.name())));
        Set<String> shared = in(names, options.module());
        shared.addAll(model.enumNames().values());
        model.groups().forEach(g -> shared.add(g.name()));
        model.design().relationships().stream()
                .filter(r -> r instanceof PolymorphicRelationship && classes.containsKey(r.from()))
                .map(r -> of(r.from()))
                .distinct()
                .forEach(c -> c.all(Association.OneOfEach.class)
                        .forEach(o -> in(names, packageOf(c)).add(subjectName(c, o))));
        return names;
    }

    private static Set<String> in(Map<String, Set<String>> names, String home) {
        return names.computeIfAbsent(home, p -> new HashSet<>());
    }
}

package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.Samples;
import jasperwing.model.Design;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.util.Collection;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Generated classes at work: both ends of every kind of relationship stay in step, whichever end is changed. */
class InStepTest {
    private static final Design DESIGN = Samples.design(
            "entity Dive",
            "  id int key",
            "entity Photo",
            "  id int key",
            "entity Log",
            "  id int key",
            "entity Word",
            "  id int key",
            "entity Diver",
            "  id int key",
            "entity Duty",
            "  note text(9)?",
            "entity Remark",
            "  id int key",
            "entity Stamp",
            "  id int key",
            "each Photo may be of one Dive, which may have many Photo",
            "each Log may be of one Dive, which may have one Log",
            "each Dive may carry many Word, which may mark many Dive",
            "each Dive may have many Diver as crew via Duty, which may join many Dive",
            "each Remark may be about one of Dive, Photo as about, which may have many Remark",
            "each Stamp may be on one of Dive, Photo as thing",
            "  kept as a kind and an id");

    @TempDir
    static Path folder;

    private static ClassLoader loader;

    @BeforeAll
    static void compile() throws Exception {
        Javac.write(OurTargets.JAKARTA.files(DESIGN), folder.resolve("src"));
        Javac.compile(folder.resolve("src"), folder.resolve("classes"));
        loader = new URLClassLoader(
                new URL[] {folder.resolve("classes").toUri().toURL()}, InStepTest.class.getClassLoader());
    }

    private static Object make(String name, int id) throws ReflectiveOperationException {
        return loader.loadClass("test." + name).getConstructor(Integer.class).newInstance(id);
    }

    private static Object call(Object target, String name, Object... values) throws ReflectiveOperationException {
        for (Method method : target.getClass().getMethods()) {
            boolean named = method.getName().equals(name) && method.getParameterCount() == values.length;
            if (named && (values.length == 0 || fits(method, values[0]))) {
                return method.invoke(target, values);
            }
        }
        throw new NoSuchMethodException(target.getClass() + "." + name);
    }

    private static boolean fits(Method method, Object value) {
        return value == null || method.getParameterTypes()[0].isInstance(value);
    }

    private static Collection<?> all(Object target, String name) throws ReflectiveOperationException {
        return (Collection<?>) call(target, name);
    }

    @Test
    void aOneToManyMovesWithItsManySide() throws Exception {
        Object first = make("Dive", 1);
        Object second = make("Dive", 2);
        Object photo = make("Photo", 1);
        call(photo, "setDive", first);
        assertThat(all(first, "getPhotos")).isEqualTo(List.of(photo));
        call(photo, "setDive", second);
        assertThat(all(first, "getPhotos")).isEmpty();
        assertThat(all(second, "getPhotos")).isEqualTo(List.of(photo));
        call(second, "removePhoto", photo);
        assertThat(call(photo, "getDive")).isNull();
        call(first, "addPhoto", photo);
        call(first, "addPhoto", photo);
        assertThat(call(photo, "getDive")).isSameAs(first);
        assertThat(all(first, "getPhotos")).hasSize(1);
        assertThatThrownBy(() -> all(first, "getPhotos").clear()).isInstanceOf(UnsupportedOperationException.class);
    }

    @Test
    void aOneToOneLetsGoOfWhatItHad() throws Exception {
        Object dive = make("Dive", 1);
        Object log = make("Log", 1);
        Object other = make("Log", 2);
        call(dive, "setLog", log);
        assertThat(call(log, "getDive")).isSameAs(dive);
        call(other, "setDive", dive);
        assertThat(call(dive, "getLog")).isSameAs(other);
        assertThat(call(log, "getDive")).isNull();
        call(dive, "setLog", new Object[] {null});
        assertThat(call(other, "getDive")).isNull();
    }

    @Test
    void aManyToManyIsASetOnBothSides() throws Exception {
        Object dive = make("Dive", 1);
        Object word = make("Word", 1);
        call(dive, "addWord", word);
        assertThat(all(word, "getDives").contains(dive)).isTrue();
        call(word, "removeDive", dive);
        assertThat(all(dive, "getWords")).isEmpty();
    }

    @Test
    void aLinkIsReadThrough() throws Exception {
        Object dive = make("Dive", 1);
        Object diver = make("Diver", 1);
        Object duty = loader.loadClass("test.Duty")
                .getConstructor(loader.loadClass("test.Dive"), loader.loadClass("test.Diver"))
                .newInstance(dive, diver);
        assertThat(all(dive, "getDuties")).isEqualTo(List.of(duty));
        assertThat(all(dive, "getCrew")).isEqualTo(List.of(diver));
        assertThat(all(diver, "getDives")).isEqualTo(List.of(dive));
    }

    @Test
    void aOneOfHasOneSubjectAtATime() throws Exception {
        Object dive = make("Dive", 1);
        Object photo = make("Photo", 1);
        Object remark = make("Remark", 1);
        call(remark, "setAbout", dive);
        assertThat(all(dive, "getRemarks")).isEqualTo(List.of(remark));
        call(photo, "addRemark", remark);
        assertThat(call(remark, "getAbout")).isSameAs(photo);
        assertThat(all(dive, "getRemarks")).isEmpty();
        call(photo, "removeRemark", remark);
        assertThat(call(remark, "getAbout")).isNull();
        assertThat(loader.loadClass("test.RemarkAbout")).matches(c -> c.isInstance(dive) && c.isInstance(photo));
    }

    @Test
    void aKindAndAnIdNameTheirSubject() throws Exception {
        Object stamp = make("Stamp", 1);
        assertThat(call(stamp, "getThingClass")).isNull();
        call(stamp, "setThing", make("Photo", 7));
        assertThat(call(stamp, "getThingKind")).isEqualTo("Photo");
        assertThat(call(stamp, "getThingId")).isEqualTo(7);
        assertThat(call(stamp, "getThingClass")).isEqualTo(loader.loadClass("test.Photo"));
        Object keyless = make("Dive", 3);
        call(keyless, "setId", new Object[] {null});
        assertThatThrownBy(() -> call(stamp, "setThing", keyless))
                .isInstanceOf(InvocationTargetException.class)
                .hasRootCauseMessage("store it first: it has no key yet");
    }

    @Test
    void equalityIsByKeyAndNotBeforeThereIsOne() throws Exception {
        assertThat(make("Dive", 1)).isEqualTo(make("Dive", 1)).hasSameHashCodeAs(make("Dive", 2));
        assertThat(make("Dive", 1)).isNotEqualTo(make("Dive", 2)).isNotEqualTo(make("Photo", 1));
        Object keyless = make("Dive", 1);
        call(keyless, "setId", new Object[] {null});
        Object another = make("Dive", 1);
        call(another, "setId", new Object[] {null});
        assertThat(List.of(keyless)).contains(keyless).doesNotContain(another);
        assertThat(make("Dive", 4)).hasToString("Dive 4");
    }
}

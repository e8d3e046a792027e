package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.classes.targets.Target;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Literal;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.io.IOException;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Texts that could end a literal or a comment, and what the generated classes say of them when they run. */
class HostileTextsTest {
    private static final List<String> TEXTS = List.of(
            "plain",
            "\"quoted\"",
            "back\\slash",
            "*/ class Evil {} /*",
            "\\u000a int evil;",
            "\\u0022 + evil + \\u0022",
            "line\nend\r\ttab",
            "\u2028separator",
            "🦀 crab",
            "مرحبا",
            "${design.name} <#stop>",
            "%imports%",
            "long ".repeat(60).strip());

    @TempDir
    Path folder;

    private static Design design() {
        List<EnumValue> values =
                TEXTS.stream().map(t -> new EnumValue(t, "label " + t)).toList();
        List<Attribute> attributes = new ArrayList<>(List.of(Attribute.of("id", Type.of(Scalar.SERIAL))));
        for (int i = 0; i < TEXTS.size(); i++) {
            Attribute attribute = Attribute.of("text" + i, new Type.Text(2000));
            attributes.add(attribute
                    .withDefault(Optional.of(new Literal(Literal.Kind.TEXT, TEXTS.get(i))))
                    .withNotes(Notes.NONE.withDoc(TEXTS.get(i)).withLabel(TEXTS.get(i))));
        }
        return Design.named("Hostile")
                .withEnums(List.of(new EnumType("Word", values, Notes.NONE)))
                .withEntities(List.of(Entity.of("Holder")
                        .withAttributes(attributes)
                        .withKey(Members.of("id"))
                        .withNotes(Notes.NONE.withDoc(String.join(" ", TEXTS)))));
    }

    private URLClassLoader compiled(Target target) throws IOException {
        Javac.write(target.files(design()), folder.resolve("source"));
        Javac.compile(folder.resolve("source"), folder.resolve("classes"));
        return new URLClassLoader(new URL[] {folder.resolve("classes").toUri().toURL()});
    }

    private static Object call(Object of, String method) throws ReflectiveOperationException {
        return of.getClass().getMethod(method).invoke(of);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.classes.targets.Targets#all")
    void anEnumSaysWhatWasSaid(Target target) throws Exception {
        try (URLClassLoader loader = compiled(target)) {
            Object[] constants = loader.loadClass("hostile.Word").getEnumConstants();
            assertThat(constants).hasSameSizeAs(TEXTS);
            for (int i = 0; i < constants.length; i++) {
                assertThat(call(constants[i], "stored")).isEqualTo(TEXTS.get(i));
                assertThat(call(constants[i], "label")).isEqualTo("label " + TEXTS.get(i));
            }
        }
    }

    @Test
    void aDefaultIsWhatWasSaid() throws Exception {
        try (URLClassLoader loader = compiled(OurTargets.JAKARTA)) {
            Object holder =
                    loader.loadClass("hostile.Holder").getDeclaredConstructor().newInstance();
            for (int i = 0; i < TEXTS.size(); i++) {
                assertThat(call(holder, "getText" + i)).isEqualTo(TEXTS.get(i));
            }
        }
    }
}

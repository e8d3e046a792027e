package jasperwing.classes.java;

import jasperwing.classes.ModelGroup;
import jasperwing.classes.Property;

/** The source of the interface of a trait: what can be read of every class that has it. */
final class TraitFile {
    private TraitFile() {}

    static String text(ModelGroup trait, Imports imports, JavaTypes types) {
        Code code = new Code(0).doc(trait.group().notes().doc()).line("public interface " + trait.name() + " {");
        for (Property property : trait.properties()) {
            code.doc(property.attribute().notes().doc());
            String type = types.type(property.attribute().type());
            String all = property.attribute().list() ? imports.use("java.util.List") + "<" + type + ">" : type;
            code.line(all + " " + Accessors.method("get", property.name()) + "();");
            if (property != trait.properties().get(trait.properties().size() - 1)) {
                code.blank();
            }
        }
        return code.line("}").toString();
    }
}

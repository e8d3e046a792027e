package jasperwing.classes.java;

import jasperwing.classes.Association;
import jasperwing.classes.ModelClass;

/** The source of the interface that the subjects of a one-of share. */
final class SubjectFile {
    private SubjectFile() {}

    static String text(JavaTarget target, ModelClass holder, Association.OneOfEach oneOf, Imports imports) {
        Code code = new Code(0).doc("What " + holder.entity().name() + " can have as " + oneOf.name() + ".");
        code.line("public interface " + target.subjectName(holder, oneOf) + " {");
        oneOf.back().filter(b -> sharedBack(target, oneOf)).ifPresent(back -> {
            String type = imports.use(target.packageOf(holder) + "." + holder.name());
            boolean many = backIsMany(target, oneOf);
            if (many) {
                code.line(imports.use("java.util.List") + "<" + type + "> " + Accessors.method("get", back) + "();");
                if (!target.options().areChanged()) {
                    return;
                }
                code.blank().line("void " + Accessors.element("add", back) + "(" + type + " other);");
                code.blank().line("void " + Accessors.element("remove", back) + "(" + type + " other);");
            } else {
                code.line(type + " " + Accessors.method("get", back) + "();");
            }
        });
        return code.line("}").toString();
    }

    /** Whether every subject calls the way back the same, so that the interface can name it. */
    static boolean sharedBack(JavaTarget target, Association.OneOfEach oneOf) {
        return oneOf.back().isPresent()
                && oneOf.subjects().stream().allMatch(s -> s.inverse().equals(oneOf.back()));
    }

    private static boolean backIsMany(JavaTarget target, Association.OneOfEach oneOf) {
        return oneOf.subjects().stream().noneMatch(Association.ToOne::unique);
    }
}

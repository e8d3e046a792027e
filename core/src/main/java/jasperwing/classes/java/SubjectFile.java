package jasperwing.classes.java;

import jasperwing.classes.Association;
import jasperwing.classes.ModelClass;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;

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
                String one = Words.pascal(Plurals.singular(back));
                code.line(imports.use("java.util.List") + "<" + type + "> get" + Words.capitalised(back) + "();");
                code.blank().line("void add" + one + "(" + type + " other);");
                code.blank().line("void remove" + one + "(" + type + " other);");
            } else {
                code.line(type + " get" + Words.capitalised(back) + "();");
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

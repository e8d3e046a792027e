package jasperwing.classes.java;

import jasperwing.classes.ClassModel;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.naming.Step;
import jasperwing.naming.Words;
import jasperwing.walk.Walk;
import java.util.Optional;

/** A path through the generated classes as an expression. */
final class JavaPath {
    private final ClassModel model;
    private final String start;
    private String expression;
    private Kind kind = Kind.OBJECT;

    /** What the expression so far gives. */
    private enum Kind {
        OBJECT,
        OPTIONAL,
        STREAM
    }

    private JavaPath(ClassModel model, String start) {
        this.model = model;
        this.start = start;
        this.expression = start;
    }

    /** What the path leads to, from a variable named after its start; empty where the classes do not lead there. */
    static Optional<String> of(ClassModel model, Walk walk) {
        JavaPath path = new JavaPath(model, variable(walk.start()));
        for (Step step : walk.steps()) {
            Optional<String> property = model.property(step);
            if (property.isEmpty()) {
                return Optional.empty();
            }
            path.follow(step, JavaNames.method("get", property.get()));
        }
        return Optional.of(path.expression + (path.kind == Kind.STREAM ? ".distinct().toList()" : ""));
    }

    private static String variable(String entity) {
        String name = Words.camel(entity);
        return name.isEmpty() || JavaNames.RESERVED.contains(name) ? "start" : name;
    }

    private void follow(Step step, String getter) {
        if (step.many()) {
            many(step, getter);
        } else if (step.relationship() instanceof PolymorphicRelationship && step.way() == Step.Way.REFERENCE) {
            subject(step, getter);
        } else if (kind == Kind.OBJECT && step.must()) {
            expression += "." + getter + "()";
        } else if (kind == Kind.OBJECT) {
            expression = "Optional.ofNullable(" + expression + "." + getter + "())";
            kind = Kind.OPTIONAL;
        } else {
            boolean missing = kind == Kind.STREAM && !step.must();
            expression +=
                    ".map(" + className(step) + "::" + getter + ")" + (missing ? ".filter(Objects::nonNull)" : "");
        }
    }

    /** One of several kinds, if it is of the kind meant. */
    private void subject(Step step, String getter) {
        String kindMeant = model.classNames().get(step.to()) + ".class";
        expression = (kind == Kind.OBJECT
                        ? "Optional.ofNullable(" + expression + "." + getter + "())"
                        : expression + ".map(" + className(step) + "::" + getter + ")")
                + ".filter(" + kindMeant + "::isInstance).map(" + kindMeant + "::cast)";
        kind = kind == Kind.OBJECT ? Kind.OPTIONAL : kind;
    }

    private void many(Step step, String getter) {
        String each = lambda(step.from());
        String more = ".flatMap(" + each + " -> " + each + "." + getter + "().stream())";
        expression += switch (kind) {
            case OBJECT -> "." + getter + "().stream()";
            case OPTIONAL -> ".stream()" + more;
            case STREAM -> more;
        };
        kind = Kind.STREAM;
    }

    /** A name no variable around it has. */
    private String lambda(String entity) {
        String name = variable(entity);
        return name.equals(start) ? "other" + Words.capitalised(name) : name;
    }

    private String className(Step step) {
        return model.classNames().get(step.from());
    }
}

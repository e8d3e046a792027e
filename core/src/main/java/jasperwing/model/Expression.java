package jasperwing.model;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** What a computed attribute is computed by: a scalar expression as it was written. What it means is told by the formula made of it. */
public sealed interface Expression {
    /** Applies the function for its kind; every kind must have one. */
    <R> R match(Function<Name, R> name, Function<Constant, R> constant, Function<Call, R> call);

    /** The operator between what a function takes of many and the condition that those fulfil it takes: {@code specimens where length > 10}. */
    String WHERE = "where";

    /** The most operations, names and constants an expression may have. */
    int MOST_PARTS = 500;

    /** An attribute, or one that roles or values lead to; at least one name. */
    record Name(List<String> path) implements Expression {
        public Name {
            path = List.copyOf(path);
            if (path.isEmpty()) {
                throw new IllegalArgumentException("a name in a formula must not be empty");
            }
        }

        /** The same with the first name changed where it is the old one. */
        Name renamed(String oldName, String newName) {
            if (!path.get(0).equals(oldName)) {
                return this;
            }
            List<String> changed = new ArrayList<>(path);
            changed.set(0, newName);
            return new Name(changed);
        }

        public static Name of(String... path) {
            return new Name(List.of(path));
        }

        @Override
        public <R> R match(Function<Name, R> name, Function<Constant, R> constant, Function<Call, R> call) {
            return name.apply(this);
        }
    }

    /** A number, a text, a date, or one of the words {@code true}, {@code false} and {@code null}. */
    record Constant(Literal literal) implements Expression {
        public static final Constant NULL = new Constant(Literal.word("null"));

        @Override
        public <R> R match(Function<Name, R> name, Function<Constant, R> constant, Function<Call, R> call) {
            return constant.apply(this);
        }
    }

    /**
     * A function or an operator applied.
     *
     * @param function its name in small letters, or the operator as it is written; {@code neg} for a sign before what is no constant, {@code case} for pairs
     *     of a condition and what is so then, and at the end what is so otherwise
     */
    record Call(String function, List<Expression> arguments) implements Expression {
        public Call {
            arguments = List.copyOf(arguments);
        }

        /** Whether it states a condition on some of many. */
        public boolean isCondition() {
            return function.equals(WHERE);
        }

        public static Call of(String function, Expression... arguments) {
            return new Call(function, List.of(arguments));
        }

        @Override
        public <R> R match(Function<Name, R> name, Function<Constant, R> constant, Function<Call, R> call) {
            return call.apply(this);
        }
    }

    /** All names in it that lead on from the entity it is about, in the order written; none of a condition on some of many, which is about those. */
    default Stream<Name> names() {
        if (this instanceof Name name) {
            return Stream.of(name);
        }
        return this instanceof Call call
                ? call.arguments().stream()
                        .limit(call.isCondition() ? 1 : Long.MAX_VALUE)
                        .flatMap(Expression::names)
                : Stream.empty();
    }

    /** The same with these names changed. */
    default Expression withNames(UnaryOperator<Name> change) {
        if (this instanceof Name name) {
            return change.apply(name);
        }
        if (!(this instanceof Call call)) {
            return this;
        }
        List<Expression> changed = new ArrayList<>(call.arguments());
        for (int i = 0; i < (call.isCondition() ? 1 : changed.size()); i++) {
            changed.set(i, changed.get(i).withNames(change));
        }
        return new Call(call.function(), changed);
    }

    /** How many operations, names and constants there are. */
    default int parts() {
        return this instanceof Call call
                ? 1 + call.arguments().stream().mapToInt(Expression::parts).sum()
                : 1;
    }
}

package jasperwing.formula;

import jasperwing.model.Attribute;
import jasperwing.model.Literal;
import jasperwing.naming.Step;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** A part of a formula, with names resolved and types known. */
public sealed interface Term {
    /** Applies the function for its kind; every kind must have one. */
    <R> R match(
            Function<Constant, R> constant,
            Function<Member, R> member,
            Function<Apply, R> apply,
            Function<Aggregate, R> aggregate);

    Kind kind();

    /** Whether it can give nothing. */
    boolean nullable();

    record Constant(Literal literal, Kind kind) implements Term {
        @Override
        public boolean nullable() {
            return kind == Kind.NOTHING;
        }

        @Override
        public <R> R match(
                Function<Constant, R> constant,
                Function<Member, R> member,
                Function<Apply, R> apply,
                Function<Aggregate, R> aggregate) {
            return constant.apply(this);
        }
    }

    /**
     * An attribute.
     *
     * @param steps the roles that lead to its entity, none of them to many; empty for the entity the formula belongs to
     * @param entity whose attribute it is
     * @param path the attribute, and within a value what leads to the part; the part is last
     * @param formula what it is computed by, when it is
     * @param joins how many of the steps lead to the first row that has it: a reference repeats the key of what it refers to; 0 for the row it is seen
     *     from
     * @param presence whether all that is asked is if there is what the steps lead to, of which it is the key
     */
    record Member(
            List<Step> steps,
            String entity,
            List<Attribute> path,
            Kind kind,
            boolean nullable,
            Optional<Formula> formula,
            int joins,
            boolean presence)
            implements Term {
        public Member {
            steps = List.copyOf(steps);
            path = List.copyOf(path);
        }

        /** Whether the row it is seen from has it: itself, or in a reference. */
        public boolean isInRow() {
            return joins == 0;
        }

        /** The part that is read. */
        public Attribute leaf() {
            return path.get(path.size() - 1);
        }

        @Override
        public <R> R match(
                Function<Constant, R> constant,
                Function<Member, R> member,
                Function<Apply, R> apply,
                Function<Aggregate, R> aggregate) {
            return member.apply(this);
        }
    }

    /** An operation of what it is applied to; see {@link Operations}. */
    record Apply(String operation, List<Term> arguments, Kind kind, boolean nullable) implements Term {
        public Apply {
            arguments = List.copyOf(arguments);
        }

        @Override
        public <R> R match(
                Function<Constant, R> constant,
                Function<Member, R> member,
                Function<Apply, R> apply,
                Function<Aggregate, R> aggregate) {
            return apply.apply(this);
        }
    }

    /**
     * How many, or a sum, mean, least or greatest of many.
     *
     * @param steps the roles that lead to them, the first of them to many
     * @param entity what they are
     * @param of what is taken of each; empty when they are counted
     * @param where what those fulfil that are taken, about one of them; empty for all
     */
    record Aggregate(
            String function,
            List<Step> steps,
            String entity,
            Optional<Member> of,
            Optional<Term> where,
            Kind kind,
            boolean nullable)
            implements Term {
        public Aggregate {
            steps = List.copyOf(steps);
        }

        @Override
        public <R> R match(
                Function<Constant, R> constant,
                Function<Member, R> member,
                Function<Apply, R> apply,
                Function<Aggregate, R> aggregate) {
            return aggregate.apply(this);
        }
    }

    /** This and every part of it, those of computed attributes it names included. */
    default Stream<Term> all() {
        return Stream.concat(Stream.of(this), parts().flatMap(Term::all));
    }

    private Stream<Term> parts() {
        if (this instanceof Apply apply) {
            return apply.arguments().stream();
        }
        if (this instanceof Aggregate aggregate) {
            return Stream.concat(aggregate.of().stream(), aggregate.where().stream());
        }
        return this instanceof Member member ? member.formula().stream().map(Formula::term) : Stream.empty();
    }
}

package jasperwing.notation;

/** Leaves a broken statement for the next one; caught where statements are told apart and never seen outside. */
final class SyntaxException extends Exception {
    private static final long serialVersionUID = 1L;

    private final transient Problem problem;

    SyntaxException(Problem problem) {
        super(problem.message(), null, false, false);
        this.problem = problem;
    }

    Problem problem() {
        return problem;
    }
}

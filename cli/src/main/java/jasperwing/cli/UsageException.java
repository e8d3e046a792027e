package jasperwing.cli;

/** A command that cannot be carried out as it was given; the message says what would do. */
final class UsageException extends Exception {
    private static final long serialVersionUID = 1L;

    UsageException(String message) {
        super(message);
    }
}

package jasperwing.cli;

/** A command that cannot be carried out as it was given; the message says what would do. */
public final class UsageException extends Exception {
    private static final long serialVersionUID = 1L;

    public UsageException(String message) {
        super(message);
    }
}

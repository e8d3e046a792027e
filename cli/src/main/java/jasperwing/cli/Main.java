package jasperwing.cli;

import java.util.Optional;

/** Runs one command, without a window. */
public final class Main {
    private Main() {}

    public static void main(String[] arguments) {
        System.exit(CommandLines.run(arguments, Optional.empty(), () -> CommandLines.of(Optional.empty())));
    }
}

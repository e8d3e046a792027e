package jasperwing.cli;

import jasperwing.schema.Dialect;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** Reads the word for a database. */
final class DialectOption {
    static final String KNOWN = "postgresql, mariadb, sqlite or h2";

    private DialectOption() {}

    static Dialect of(String word) throws UsageException {
        String known = Arrays.stream(Dialect.values()).map(Dialect::word).collect(Collectors.joining(", "));
        return Dialect.of(word.toLowerCase(Locale.ROOT))
                .orElseThrow(
                        () -> new UsageException("There is no dialect '" + word + "'. Choose one of " + known + "."));
    }
}

package jasperwing.cli;

import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import java.util.Iterator;
import java.util.Locale;
import java.util.stream.Collectors;

/** Reads the word for a database. */
final class DialectOption {
    static final String KNOWN = "${COMPLETION-CANDIDATES}";

    private DialectOption() {}

    /** The words, for help and completion. */
    static final class Words implements Iterable<String> {
        @Override
        public Iterator<String> iterator() {
            return Dialects.all().stream().map(Dialect::word).iterator();
        }
    }

    /** @param word null for the usual one */
    static Dialect of(String word) throws UsageException {
        if (word == null) {
            return Dialects.DEFAULT;
        }
        String known = Dialects.all().stream().map(Dialect::word).collect(Collectors.joining(", "));
        return Dialects.of(word.toLowerCase(Locale.ROOT))
                .orElseThrow(
                        () -> new UsageException("There is no dialect '" + word + "'. Choose one of " + known + "."));
    }
}

package jasperwing.classes.language;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;

/** Checks source texts with a tool of their language, and keeps nothing of it. */
public interface Checker {
    /**
     * Something the tool says.
     *
     * @param path of the file; empty when it says it of none
     * @param line from 1; 0 when it says it of none
     */
    record Remark(String path, long line, boolean error, String message) {}

    /** What the tool is called, with its version, such as {@code javac 17}. */
    String tool();

    /**
     * What the tool says of sources together; nothing when all is well.
     *
     * @param sources texts by paths below the folder they are written to
     * @param wanted asked now and then
     * @return empty when this machine does not have the tool
     * @throws CancellationException when it is not wanted any more
     */
    Optional<List<Remark>> check(Map<String, String> sources, BooleanSupplier wanted);
}

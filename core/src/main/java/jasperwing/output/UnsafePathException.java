package jasperwing.output;

import java.io.IOException;

/** A file would lie elsewhere than in the folder. */
public final class UnsafePathException extends IOException {
    private static final long serialVersionUID = 1L;

    UnsafePathException(String path, String why) {
        super("'" + path + "' " + why + "; nothing was written");
    }
}

package jasperwing.classes.template;

import java.io.IOException;
import java.io.Writer;

/** Gathers the text of one file, of which there is a most: a template may never come to an end. */
final class LimitedWriter extends Writer {
    private static final int MOST = 1 << 26;

    private final String path;
    private final StringBuilder text = new StringBuilder();

    /** @param path of the file */
    LimitedWriter(String path) {
        this.path = path;
    }

    @Override
    public void write(char[] characters, int offset, int length) throws IOException {
        check(length);
        text.append(characters, offset, length);
    }

    @Override
    public void write(String more, int offset, int length) throws IOException {
        check(length);
        text.append(more, offset, offset + length);
    }

    private void check(int more) throws IOException {
        if (text.length() + more > MOST) {
            throw new IOException("'" + path + "' would have more than " + MOST + " characters");
        }
    }

    @Override
    public void flush() {
        // nothing is held back
    }

    @Override
    public void close() {
        // there is nothing to let go
    }

    @Override
    public String toString() {
        return text.toString();
    }
}

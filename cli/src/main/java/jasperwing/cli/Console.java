package jasperwing.cli;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.util.Optional;

/** Standard output and error in UTF-8, whatever the locale is. Remembers whether all that was printed could be written. */
final class Console {
    private final Watched stream;
    private final PrintWriter out;
    private final PrintWriter err;

    Console(OutputStream out, OutputStream err) {
        this.stream = new Watched(out);
        this.out = new PrintWriter(new OutputStreamWriter(stream, UTF_8));
        this.err = new PrintWriter(new OutputStreamWriter(err, UTF_8), true);
    }

    static Console standard() {
        return new Console(new FileOutputStream(FileDescriptor.out), new FileOutputStream(FileDescriptor.err));
    }

    PrintWriter out() {
        return out;
    }

    PrintWriter err() {
        return err;
    }

    /** Writes what is left. @return the exit code: the one given, or 2 where not all could be written */
    int finish(int code) {
        out.flush();
        Optional<IOException> problem = stream.problem;
        problem.ifPresent(p -> err.println("Standard output cannot be written: " + p.getMessage()));
        err.flush();
        return problem.isPresent() ? 2 : code;
    }

    /** Keeps the first problem, which a {@link PrintWriter} would hide. */
    private static final class Watched extends FilterOutputStream {
        private Optional<IOException> problem = Optional.empty();

        Watched(OutputStream out) {
            super(out);
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            try {
                out.write(bytes, from, length);
            } catch (IOException e) {
                problem = problem.or(() -> Optional.of(e));
                throw e;
            }
        }

        @Override
        public void write(int single) throws IOException {
            write(new byte[] {(byte) single}, 0, 1);
        }
    }
}

package jasperwing.storage;

import jasperwing.Samples;
import jasperwing.model.Design;
import java.io.IOException;
import java.nio.file.Path;

/** Saves a design under changing names without end, and tells of each time by one letter. */
public final class SavingForever {
    private SavingForever() {}

    public static void main(String[] arguments) throws IOException {
        Path file = Path.of(arguments[0]);
        Design design = Samples.demo();
        for (int i = 0; ; i++) {
            DesignFile.save(file, design.withName("Round " + i));
            System.out.write('s');
            System.out.flush();
        }
    }
}

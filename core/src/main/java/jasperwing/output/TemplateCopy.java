package jasperwing.output;

import jasperwing.classes.targets.Target;
import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;

/** Copies the templates of a target that comes with Jasperwing, to be changed. */
public final class TemplateCopy {
    private TemplateCopy() {}

    /**
     * Copies all of them.
     *
     * @param target that comes with Jasperwing
     * @param folder that is not there yet
     * @return how many there are
     * @throws IOException when the folder is there, or cannot be written
     */
    public static int copy(Target target, Path folder) throws IOException {
        if (Files.exists(folder)) {
            throw new IOException(folder + " is there already; name a folder that is not");
        }
        Map<String, String> texts = target.texts();
        for (Map.Entry<String, String> text : texts.entrySet()) {
            SafeWrite.write(folder.resolve(text.getKey()), text.getValue());
        }
        return texts.size();
    }

    /** A folder of that name, or of one with a number behind it, that is not there yet. */
    public static Path free(Path parent, String name) {
        Path free = parent.resolve(name);
        for (int i = 2; Files.exists(free); i++) {
            free = parent.resolve(name + "-" + i);
        }
        return free;
    }
}

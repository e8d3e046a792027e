package jasperwing.naming;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.zip.CRC32;

/**
 * Hands out names within one scope, so that no two are the same after folding case and none is too long. The same requests
 * in the same order give the same names.
 */
public final class Identifiers {
    /** The most bytes of UTF-8 one char can need. */
    private static final int MOST_BYTES = 3;

    /** About as many names as one table has. */
    private static final int FEW = 24;

    private final int limit;
    private final Set<String> taken;
    /** The last number each name that was taken got, so that names that are all alike are not tried again and again. */
    private final Map<String, Integer> numbers = new HashMap<>();

    private boolean clashed;

    /** @param limit the most bytes of UTF-8 a name may have; 0 for no limit */
    public Identifiers(int limit) {
        this(limit, FEW);
    }

    /** @param names about as many as will be asked for */
    public Identifiers(int limit, int names) {
        this.limit = limit;
        this.taken = new HashSet<>(2 * names);
    }

    public int limit() {
        return limit;
    }

    /** The same names taken. */
    public Identifiers copy() {
        Identifiers copy = new Identifiers(limit, taken.size());
        copy.taken.addAll(taken);
        copy.numbers.putAll(numbers);
        copy.clashed = clashed;
        return copy;
    }

    /** The wanted name, shortened with a hash if it is too long and numbered if it is taken. */
    public String take(String wanted) {
        String name = fit(wanted, limit);
        if (taken.add(name.toLowerCase(Locale.ROOT))) {
            return name;
        }
        clashed = true;
        String folded = wanted.toLowerCase(Locale.ROOT);
        int number = numbers.getOrDefault(folded, 1);
        do {
            number++;
            name = fit(wanted + "_" + number, limit);
        } while (!taken.add(name.toLowerCase(Locale.ROOT)));
        numbers.put(folded, number);
        return name;
    }

    /** Whether a name would be given as it is wanted. */
    public boolean isFree(String wanted) {
        return !taken.contains(fit(wanted, limit).toLowerCase(Locale.ROOT));
    }

    /** Gives a name back, so that it can be taken again. */
    public void release(String name) {
        taken.remove(name.toLowerCase(Locale.ROOT));
        numbers.clear();
    }

    /** Whether a name had to be numbered; then what is given depends on the order in which it is asked for. */
    public boolean hasClashed() {
        return clashed;
    }

    /** The name itself, or its beginning and a hash of the whole when it has more than {@code limit} bytes. */
    public static String fit(String name, int limit) {
        if (limit <= 0 || name.length() <= limit / MOST_BYTES) {
            return name;
        }
        byte[] bytes = name.getBytes(StandardCharsets.UTF_8);
        if (bytes.length <= limit) {
            return name;
        }
        CRC32 crc = new CRC32();
        crc.update(bytes);
        String suffix = String.format("_%08x", crc.getValue());
        StringBuilder start = new StringBuilder();
        int used = suffix.length();
        for (int c : name.codePoints().toArray()) {
            used += new String(Character.toChars(c)).getBytes(StandardCharsets.UTF_8).length;
            if (used > limit) {
                break;
            }
            start.appendCodePoint(c);
        }
        return start + suffix;
    }
}

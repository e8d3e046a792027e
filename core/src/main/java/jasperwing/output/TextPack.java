package jasperwing.output;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.util.ArrayList;
import java.util.List;

/**
 * Texts of files with what they were made for, in one file: a line with the number of the text's bytes and then its names, and below it the
 * text.
 */
final class TextPack {
    private static final String FIRST =
            "What Jasperwing wrote here last. Keep it with the files: changes by hand are told by it.\n";
    private static final String LAST = "end\n";

    private TextPack() {}

    /** A text and its names, none of which is null. */
    record Text(List<String> names, String text) {
        /** @throws IOException where it has fewer names, as what somebody else wrote may */
        String name(int index) throws IOException {
            if (index >= names.size()) {
                throw broken("What is remembered of '" + (names.isEmpty() ? "" : names.get(0)) + "'");
            }
            return names.get(index);
        }
    }

    static byte[] bytes(List<Text> texts) {
        int size = texts.stream().mapToInt(t -> t.text().length() + 128).sum();
        ByteArrayOutputStream out = new ByteArrayOutputStream(size + 128);
        out.writeBytes(FIRST.getBytes(UTF_8));
        for (Text each : texts) {
            byte[] text = each.text().getBytes(UTF_8);
            StringBuilder head = new StringBuilder().append(text.length);
            each.names().forEach(n -> head.append(' ')
                    .append(URLEncoder.encode(n, UTF_8).replace("%2F", "/")));
            out.writeBytes(head.append('\n').toString().getBytes(UTF_8));
            out.writeBytes(text);
            out.write('\n');
        }
        out.writeBytes(LAST.getBytes(UTF_8));
        return out.toByteArray();
    }

    /** @throws IOException when it was cut off or is something else */
    static List<Text> read(byte[] bytes, String where) throws IOException {
        List<Text> texts = new ArrayList<>();
        int at = line(bytes, 0, where).length;
        while (true) {
            byte[] line = line(bytes, at, where);
            String head = new String(line, UTF_8);
            if (head.equals(LAST)) {
                return texts;
            }
            String[] words = head.substring(0, head.length() - 1).split(" ", -1);
            int length = length(words[0], where);
            at += line.length;
            if (length < 0 || at + length + 1 > bytes.length) {
                throw broken(where);
            }
            List<String> names = new ArrayList<>();
            for (int i = 1; i < words.length; i++) {
                names.add(decoded(words[i], where));
            }
            texts.add(new Text(names, new String(bytes, at, length, UTF_8)));
            at += length + 1;
        }
    }

    private static String decoded(String word, String where) throws IOException {
        try {
            return URLDecoder.decode(word, UTF_8);
        } catch (IllegalArgumentException e) {
            throw broken(where);
        }
    }

    private static int length(String word, String where) throws IOException {
        try {
            return Integer.parseInt(word);
        } catch (NumberFormatException e) {
            throw broken(where);
        }
    }

    private static byte[] line(byte[] bytes, int from, String where) throws IOException {
        for (int i = from; i < bytes.length; i++) {
            if (bytes[i] == '\n') {
                byte[] line = new byte[i + 1 - from];
                System.arraycopy(bytes, from, line, 0, line.length);
                return line;
            }
        }
        throw broken(where);
    }

    private static IOException broken(String where) {
        return new IOException(
                where + " is cut off or was changed; take it back from version control, or move it away to begin anew");
    }
}

package jasperwing.paste;

import jasperwing.model.Attribute;
import jasperwing.model.Type;
import jasperwing.naming.TypeAliases;
import jasperwing.naming.TypeGuess;
import jasperwing.naming.Words;
import jasperwing.notation.AttributeLine;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Rows of a spreadsheet, one attribute each; the first row may say what the columns are. */
final class SpreadsheetRows {
    private static final Pattern SIZED = Pattern.compile("([\\p{L}_ ]+?)\\s*\\(([\\d, ]+)\\)");
    private static final Pattern YES = Pattern.compile("(?i)y|yes|true|x|1|\u2713|pk|required|mandatory");

    private final String separator;
    private int name;
    private int type = 1;
    private int length = -1;
    private int required = -1;
    private int optional = -1;
    private int key = -1;
    private int unique = -1;
    private int note = -1;

    private SpreadsheetRows(String separator) {
        this.separator = separator;
    }

    /** Whether most rows have several cells; a list of single words counts too, since names are all one needs. */
    static boolean looksLike(List<String> lines) {
        return separator(lines).isPresent()
                || lines.size() > 1 && lines.stream().allMatch(l -> l.matches("[\\p{L}_][\\p{L}\\p{N}_]*"));
    }

    private static Optional<String> separator(List<String> lines) {
        for (String candidate : new String[] {"\t", ";", ","}) {
            long with =
                    lines.stream().filter(l -> outside(l).contains(candidate)).count();
            if (with > 0 && with * 10 >= lines.size() * 8L) {
                return Optional.of(candidate);
            }
        }
        return Optional.empty();
    }

    /** The line without what stands in parentheses, where a comma is part of a type. */
    private static String outside(String line) {
        return line.replaceAll("\\([^)]*\\)", "");
    }

    static List<String> of(List<String> lines) {
        SpreadsheetRows cells = new SpreadsheetRows(separator(lines).orElse("\t"));
        List<String> result = new ArrayList<>();
        List<String> first = cells.split(lines.get(0));
        boolean header = cells.readHeader(first);
        for (String line : header ? lines.subList(1, lines.size()) : lines) {
            result.add(cells.attribute(cells.split(line)).orElse(line));
        }
        return result;
    }

    private List<String> split(String line) {
        List<String> cells = new ArrayList<>();
        for (String cell : line.split(Pattern.quote(separator) + "(?![^(]*\\))", -1)) {
            cells.add(cell.strip().replaceAll("^\"|\"$", ""));
        }
        return cells;
    }

    private boolean readHeader(List<String> cells) {
        int known = 0;
        boolean named = false;
        for (int i = 0; i < cells.size(); i++) {
            String head = cells.get(i).toLowerCase(Locale.ROOT);
            boolean understood = true;
            if (head.matches("(column |field |attribute )?name|column|field|attribute")) {
                name = i;
                named = true;
            } else if (head.matches("(data ?)?type|format")) {
                type = i;
            } else if (head.matches("length|size|max(imum)? length")) {
                length = i;
            } else if (head.matches("required|mandatory|not null")) {
                required = i;
            } else if (head.matches("null|nullable|nulls?\\??|optional")) {
                optional = i;
            } else if (head.matches("key|pk|primary( key)?")) {
                key = i;
            } else if (head.matches("unique")) {
                unique = i;
            } else if (head.matches("description|comment|notes?|remarks?|meaning")) {
                note = i;
            } else {
                understood = false;
            }
            known += understood ? 1 : 0;
        }
        return named && known >= Math.min(2, cells.size());
    }

    private Optional<String> attribute(List<String> cells) {
        String written = cell(cells, name);
        String plain =
                written.matches("[\\p{L}_][\\p{L}\\p{N}_]*") && !written.contains("_") ? written : Words.camel(written);
        if (plain.isEmpty()) {
            return Optional.empty();
        }
        String typed = cell(cells, type);
        boolean mayBeEmpty = typed.endsWith("?") || yes(cells, optional) || required >= 0 && !yes(cells, required);
        Type found = type(typed.replaceAll("\\?$", ""), cell(cells, length))
                .or(() -> TypeGuess.of(plain))
                .orElse(new Type.Text(80));
        Attribute attribute = Attribute.of(plain, found)
                .withOptional(mayBeEmpty && !yes(cells, key))
                .withUnique(yes(cells, unique));
        String said = cell(cells, note);
        if (!said.isEmpty()) {
            attribute = attribute.withNotes(attribute.notes().withDoc(said));
        }
        return Optional.of(Notation.print(attribute, yes(cells, key)));
    }

    private static String cell(List<String> cells, int index) {
        return index >= 0 && index < cells.size() ? cells.get(index) : "";
    }

    private static boolean yes(List<String> cells, int index) {
        return YES.matcher(cell(cells, index)).matches();
    }

    private static Optional<Type> type(String typed, String length) {
        if (typed.isEmpty()) {
            return Optional.empty();
        }
        String sized = length.matches("\\d+(\\s*,\\s*\\d+)?") ? typed + "(" + length + ")" : typed;
        boolean plainText = typed.equalsIgnoreCase("text") || typed.equalsIgnoreCase("string");
        if (plainText && sized.equals(typed)) {
            return Optional.of(new Type.Text(80));
        }
        Optional<Type> own = Notation.attribute("x " + sized)
                .value()
                .map(AttributeLine::attribute)
                .map(Attribute::type)
                .filter(t -> !(t instanceof Type.Named)
                        || Character.isUpperCase(typed.charAt(0))
                                && TypeAliases.of(typed, List.of()).isEmpty());
        Matcher matcher = SIZED.matcher(sized);
        boolean hasSize = matcher.matches();
        Optional<Type> sql = TypeAliases.of(
                hasSize ? matcher.group(1) : sized,
                hasSize ? List.of(matcher.group(2).split(",")) : List.of());
        return own.or(() -> sql);
    }
}

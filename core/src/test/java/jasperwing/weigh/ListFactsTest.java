package jasperwing.weigh;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import java.sql.SQLException;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is said of the ways to keep a list, tried in every database. */
class ListFactsTest {
    private static final String LOST = "order and repeats are lost: each is there once, in any order";

    private final Design design =
            Samples.design("entity Song", "  id serial key", "  title text(40)", "  moods text(9) list");

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void inOneColumn(Dialect dialect) throws SQLException {
        List<Alternative> ways = weighed(dialect).ways();
        for (Alternative way : ways.subList(0, 2)) {
            boolean array =
                    way.title().equals("In one column") && (dialect == Dialects.POSTGRESQL || dialect == Dialects.H2);
            try (FactTrial trial = new FactTrial(design, dialect, way)) {
                trial.says("read with the song, no join", trial.takes("select moods from songs"));
                String several = insert(91, list(dialect, array, "b", "a", "b"));
                trial.says("1 write for a song, however many", trial.takes(several));
                trial.says("keeps order and repeats", trial.count("songs", several) == 2);
                boolean checked = !trial.takes(insert(91, list(dialect, array, "0123456789")));
                trial.says("the database checks every element", checked);
                trial.says("the database cannot fully check the elements", !checked);
                boolean gin = dialect == Dialects.POSTGRESQL && trial.takes("create index on songs using gin (moods)");
                trial.says("a GIN index can find by element", gin);
                trial.says("searched row by row: no index on elements", !gin);
                String same = list(dialect, array, "a");
                trial.says(
                        "a value is stored with every song that has it",
                        trial.takes(insert(91, same), insert(92, same)));
            }
        }
    }

    private static String insert(int id, String moods) {
        return "insert into songs (id, title, moods) values (" + id + ", 'x', " + moods + ")";
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aRowForEach(Dialect dialect) throws SQLException {
        try (FactTrial trial =
                new FactTrial(design, dialect, weighed(dialect).ways().get(2))) {
            trial.says("deleted with its song", trial.count("song_moods", "delete from songs") == 0);
            trial.says("keeps order and repeats", trial.takes(element(7, "a"), element(8, "a")));
            trial.says("the database checks every element", !trial.takes(element(7, "0123456789")));
            trial.says(
                    "searched row by row until an index is added",
                    !trial.indexes("song_moods").contains("mood"));
            trial.says("1 join to read", trial.words("join ", "To find") == 1);
            trial.says("1 more write for each", trial.words("insert ", "To add") == 1);
            trial.says("a value is stored with every song that has it", trial.takes(element(7, "a"), element(8, "a")));
        }
    }

    private static String element(int position, String mood) {
        return "insert into song_moods (song_id, position, mood) select id, " + position + ", '" + mood
                + "' from songs";
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void anEntityOfItsOwn(Dialect dialect) throws SQLException {
        try (FactTrial trial =
                new FactTrial(design, dialect, weighed(dialect).ways().get(3))) {
            String mood = "insert into moods (id, name) values (91, 'zest')";
            String again = "insert into moods (id, name) values (92, 'zest')";
            String pair = "insert into song_moods (song_id, mood_id) select songs.id, moods.id from songs, moods"
                    + " where moods.name = 'zest'";
            trial.says("each value is stored once, renamed in one place", !trial.takes(mood, again));
            trial.says(
                    "a foreign key refuses values that are not there",
                    !trial.takes("insert into song_moods (song_id, mood_id) select id, 977 from songs"));
            trial.says(
                    "can have attributes of its own",
                    trial.design().entity("Mood").isPresent());
            trial.says("searched by an index", trial.indexes("moods").contains("name"));
            trial.says("2 joins to read", trial.words("join ", "To find") == 2);
            trial.says("1 more write for each, 2 for a new one", trial.words("insert ", "To add") == 2);
            trial.says(LOST, !trial.takes(mood, pair, pair));
        }
    }

    private Alternatives weighed(Dialect dialect) {
        return Alternatives.ofList(design, dialect, "Song", "moods").orElseThrow();
    }

    private static String list(Dialect dialect, boolean array, String... elements) {
        String quote = array ? "'" : "\"";
        String all = Stream.of(elements).map(e -> quote + e + quote).collect(Collectors.joining(", "));
        return array ? "array[" + all + "]" : (dialect == Dialects.H2 ? "json " : "") + "'[" + all + "]'";
    }
}

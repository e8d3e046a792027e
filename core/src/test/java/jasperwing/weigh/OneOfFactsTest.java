package jasperwing.weigh;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import jasperwing.model.PolymorphicRelationship;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is said of the ways to keep a one-of, tried in every database. */
class OneOfFactsTest {
    private static final String[] GARDEN = {
        "entity Bed",
        "  id serial key",
        "entity Tree",
        "  id serial key",
        "entity Task",
        "  id serial key",
        "  text text(40)"
    };

    private static final List<String> SENTENCES = List.of(
            "each Task must be for one of Bed, Tree as subject, which may have many Task as tasks",
            "each Task may be for one of Bed, Tree as subject");

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aColumnForEach(Dialect dialect) throws SQLException {
        for (String sentence : SENTENCES) {
            boolean must = sentence.contains(" must ");
            try (FactTrial trial = new FactTrial(garden(sentence), dialect, way(garden(sentence), dialect, 0))) {
                boolean held =
                        !trial.takes(task("subject_bed_id", "977")) && !trial.takes(task("subject_tree_id", "977"));
                trial.says("foreign keys enforce every reference", held);
                trial.says("not every reference can have a foreign key", !held);
                boolean both =
                        trial.takes("insert into tasks (id, text, subject_bed_id, subject_tree_id) values (91, 'x',"
                                + " (select min(id) from beds), (select min(id) from trees))");
                boolean none = trial.takes("insert into tasks (id, text) values (91, 'x')");
                trial.says("a check enforces that exactly one is filled", must && !both && !none);
                trial.says("a check enforces that at most one is filled", !must && !both && none);
                trial.says("1 join to read", trial.words("join ", "To read") == 1);
                trial.says(
                        "all but one of 2 references are null",
                        trial.columns("tasks").size() == 4 && !both);
                wider(
                        trial,
                        sentence,
                        "a new subject adds 1 column, 1 foreign key, 1 index" + (both ? "" : "; changes 1 check"),
                        0,
                        1);
            }
        }
    }

    private static String task(String column, String id) {
        return "insert into tasks (id, text, " + column + ") values (91, 'x', " + id + ")";
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aKindAndAnId(Dialect dialect) throws SQLException {
        for (String sentence : SENTENCES) {
            try (FactTrial trial = new FactTrial(garden(sentence), dialect, way(garden(sentence), dialect, 1))) {
                String dangling = "insert into tasks (id, text, subject_kind, subject_id) values (91, 'x', 'Bed', 977)";
                boolean free = trial.takes(dangling);
                boolean guarded = !trial.takesGuarded(dangling);
                trial.says("no foreign key: ids can dangle", free && !guarded);
                trial.says("no foreign key: ids can dangle without triggers", free && guarded);
                trial.says(
                        "2 columns, however many subjects",
                        trial.columns("tasks").size() == 4);
                trial.says(
                        "1 index finds by any subject", trial.indexes("tasks").contains("subject_kind"));
                wider(trial, sentence, "a new subject changes 1 check", 0, 0);
                boolean renamed = trial.takes(dangling.replace("'Bed'", "'Plot'"));
                trial.says("a renamed subject leaves stored kinds behind", !renamed);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aTableForEach(Dialect dialect) throws SQLException {
        for (String sentence : SENTENCES) {
            try (FactTrial trial = new FactTrial(garden(sentence), dialect, way(garden(sentence), dialect, 2))) {
                String bed = "insert into bed_tasks (id, text, bed_id) values (91, 'x', 977)";
                boolean held = !trial.takes(bed)
                        && !trial.takes(bed.replace("bed_", "tree_"))
                        && trial.takes(bed.replace("977", "(select min(id) from beds)"));
                trial.says("foreign keys enforce every reference", held);
                trial.says("1 join to read", trial.words("join ", "To read") == 1);
                int all = trial.count("bed_tasks") + trial.count("tree_tasks");
                String union = "(select id from bed_tasks union all select id from tree_tasks) every_task";
                trial.says("all tasks together: a union of 2 tables", trial.count(union) == all);
                trial.says("a change to one is repeated in tree_tasks", sameColumns(trial));
                wider(trial, sentence, "a new subject adds 1 table", 1, 0);
            }
        }
    }

    private static boolean sameColumns(FactTrial trial) throws SQLException {
        List<String> tree = new ArrayList<>(trial.columns("tree_tasks"));
        tree.replaceAll(c -> c.replace("tree_", "bed_"));
        return tree.equals(trial.columns("bed_tasks"));
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aSharedParent(Dialect dialect) throws SQLException {
        for (String sentence : SENTENCES) {
            try (FactTrial trial = new FactTrial(garden(sentence), dialect, way(garden(sentence), dialect, 3))) {
                String parent = "insert into task_subjects (id) values (97)";
                trial.says(
                        "one foreign key enforces every reference",
                        !trial.takes(task("subject_id", "977")) && trial.takes(parent, task("subject_id", "97")));
                String bed = "insert into beds (id, task_subject_id) values (91, ";
                String tree = "insert into trees (id, task_subject_id) values (91, ";
                trial.says(
                        "a row of task_subjects before every subject",
                        !trial.takes(bed + "97)") && trial.takes(parent, bed + "97)"));
                trial.says(
                        "no constraint keeps two subjects from sharing a row of task_subjects",
                        trial.takes(parent, bed + "97)", tree + "97)"));
                trial.says(
                        "other entities can refer to any subject by task_subjects",
                        trial.primaryKey("task_subjects").equals(List.of("id")));
                trial.says("2 joins to read", trial.words("join ", "To read") == 2);
                wider(trial, sentence, "a new subject adds 1 column, 1 foreign key, 1 index", 0, 0);
            }
        }
    }

    /** Compares with the tables of a design that has one more subject. */
    private static void wider(FactTrial trial, String sentence, String fact, int tables, int columns)
            throws SQLException {
        List<String> lines = new ArrayList<>(List.of(GARDEN));
        lines.addAll(List.of("entity Pond", "  id serial key", sentence.replace("Bed, Tree", "Bed, Tree, Pond")));
        Design more = Samples.design(lines.toArray(String[]::new));
        Alternative same = weighed(more, trial.dialect).ways().stream()
                .filter(w -> w.title().equals(trial.way.title()))
                .findFirst()
                .orElseThrow();
        try (FactTrial wider = FactTrial.ofTables(more, trial.dialect, same)) {
            boolean alone = trial.way.title().equals("A table for each");
            int more1 = alone
                    ? 0
                    : wider.columns("tasks").size() - trial.columns("tasks").size();
            trial.says(fact, wider.tables() - trial.tables() == tables + 1 && more1 == columns);
        }
    }

    private static Design garden(String sentence) {
        List<String> lines = new ArrayList<>(List.of(GARDEN));
        lines.add(sentence);
        return Samples.design(lines.toArray(String[]::new));
    }

    private static Alternatives weighed(Design design, Dialect dialect) {
        return Alternatives.ofRelationship(design, dialect, (PolymorphicRelationship)
                        design.relationships().get(0))
                .orElseThrow();
    }

    private static Alternative way(Design design, Dialect dialect, int index) {
        return weighed(design, dialect).ways().get(index);
    }
}

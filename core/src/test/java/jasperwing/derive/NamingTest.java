package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.catalog.CatalogTest;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Area;
import jasperwing.model.DatabaseNaming;
import jasperwing.model.DatabaseNaming.Rule;
import jasperwing.model.Design;
import jasperwing.model.StorageNotes;
import jasperwing.notation.Notation;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Names and places of tables, keys and constraints, as the design says them. */
class NamingTest {
    private static final Design CHOIR = Samples.design(
            "area Music moss",
            "enum Voice kept as a table: alto, bass",
            "entity Singer in Music",
            "  id serial key",
            "  email text(80) unique",
            "  voice Voice",
            "  phones text(20) list",
            "  parts int = count(pieces)",
            "  rule \"must have a mail\": email <> \"\"",
            "entity Piece in Music",
            "  id serial key",
            "  title text(80)",
            "entity Note",
            "  id serial key",
            "  text text(80)",
            "each Singer may know many Piece as repertoire, which may be known by many Singer as pieces",
            "each Singer must be trained by one Singer as teacher",
            "  checked at the end",
            "each Singer may sing many Piece as pieces, which may be sung by many Singer as singers",
            "each Note must be about one of Singer, Piece as subject, which may have many Note as notes",
            "  kept as a kind and an id");

    private static DatabaseNaming all() {
        DatabaseNaming naming = DatabaseNaming.USUAL.withSchema("choir").withPrefix("c_");
        for (Rule rule : Rule.values()) {
            naming = naming.with(rule, true);
        }
        return naming;
    }

    private static List<String> tables(Design design) {
        return Schema.derive(design, Dialects.POSTGRESQL).tables().stream()
                .map(DerivedTable::name)
                .toList();
    }

    private static Design with(Rule rule) {
        return CHOIR.withNaming(DatabaseNaming.USUAL.with(rule, true));
    }

    private static DerivedTable singers(Design design) {
        return Schema.derive(design, Dialects.POSTGRESQL).table("Singer").orElseThrow();
    }

    @Test
    void tablesCanBeInTheSingular() {
        assertThat(tables(CHOIR))
                .containsExactly(
                        "singers",
                        "singer_phones",
                        "pieces",
                        "notes",
                        "singer_repertoire_pieces",
                        "singer_pieces",
                        "voices");
        assertThat(tables(with(Rule.SINGULAR_TABLES)))
                .containsExactly(
                        "singer", "singer_phone", "piece", "note", "singer_repertoire_piece", "singer_piece", "voice");
    }

    @Test
    void joinTablesCanBeNamedAfterBothEntities() {
        assertThat(tables(with(Rule.JOINS_AFTER_BOTH))).contains("singer_pieces", "singer_pieces_2");
    }

    @Test
    void keysCanBeNamedAfterTheirTableAndReferencesStayAsShort() {
        DerivedTable singers = singers(with(Rule.KEYS_AFTER_TABLES));
        assertThat(singers.keyColumns()).containsExactly("singer_id");
        assertThat(singers.references().get(0).columns()).containsExactly("teacher_id");
        assertThat(singers.references().get(0).targetColumns()).containsExactly("singer_id");
    }

    @Test
    void constraintsCanEndInWhatTheyAre() {
        DerivedTable singers = singers(with(Rule.KIND_LAST));
        assertThat(singers.references()).extracting(Reference::name).contains("singers_teacher_fk");
        assertThat(singers.table().primaryKey().orElseThrow().name()).isEqualTo("singers_pk");
        assertThat(singers.uniqueKeys()).extracting(UniqueKey::name).containsExactly("singers_email_uq");
        assertThat(singers.table().checks()).extracting(c -> c.name()).containsExactly("singers_must_have_a_mail_ck");
    }

    @Test
    void allTablesAndViewsBeginWithThePrefix() {
        Schema schema = Schema.derive(CHOIR.withNaming(DatabaseNaming.USUAL.withPrefix("c_")), Dialects.POSTGRESQL);
        assertThat(schema.tables()).allMatch(t -> t.name().startsWith("c_"));
        assertThat(schema.views()).allMatch(v -> v.name().startsWith("c_")).hasSize(1);
        assertThat(schema.listTable("Singer", "phones").orElseThrow().keyColumns())
                .containsExactly("singer_id", "position");
    }

    @Test
    void whatIsDerivedAnewAfterTheNamingChangedIsWhatIsDerivedAfresh() {
        SchemaCache cache = new SchemaCache();
        for (Design design : List.of(
                CHOIR,
                CHOIR.withNaming(all()),
                CHOIR.withAreas(List.of(CHOIR.areas().get(0).withSchema("music"))),
                CHOIR.withNaming(all()).withAreas(List.of(CHOIR.areas().get(0).withSchema("music"))),
                CHOIR)) {
            assertThat(Schema.derive(design, Dialects.H2, cache)).isEqualTo(Schema.derive(design, Dialects.H2));
        }
    }

    @Test
    void anAreaHasASchemaOfItsOwn() {
        Area music = CHOIR.areas().get(0).withSchema("Music room");
        Design design = CHOIR.withNaming(all()).withAreas(List.of(music));
        assertThat(Schema.derive(design, Dialects.POSTGRESQL).sql())
                .contains("create schema if not exists \"Music room\";")
                .contains("create table \"Music room\".c_singer (")
                .contains("create table choir.c_voice (")
                .contains("references choir.c_voice (value)")
                .contains("create view \"Music room\".c_singer_computed as");
        assertThat(Schema.derive(design, Dialects.MARIADB).sql()).doesNotContain("schema", "Music room");
        assertThat(Schema.derive(design, Dialects.SQL_SERVER).sql())
                .contains("if schema_id(N'Music room') is null exec(N'create schema [Music room]');");
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void databasesTakeTheTablesAndGuardTheRows(Dialect dialect) throws SQLException {
        Area music = CHOIR.areas().get(0).withSchema("Music room");
        Design design = CHOIR.withNaming(all()).withAreas(List.of(music));
        Schema schema = Schema.derive(design, dialect);
        try (Connection connection = Databases.guarded(design, dialect);
                Statement statement = connection.createStatement()) {
            CatalogTest.agrees(connection, design, dialect);
            String singers = dialect.quote(schema.table("Singer").orElseThrow().table());
            String notes = dialect.quote(schema.table("Note").orElseThrow().table());
            SqlRows.taken(
                    statement,
                    "insert into " + singers + " (singer_id, teacher_id, email, voice) values (1, 1, 'a', 'alto')");
            SqlRows.refused(
                    statement,
                    "insert into " + singers + " (singer_id, teacher_id, email, voice) values (2, 1, 'b', 'tenor')");
            SqlRows.refused(
                    statement,
                    "insert into " + singers + " (singer_id, teacher_id, email, voice) values (2, 1, '', 'bass')");
            String note = "insert into " + notes + " (subject_kind, subject_id, text) values ";
            SqlRows.taken(statement, note + "('Singer', 1, 'good')");
            if (GuardTriggers.areIn(dialect)) {
                SqlRows.refused(statement, note + "('Singer', 7, 'gone')");
                SqlRows.refused(statement, "delete from " + singers + " where singer_id = 1");
            }
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void namesThatAreGivenAreKeptToTheLetter(Dialect dialect) throws SQLException {
        Design design = Samples.design(
                "database",
                "  tables begin with \"no_\"",
                "entity Book",
                "  code text(8)",
                "  number int as \"bigint\" in postgresql as \"bigint\" in mariadb as \"bigint\" in h2",
                "  title text(80) column \"Book Title\"",
                "  table \"Book shelf\"",
                "  key (code, number) named \"Book key\"",
                "  unique (title) named \"one_title\"",
                "  index (code, title) named \"by_code\"",
                "  rule \"must have a title\" named \"titled\": title <> \"\"",
                "entity Person",
                "  id serial key",
                "entity Loan",
                "  id serial key",
                "each Loan must be of one Book as book, which may have many Loan as loans",
                "  columns \"b_code\", \"b_number\"",
                "  foreign key \"loan of book\"",
                "each Book may be by many Person as authors, which may have written many Book as works",
                "  table \"Written by\"",
                "  columns \"b\", \"n\", \"author\"",
                "  foreign keys \"wb\", \"wa\"",
                "each Loan may be to one of Person, Book as borrower",
                "  columns \"to_person\", \"to_code\", \"to_number\"",
                "  foreign keys \"loan to person\", \"loan to book\"");
        try (Connection connection = Databases.loaded(design, dialect)) {
            CatalogTest.agrees(connection, design, dialect);
        }
        Schema schema = Schema.derive(design, dialect);
        DerivedTable loans = schema.table("Loan").orElseThrow();
        assertThat(loans.name()).isEqualTo("no_loans");
        assertThat(loans.references())
                .extracting(Reference::name)
                .containsExactly("loan of book", "loan to person", "loan to book");
        assertThat(loans.columns())
                .extracting(c -> c.name())
                .containsExactly("id", "b_code", "b_number", "to_person", "to_code", "to_number");
        assertThat(schema.named("Written by").orElseThrow().keyColumns()).containsExactly("b", "n", "author");
        assertThat(schema.sql()).contains("one_title", "by_code", "titled");
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void kindsAndPairsAreNamedAndPlacedToo(Dialect dialect) throws SQLException {
        Design design = Samples.design(
                        "area Yard moss in schema \"yard\"",
                        "entity Vehicle in Yard, only its kinds",
                        "  id serial key",
                        "  plate text(9)",
                        "  kinds kept in a complete table each",
                        "entity Van is a kind of Vehicle in Yard",
                        "  load int",
                        "entity Bus is a kind of Vehicle",
                        "  seats int",
                        "  rows int = count(stops)",
                        "entity Stop",
                        "  id serial key",
                        "each Bus may halt at many Stop as stops, which may serve many Bus as buses",
                        "each Stop may follow many Stop as before, which may come before many Stop as after",
                        "  table \"Stop order\"",
                        "  columns \"later\", \"earlier\"",
                        "  foreign keys \"later stop\", \"earlier stop\"")
                .withNaming(all());
        try (Connection connection = Databases.guarded(design, dialect);
                Statement statement = connection.createStatement()) {
            CatalogTest.agrees(connection, design, dialect);
            Schema schema = Schema.derive(design, dialect);
            assertThat(schema.named("Stop order").orElseThrow().keyColumns()).containsExactly("later", "earlier");
            String vehicles = dialect.quote(schema.rows("Vehicle").orElseThrow().table());
            statement.executeQuery("select * from " + vehicles).close();
            String bus = dialect.quote(schema.table("Bus").orElseThrow().table());
            SqlRows.taken(statement, "insert into " + bus + " (vehicle_id, plate, seats) values (1, 'a', 40)");
            String van = dialect.quote(schema.table("Van").orElseThrow().table());
            String twice =
                    "insert into " + van + " (vehicle_id, plate, " + dialect.quote("load") + ") values (1, 'b', 4)";
            if (GuardTriggers.areIn(dialect)) {
                SqlRows.refused(statement, twice);
            } else {
                SqlRows.taken(statement, twice);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aKeyGivesWayToWhatIsCalledLikeIt(Dialect dialect) throws SQLException {
        Design design = Samples.design(
                "entity Boat",
                "  id int key",
                "entity Trip",
                "  id int key",
                "  day date",
                "  index (day) named \"pk_boats\"");
        try (Connection connection = Databases.loaded(design, dialect)) {
            CatalogTest.agrees(connection, design, dialect);
        }
        assertThat(Schema.derive(design, dialect)
                        .table("Boat")
                        .orElseThrow()
                        .table()
                        .primaryKey()
                        .orElseThrow()
                        .name())
                .isEqualTo("pk_boats_2");
    }

    @Test
    void whatRefersToAColumnHasItsType() {
        Design design = Samples.design(
                "entity Tool",
                "  code text(12) key as \"citext\" in postgresql",
                "  tags text(9) list kept as json as \"xml\" in postgresql",
                "entity Part is a kind of Tool",
                "each Tool may replace one Tool as former");
        Schema schema = Schema.derive(design, Dialects.POSTGRESQL);
        assertThat(schema.sql())
                .contains("create table parts (\n  code citext not null,")
                .contains("former_code citext,")
                .contains("tags xml not null");
        assertThat(Schema.derive(design, Dialects.MARIADB).sql()).doesNotContain("citext", "xml");
    }

    @Test
    void whatIsNoTypeIsNotRead() {
        for (String type : List.of("int; drop table x", "int --", "int)", "(int", "a\\\"b", "'a", " int", "int/*")) {
            assertThat(Notation.attribute("a int as \"" + type + "\" in h2").problems())
                    .as(type)
                    .hasSize(1);
        }
        assertThat(Arrays.asList("citext", "numeric(12, 2)", "\"my type\"[]", "enum('a', 'b')", "double precision"))
                .allMatch(StorageNotes::isType);
    }

    @Test
    void columnsAreToldApartAsTheDatabaseHasThem() throws SQLException {
        Design design =
                Samples.design("entity Bay", "  id serial key", "  one int column \" \"", "  two int column \"\\n\"");
        Databases.loaded(design, Dialects.MARIADB).close();
        assertThat(Schema.derive(design, Dialects.MARIADB).sql()).contains("  _ int", "  __2 int");
    }
}

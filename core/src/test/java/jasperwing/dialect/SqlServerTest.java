package jasperwing.dialect;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.ExampleDesigns;
import jasperwing.Samples;
import jasperwing.derive.Schema;
import jasperwing.model.Design;
import jasperwing.physical.Column;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.SqlType;
import jasperwing.physical.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antlr.v4.runtime.BaseErrorListener;
import org.antlr.v4.runtime.CharStreams;
import org.antlr.v4.runtime.CommonTokenStream;
import org.antlr.v4.runtime.RecognitionException;
import org.antlr.v4.runtime.Recognizer;
import org.apache.shardingsphere.sql.parser.autogen.SQLServerStatementLexer;
import org.apache.shardingsphere.sql.parser.autogen.SQLServerStatementParser;
import org.junit.jupiter.api.Test;

/** No server of this kind runs in tests: its text is compared with what its documentation says, and read by a grammar for it. */
class SqlServerTest {
    private static final Design LIBRARY = Samples.design(
            "enum Shelf: open, `it's closed`",
            "entity Reader",
            "  id serial key",
            "  card text(12)? unique",
            "  mail text(80)? unique ignoring case",
            "  name text(60) sorted as sv",
            "  group text(20)?",
            "  active boolean default true",
            "  age int from 0 to 150",
            "  adult boolean = age >= 18 and active",
            "  joinedAt timestamp set on insert",
            "  remark text(5000)?",
            "  loans int = count(borrowed)",
            "  unique (name) where active",
            "entity Loan",
            "  \"One copy, one reader.\"",
            "  id serial key",
            "  shelf Shelf",
            "  begins date",
            "  ends date",
            "  days int = days_between(begins, ends)",
            "each Loan must be to one Reader, which may have many Loan as borrowed",
            "  deleting Reader deletes Loan too",
            "each Reader may be brought by one Reader as sponsor, which may bring many Reader as brought",
            "  deleting Reader empties it");

    private static final String TEXT =
            """
            -- Tables of Test
            -- SQL Server 2017 or later

            set quoted_identifier on;
            set ansi_nulls on;
            set xact_abort on;

            begin transaction;

            create table readers (
              id bigint identity(1,1) not null,
              sponsor_id bigint,
              card nvarchar(12) collate Latin1_General_100_BIN2,
              mail nvarchar(80) collate Latin1_General_100_BIN2,
              mail_folded as (lower(mail)),
              name nvarchar(60) collate Finnish_Swedish_100_CS_AS not null,
              [group] nvarchar(20) collate Latin1_General_100_BIN2,
              active bit not null constraint df_readers_active default 1,
              age int not null,
              joined_at datetimeoffset(6) not null constraint df_readers_joined_at default sysdatetimeoffset(),
              remark nvarchar(max) collate Latin1_General_100_BIN2,
              adult as (cast(case when ((age >= 18) and (active = 1)) then 1 when not ((age >= 18) and (active = 1)) then 0 end as bit)),
              constraint pk_readers primary key (id),
              constraint ck_readers_age check (age >= 0 and age <= 150),
              constraint ck_readers_remark check ((len(remark + N'.') - 1) <= 5000),
              constraint fk_readers_sponsor foreign key (sponsor_id) references readers (id) on delete no action
            );
            create unique index uq_readers_card on readers (card) where card is not null;
            create unique index uq_readers_mail on readers (mail_folded) where mail is not null;
            create unique index uq_readers_name on readers (name) where active = 1;
            create index ix_readers_sponsor_id on readers (sponsor_id);

            create table loans (
              id bigint identity(1,1) not null,
              reader_id bigint not null,
              shelf nvarchar(20) collate Latin1_General_100_BIN2 not null,
              begins date not null,
              ends date not null,
              days as (datediff(day, begins, ends)),
              constraint pk_loans primary key (id),
              constraint ck_loans_shelf check (shelf in (N'open', N'it''s closed')),
              constraint fk_loans_reader foreign key (reader_id) references readers (id) on delete cascade
            );
            create index ix_loans_reader_id on loans (reader_id);
            exec sp_addextendedproperty N'MS_Description', N'One copy, one reader.', N'schema', N'dbo', N'table', N'loans';

            go

            create view readers_computed as
            select
              readers.*,
              cast((select count(*) from loans borrowed where borrowed.reader_id = readers.id) as int) as loans
            from readers;
            go

            commit;
            """;

    @Test
    void theTextIsAsItsDocumentationSays() {
        assertThat(Schema.derive(LIBRARY, Dialects.SQL_SERVER).sql()).isEqualTo(TEXT);
    }

    @Test
    void aGrammarForItReadsTheTablesAndViewsOfTheExamples() {
        for (Design design : designs().toList()) {
            Schema schema = Schema.derive(design, Dialects.SQL_SERVER);
            for (Statement statement : Dialects.SQL_SERVER.statements().create(schema.catalog())) {
                if (statement.kind() != Statement.Kind.COMMENT) {
                    assertThat(problems(readable(statement.sql())))
                            .as(statement.sql())
                            .isEmpty();
                }
            }
        }
    }

    private static Stream<Design> designs() {
        return Stream.concat(
                Stream.of(LIBRARY, Samples.demo()),
                ExampleDesigns.NAMES.stream().map(ExampleDesigns::design));
    }

    /**
     * The grammar takes some words for its own that the server does not, and knows neither an index of rows in which a column is filled nor the
     * order of texts within an expression.
     */
    private static String readable(String sql) {
        return sql.replaceAll("\\b(position|language|level|at|opus|title|year|number)\\b(?!\\()", "[$1]")
                .replace(" collate Latin1_General_100_BIN2)", ")")
                .replaceAll(" where \\[?\\w+]? is (not )?null( and \\[?\\w+]? is (not )?null)*$", "");
    }

    private static List<String> problems(String sql) {
        List<String> problems = new ArrayList<>();
        BaseErrorListener listener = new BaseErrorListener() {
            @Override
            public void syntaxError(
                    Recognizer<?, ?> recognizer,
                    Object symbol,
                    int line,
                    int position,
                    String message,
                    RecognitionException cause) {
                problems.add(line + ":" + position + " " + message);
            }
        };
        SQLServerStatementLexer lexer = new SQLServerStatementLexer(CharStreams.fromString(sql));
        lexer.removeErrorListeners();
        lexer.addErrorListener(listener);
        SQLServerStatementParser parser = new SQLServerStatementParser(new CommonTokenStream(lexer));
        parser.removeErrorListeners();
        parser.addErrorListener(listener);
        parser.execute();
        return problems;
    }

    @Test
    void whatIsChangedIsWrittenAsItsDocumentationSays() {
        Column title = Column.of("title", SqlType.of(SqlType.Kind.VARCHAR, 40));
        Column longer = Column.of("title", SqlType.of(SqlType.Kind.VARCHAR, 90))
                .notNull()
                .withDefault(SqlExpression.of("N'untitled'"));
        Table books =
                new Table("books", List.of(title), Optional.empty(), List.of(), List.of(), List.of(), List.of(), "");
        SchemaChanges changes = Dialects.SQL_SERVER.changes();
        assertThat(changes.alter(books, title, longer))
                .extracting(Statement::sql)
                .containsExactly(
                        "alter table books alter column title nvarchar(90) collate Latin1_General_100_BIN2 not null",
                        "alter table books add constraint df_books_title default N'untitled' for title");
        assertThat(changes.alter(books, longer, title))
                .extracting(Statement::sql)
                .containsExactly(
                        "alter table books drop constraint df_books_title",
                        "alter table books alter column title nvarchar(40) collate Latin1_General_100_BIN2 null");
        assertThat(changes.add(books, Column.of("order", SqlType.of(SqlType.Kind.INTEGER))))
                .extracting(Statement::sql)
                .containsExactly("alter table books add [order] int");
        assertThat(changes.rename(books, title, "order").sql())
                .isEqualTo("exec sp_rename N'books.title', N'order', N'column'");
        assertThat(changes.rename(books, "volumes").sql()).isEqualTo("exec sp_rename N'books', N'volumes'");
    }

    /** The server refuses a table that a delete would reach in two ways, or that it would come back to. */
    @Test
    void aDeleteFollowsOneRoute() {
        Schema schema = Schema.derive(
                Samples.design(
                        "entity House",
                        "  id serial key",
                        "entity Floor",
                        "  id serial key",
                        "entity Door",
                        "  id serial key",
                        "each Floor must be in one House, which may have many Floor",
                        "  deleting House deletes Floor too",
                        "each Door must be on one Floor, which may have many Door",
                        "  deleting Floor deletes Door too",
                        "each Door may be out of one House as exit, which may have many Door as exits",
                        "  deleting House empties it",
                        "each House may face many House as faced"),
                Dialects.SQL_SERVER);
        assertThat(schema.sql())
                .contains(
                        "references houses (id) on delete cascade",
                        "references floors (id) on delete cascade",
                        "foreign key (exit_id) references houses (id) on delete no action",
                        "constraint fk_house_faced_houses_house foreign key (house_id) references houses (id) on delete cascade",
                        "constraint fk_house_faced_houses_faced foreign key (faced_id) references houses (id) on delete no action");
    }
}

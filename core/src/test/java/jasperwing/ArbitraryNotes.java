package jasperwing;

import jasperwing.model.DatabaseNaming;
import jasperwing.model.Notes;
import jasperwing.model.StorageNotes;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** What is said about elements besides their meaning, and how they are stored. */
final class ArbitraryNotes {
    private ArbitraryNotes() {}

    static Arbitrary<Notes> notes(Arbitrary<StorageNotes> stored, boolean closing) {
        return Combinators.combine(Designs.texts(), Designs.texts(), stored, Designs.comments(closing))
                .as((label, doc, kept, comments) -> new Notes(label, doc, kept, "", comments));
    }

    static Arbitrary<Notes> formerNotes(Arbitrary<StorageNotes> stored, boolean closing) {
        return Combinators.combine(notes(stored, closing), Arbitraries.oneOf(Arbitraries.just(""), Designs.names()))
                .as(Notes::withWas);
    }

    static Arbitrary<StorageNotes> named() {
        return Designs.texts().map(StorageNotes.NONE::withName);
    }

    /** With types of their own in the database that does not run here: they need mean nothing. */
    static Arbitrary<StorageNotes> columns() {
        Arbitrary<Map<String, String>> types = Arbitraries.maps(
                        Arbitraries.of("sqlserver"), Arbitraries.of("citext", "varchar(9)", "\"a b\"[]", "enum('x')"))
                .ofMaxSize(1);
        return Combinators.combine(Designs.texts(), types)
                .as((name, own) -> new StorageNotes(name, List.of(), List.of(), new TreeMap<>(own)));
    }

    static Arbitrary<StorageNotes> references() {
        Arbitrary<List<String>> some =
                Designs.texts().filter(t -> !t.isBlank()).list().ofMaxSize(2);
        Arbitrary<StorageNotes> any = Combinators.combine(Designs.texts().filter(t -> !t.isBlank()), some, some)
                .as((table, columns, keys) -> new StorageNotes(table, columns, keys, new TreeMap<>()));
        return Arbitraries.frequencyOf(
                net.jqwik.api.Tuple.of(4, Arbitraries.just(StorageNotes.NONE)), net.jqwik.api.Tuple.of(1, any));
    }

    static Arbitrary<DatabaseNaming> namings() {
        Arbitrary<DatabaseNaming> any = Combinators.combine(
                        Designs.texts(),
                        Designs.texts(),
                        Arbitraries.of(DatabaseNaming.Rule.values()).set().ofMaxSize(3),
                        Designs.comments(true))
                .as(DatabaseNaming::new);
        return Arbitraries.oneOf(Arbitraries.just(DatabaseNaming.USUAL), any);
    }
}

package jasperwing.app.draw;

import jasperwing.formula.Renaming;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Members;
import jasperwing.naming.TypeAliases;
import jasperwing.notation.EntityDetails;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The edit that the lines of a card make. Details that were not touched follow attributes to their new names, and go with what they name;
 * those that were typed are taken as they are.
 */
final class CardEdit {
    private final Entity opened;
    private final CardLines.Read read;
    private final List<String> before;
    private final Entity retyped;

    private CardEdit(Entity opened, CardLines.Read read) {
        this.opened = opened;
        this.read = read;
        before = EntityDetails.print(opened);
        Design alone = Design.named("Card").withEntities(List.of(opened));
        retyped = attributes().on(alone).entity(opened.name()).orElseThrow();
    }

    /** @param opened the entity as it was when its card was opened */
    static Edit of(Entity opened, CardLines.Read read) {
        CardEdit edit = new CardEdit(opened, read);
        return edit.attributes().then(EntityEdits.change(opened.name(), edit::detailed));
    }

    /** What untouched details say now, by what they said; without those that are as they were or gone. */
    static Map<String, String> followed(Entity opened, CardLines.Read read) {
        CardEdit edit = new CardEdit(opened, read);
        Map<String, String> now = new HashMap<>(edit.details());
        now.entrySet().removeIf(e -> e.getValue().isEmpty() || e.getValue().equals(e.getKey()));
        return now;
    }

    private Edit attributes() {
        return design -> Renaming.retype(
                        opened.name(),
                        read.attributes().stream()
                                .map(a -> TypeAliases.resolved(design, a))
                                .toList(),
                        read.key())
                .on(design);
    }

    /** Each detail there was, as it is with the attributes that are typed; empty for one that is gone. */
    private Map<String, String> details() {
        List<String> after = EntityDetails.print(retyped.withKey(key()));
        Map<String, String> details = new HashMap<>();
        for (int i = 0; i < before.size(); i++) {
            String same = after.contains(before.get(i)) ? before.get(i) : "";
            details.put(before.get(i), after.size() == before.size() ? after.get(i) : same);
        }
        return details;
    }

    /** The key there was, under the names that are typed; without what is gone. */
    private Members key() {
        if (before.stream().noneMatch(CardEdit::isKey)) {
            return flagged();
        }
        Map<String, String> renames = EntityEdits.renames(opened.attributes(), read.attributes());
        List<String> names = opened.key().names().stream()
                .map(n -> renames.getOrDefault(n, n))
                .filter(n -> opened.attribute(n).isEmpty()
                        || read.attributes().stream().anyMatch(a -> a.name().equals(n)))
                .toList();
        return opened.key().withNames(names);
    }

    private Members flagged() {
        return read.key().isEmpty() ? Members.NONE : opened.key().withNames(read.key());
    }

    private static boolean isKey(String detail) {
        return detail.startsWith("key (");
    }

    private Entity detailed(Entity entity) {
        Map<String, String> followed = details();
        List<String> lines = new ArrayList<>();
        for (String line : read.details()) {
            String now = followed.getOrDefault(line, line);
            if (!now.isEmpty()) {
                lines.add(now);
            }
        }
        boolean keyed = lines.stream().anyMatch(CardEdit::isKey);
        return EntityDetails.replace(entity.withKey(keyed ? key() : flagged()), lines);
    }
}

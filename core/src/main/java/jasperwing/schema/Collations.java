package jasperwing.schema;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The orders of languages that databases know: PostgreSQL those of ICU, MariaDB the tailorings of the Unicode collation algorithm that tell
 * capitals and accents apart, and its root order for languages that have no other by CLDR.
 */
public final class Collations {
    /** MariaDB's order of all texts of which nothing else is said: by their characters' numbers, spaces included. */
    static final String OF_CHARACTERS = "utf8mb4_nopad_bin";

    private static final Set<String> ICU =
            Set.of(("af ak am ar as az be bg bm bn bo br bs ca ce cs cy da de dz ee el en eo es et eu fa "
                            + "ff fi fo fr fy ga gd gl gu gv ha he hi hr hu hy id ig ii is it ja ka ki kk kl km kn ko ks kw ky lb lg ln lo lt "
                            + "lu lv mg mk ml mn mr ms mt my nb nd ne nl nn om or os pa pl ps pt qu rm rn ro ru rw se sg si sk sl sn so sq sr "
                            + "sv sw ta te tg th ti to tr tt ug uk ur uz vi wo yi yo zh zu")
                    .split(" "));

    private static final Map<String, String> TAILORED = tailored(
            "cs czech da danish eo esperanto es spanish et estonian fa persian fi swedish hr croatian hu hungarian is icelandic "
                    + "lt lithuanian lv latvian nb danish nn danish pl polish ro romanian si sinhala sk slovak sl slovenian sv swedish "
                    + "tr turkish vi vietnamese");

    private static final Set<String> ROOT = Set.of("ca", "de", "en", "fr", "ga", "id", "it", "ms", "nl", "pt", "sw");

    private Collations() {}

    private static Map<String, String> tailored(String languages) {
        String[] words = languages.split(" ");
        Map<String, String> all = new HashMap<>();
        for (int i = 0; i < words.length; i += 2) {
            all.put(words[i], words[i + 1] + "_");
        }
        return Map.copyOf(all);
    }

    /** What the dialect calls the order of a language, as SQL; empty when it knows none. */
    public static Optional<String> of(Dialect dialect, String language) {
        return switch (dialect) {
            case POSTGRESQL -> Optional.of(language).filter(ICU::contains).map(l -> "\"" + l + "-x-icu\"");
            case MARIADB -> Optional.ofNullable(ROOT.contains(language) ? "" : TAILORED.get(language))
                    .map(l -> "utf8mb4_uca1400_" + l + "nopad_as_cs");
            case SQLITE, H2 -> Optional.empty();
        };
    }
}

package jasperwing.naming;

import java.util.regex.Pattern;

/** The indefinite article, chosen by how the next word sounds. */
public final class Articles {
    private static final Pattern VOWEL = Pattern.compile("(?i)(?:[aeiou]|hour(?!i)|heir|honest|honou?r).*");
    private static final Pattern CONSONANT = Pattern.compile(
            "(?i)(?:uni(?:t|on|f|q|v|c)|use|usa|usu|ute|uti|uuid|ur[il]|ui|eu|ewe|one(?![a-z])|once).*");

    private Articles() {}

    /** A name with its article: {@code a Dive}, {@code an Owner}, {@code a User}, {@code an Hour}. */
    public static String with(String name) {
        boolean vowel =
                VOWEL.matcher(name).matches() && !CONSONANT.matcher(name).matches();
        return (vowel ? "an " : "a ") + name;
    }
}

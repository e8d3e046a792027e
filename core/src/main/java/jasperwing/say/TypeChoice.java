package jasperwing.say;

import jasperwing.model.Attribute;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;

/** The type of an attribute that was not said: the likeliest, or another that was chosen. */
final class TypeChoice {
    private static final List<Type> USUAL = List.of(
            new Type.Text(80),
            Type.of(Scalar.INT),
            new Type.Decimal(10, 2),
            Type.of(Scalar.DATE),
            Type.of(Scalar.TIMESTAMP),
            Type.of(Scalar.BOOLEAN),
            Type.of(Scalar.LONG_TEXT));

    private TypeChoice() {}

    /**
     * The attribute with the type that is meant.
     *
     * @param guesses where it is added, in words
     */
    static Attribute of(Attribute guessed, GuessChoices choices, List<String> guesses) {
        List<Type> types = new ArrayList<>(List.of(guessed.type()));
        USUAL.stream().filter(t -> !t.equals(guessed.type())).forEach(types::add);
        List<String> words = types.stream()
                .map(t -> "guessed: " + guessed.name() + " is " + Notation.type(guessed.withType(t)))
                .toList();
        int index = choices.of(words);
        guesses.add(words.get(index));
        return guessed.withType(types.get(index));
    }
}

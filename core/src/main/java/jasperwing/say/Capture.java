package jasperwing.say;

import java.util.ArrayList;
import java.util.List;

/** What a form can capture. */
enum Capture {
    /** The name of one thing, with its article. */
    NOUN {
        @Override
        boolean fits(List<Token> tokens, Nouns nouns) {
            return nouns.named(Token.text(tokens)).isPresent();
        }
    },
    /** Names with commas and {@code and} or {@code or} between them. */
    NOUNS {
        @Override
        boolean fits(List<Token> tokens, Nouns nouns) {
            return !nouns.list(tokens).isEmpty();
        }
    },
    /** The name of an attribute, which can have an {@code of} in it. */
    MEMBER {
        @Override
        boolean fits(List<Token> tokens, Nouns nouns) {
            return Nouns.member(Token.text(tokens)).isPresent();
        }
    },
    /** Several of these. */
    MEMBERS {
        @Override
        boolean fits(List<Token> tokens, Nouns nouns) {
            return !Nouns.members(tokens).isEmpty();
        }
    },
    NUMBER {
        @Override
        boolean fits(List<Token> tokens, Nouns nouns) {
            return tokens.size() == 1 && Numerals.of(tokens.get(0)).isPresent();
        }
    },
    /** A number, a quoted text, or a word. */
    VALUE {
        @Override
        boolean fits(List<Token> tokens, Nouns nouns) {
            Token first = tokens.get(0);
            return tokens.size() == 1 && (first.isNumber() || first.isQuoted() || first.isName());
        }
    },
    ANY {
        @Override
        boolean fits(List<Token> tokens, Nouns nouns) {
            return true;
        }
    };

    private static final int MOST_OF_NAME = 8;

    abstract boolean fits(List<Token> tokens, Nouns nouns);

    private int mostWords() {
        return switch (this) {
            case NOUN, MEMBER -> MOST_OF_NAME;
            case NUMBER, VALUE -> 1;
            case NOUNS, MEMBERS, ANY -> Integer.MAX_VALUE / 2;
        };
    }

    /** Where what begins at a place can end: behind the longest name there is already, then the nearest first. */
    List<Integer> ends(List<Token> tokens, int at, Nouns nouns) {
        List<Integer> ends = new ArrayList<>();
        int last = Math.min(tokens.size(), at + mostWords());
        for (int end = at + 1; end <= last; end++) {
            List<Token> part = tokens.subList(at, end);
            if (fits(part, nouns)) {
                boolean known = this == NOUN && nouns.known(Token.text(part)).isPresent();
                ends.add(known ? 0 : ends.size(), end);
            }
        }
        return ends;
    }
}

package jasperwing.formula;

import jasperwing.formula.Formula.Error;
import jasperwing.formula.Formula.Mistake;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.Literal;
import jasperwing.model.Type;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Resolves the names of formulas and types their parts; the formulas of attributes they name are resolved once each. */
final class FormulaResolver {
    /** The most parts there may be when the formulas of all attributes named are put in. */
    static final long MOST_PARTS = 2_000;

    static final Term NONE = new Term.Constant(Literal.word("null"), Kind.NOTHING);

    private final Design design;
    private final KeyPaths keys;
    private final Map<String, Formula> known = new HashMap<>();
    private final Map<String, Long> sizes = new HashMap<>();
    private final Set<String> open = new LinkedHashSet<>();

    /** @param design with the attributes of traits in the entities that have them */
    FormulaResolver(Design design) {
        this.design = design;
        this.keys = new KeyPaths(design);
    }

    Formula of(String entity, Attribute attribute) {
        String key = entity + "\0" + attribute.name();
        Formula done = known.get(key);
        if (done != null) {
            return done;
        }
        if (!open.add(key)) {
            String circle = open.stream().map(o -> o.replace('\0', '.')).collect(Collectors.joining(", "));
            return new Formula(NONE, List.of(new Mistake(Error.CIRCLE, "is computed in a circle, over " + circle)));
        }
        Formula made = new FormulaReader(this, design, keys, entity).read(attribute);
        open.remove(key);
        known.put(key, made);
        return made;
    }

    /** How many parts a formula has with those of all attributes it names. */
    long size(String entity, Attribute attribute) {
        return sizes.getOrDefault(entity + "\0" + attribute.name(), 0L);
    }

    void sized(String entity, Attribute attribute, long size) {
        sizes.put(entity + "\0" + attribute.name(), Math.min(size, MOST_PARTS + 1));
    }

    /** The entity itself or what it is a kind of, whichever has an attribute of that name; the entity where none has. */
    String declaring(String entity, String attribute) {
        return design.entity(entity).map(e -> InheritanceTree.line(design, e)).orElse(List.of()).stream()
                .filter(e -> e.attribute(attribute).isPresent())
                .reduce((far, near) -> near)
                .map(Entity::name)
                .orElse(entity);
    }

    Optional<AttributeGroup> value(Type type) {
        return type instanceof Type.Named named && design.enumType(named.name()).isEmpty()
                ? design.value(named.name())
                : Optional.empty();
    }

    Kind kind(Type type) {
        return Kind.of(
                type,
                type instanceof Type.Named named
                        && design.enumType(named.name()).isPresent());
    }

    static Kind kind(Literal literal) {
        return switch (literal.kind()) {
            case NUMBER -> literal.text().contains(".") ? Kind.DECIMAL : Kind.WHOLE;
            case TEXT -> Kind.TEXT;
            case DATE -> Kind.DATE;
            case CLOCK, UUID -> Kind.NOTHING;
            case WORD -> literal.text().equals("true") || literal.text().equals("false") ? Kind.BOOLEAN : Kind.NOTHING;
        };
    }
}

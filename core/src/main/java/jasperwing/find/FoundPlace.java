package jasperwing.find;

import jasperwing.model.Relationship;
import java.util.Optional;

/**
 * A place where what was looked for occurs.
 *
 * @param entity where to go
 * @param attribute the attribute there, or empty
 * @param relationship the relationship it occurs in, if it does
 * @param text the line it occurs in
 * @param rank 0 for a name that begins with it; more is worse
 */
public record FoundPlace(String entity, String attribute, Optional<Relationship> relationship, String text, int rank) {}

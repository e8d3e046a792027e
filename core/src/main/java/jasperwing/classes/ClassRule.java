package jasperwing.classes;

import jasperwing.formula.Formula;

/**
 * A condition that every object of a class fulfils.
 *
 * @param name as that of a member, such as {@code endAfterItStarts}
 * @param message what is said of an object that breaks it, such as {@code must end after it starts}
 * @param formula the condition, which is sound; an object for which it gives nothing fulfils it
 * @param inherited whether it is stated of what the class is a kind of
 */
public record ClassRule(String name, String message, Formula formula, boolean inherited) {}

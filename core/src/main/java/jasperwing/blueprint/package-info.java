/**
 * The physical tables as a picture of their own. In: a design with its schema. Out: a scene, in which each table is a card, each column a
 * line of it, and each foreign key a line between two.
 *
 * <p>May know: model, naming, derive, physical, diagram, arrange.
 */
package jasperwing.blueprint;

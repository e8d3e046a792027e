/**
 * The physical tables as a picture of their own. In: a design with its schema. Out: a scene, in which each table is a card, each column a
 * line of it, and each foreign key a line between two. May know the schema, the diagram and how it is arranged.
 */
package jasperwing.blueprint;

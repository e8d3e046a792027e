/** The Draw stage: roster, sheet, cards being typed on, relationships being drawn. May know the shell and the core. */
package jasperwing.app.draw;

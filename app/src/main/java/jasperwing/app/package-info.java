/** The window: starts JavaFX and puts the stages together. The core does the work; nothing here knows how. */
package jasperwing.app;

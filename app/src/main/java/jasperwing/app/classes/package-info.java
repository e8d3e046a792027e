/** The Classes stage: generated files, held against a folder and written to it. May know the shell and the core. */
package jasperwing.app.classes;

/**
 * Makes files by templates: the design as plain data goes in, with a folder of templates; out come files. Templates reach nothing but that data
 * and each other. May know the design and its tables.
 */
package jasperwing.classes.template;

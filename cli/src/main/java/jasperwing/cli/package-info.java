/**
 * The command line: names, options and exit codes are a contract that scripts stand on.
 *
 * <p>0 = done and nothing wrong; 1 = done, and it found errors; 2 = could not, said on standard error with a place.
 */
package jasperwing.cli;

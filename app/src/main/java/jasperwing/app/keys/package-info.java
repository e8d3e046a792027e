/** The Keys stage: the ledger of foreign keys, join tables and one-of references. May know the shell and the core. */
package jasperwing.app.keys;

/**
 * What databases write differently: types, literals, names, functions, conditions and statements, one class a database.
 *
 * <p>In: names, types, values and parts of statements. Out: SQL of one database, and what that database can do. It knows no design and no
 * schema; nothing outside this package names a database.
 */
package jasperwing.dialect;

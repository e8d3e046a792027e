/**
 * What databases write differently, one class a database: types, literals, names, functions, conditions, and the statements that create, change
 * and drop parts of a schema.
 *
 * <p>In: a {@link jasperwing.physical.Catalog} or parts of one, names, types and values. Out: {@link jasperwing.dialect.Statement}s and parts of
 * SQL, and what the database can do. It knows no design; nothing outside this package names a database.
 *
 * <p>May know: model, naming, formula, physical.
 */
package jasperwing.dialect;

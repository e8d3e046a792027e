package jasperwing.catalog;

import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.physical.Catalog;
import java.sql.Connection;
import java.sql.SQLException;

/** Reads tables and enums of a database as they are in its own catalog. */
public interface CatalogReader {
    /** The tables in the order of their names. */
    Catalog read(Connection connection) throws SQLException;

    static Catalog read(Connection connection, Dialect dialect) throws SQLException {
        CatalogReader reader = dialect == Dialects.POSTGRESQL
                ? new PostgreSqlCatalog()
                : dialect == Dialects.MARIADB
                        ? new MariaDbCatalog()
                        : dialect == Dialects.H2 ? new H2Catalog() : new SqliteCatalog();
        return reader.read(connection);
    }
}

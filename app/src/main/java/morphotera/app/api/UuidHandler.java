package morphotera.app.api;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.UUID;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;

/** UUIDs in the database's own type. */
@MappedTypes(UUID.class)
public final class UuidHandler extends BaseTypeHandler<UUID> {
    @Override
    public void setNonNullParameter(PreparedStatement to, int i, UUID id, JdbcType type) throws SQLException {
        to.setObject(i, id);
    }

    @Override
    public UUID getNullableResult(ResultSet from, String column) throws SQLException {
        return from.getObject(column, UUID.class);
    }

    @Override
    public UUID getNullableResult(ResultSet from, int i) throws SQLException {
        return from.getObject(i, UUID.class);
    }

    @Override
    public UUID getNullableResult(CallableStatement from, int i) throws SQLException {
        return from.getObject(i, UUID.class);
    }
}

package morphotera.app.exchange;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.exchange.tables.Column;
import morphotera.app.exchange.tables.Table;
import morphotera.app.exchange.tables.Tables;

/** What lies in a package, for programs: a Frictionless Data Package with a table schema for each file. */
final class DataPackage {
    static final String FILE = "datapackage.json";

    private DataPackage() {}

    static Map<String, Object> of(String title) {
        Map<String, Object> described = new LinkedHashMap<>();
        described.put("profile", "tabular-data-package");
        described.put("name", "morphotera");
        described.put("title", title);
        described.put(
                "resources", Tables.ALL.stream().map(DataPackage::resource).toList());
        return described;
    }

    private static Map<String, Object> resource(Table table) {
        Map<String, Object> resource = new LinkedHashMap<>();
        resource.put("profile", "tabular-data-resource");
        resource.put("name", table.name());
        resource.put("description", table.about());
        resource.put("path", table.name() + ".csv");
        resource.put("format", "csv");
        resource.put("mediatype", "text/csv");
        resource.put("encoding", "utf-8");
        Map<String, Object> schema = new LinkedHashMap<>();
        schema.put("fields", table.columns().stream().map(DataPackage::field).toList());
        schema.put("primaryKey", table.keyColumns().stream().map(Column::name).toList());
        List<Object> foreign = table.columns().stream()
                .filter(one -> one.refers() != null)
                .map(DataPackage::foreignKey)
                .toList();
        if (!foreign.isEmpty()) {
            schema.put("foreignKeys", foreign);
        }
        schema.put("missingValues", List.of(""));
        resource.put("schema", schema);
        return resource;
    }

    /** Always in this order: the same practice goes out as the same bytes. */
    private static Object foreignKey(Column column) {
        Map<String, Object> reference = new LinkedHashMap<>();
        reference.put("resource", column.refers());
        reference.put("fields", key(column.refers()));
        Map<String, Object> foreign = new LinkedHashMap<>();
        foreign.put("fields", column.name());
        foreign.put("reference", reference);
        return foreign;
    }

    private static String key(String table) {
        return Tables.named(table).keyColumns().get(0).name();
    }

    private static Map<String, Object> field(Column column) {
        Map<String, Object> field = new LinkedHashMap<>();
        field.put("name", column.name());
        field.put("type", column.kind().schema());
        field.put("title", column.title());
        Map<String, Object> constraints = new LinkedHashMap<>();
        if (column.needed()) {
            constraints.put("required", true);
        }
        if (!column.words().isEmpty()) {
            constraints.put("enum", column.words());
        }
        if (!constraints.isEmpty()) {
            field.put("constraints", constraints);
        }
        if (column.kind() == Column.Kind.UUID) {
            field.put("format", "uuid");
        }
        return field;
    }
}

package morphotera.app.api;

import org.apache.ibatis.type.ArrayTypeHandler;
import org.apache.ibatis.type.MappedTypes;

/** A column of values goes to the database as one array. */
@MappedTypes({String[].class, Integer[].class, Double[].class, Boolean[].class})
public final class ArrayHandler extends ArrayTypeHandler {}

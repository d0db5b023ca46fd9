package morphotera.app.measure;

import java.util.List;
import java.util.function.Function;
import java.util.function.IntFunction;

/** The measures of a reading as they are stored at once: an array a column. */
record MeasureColumns(
        Integer[] positions,
        String[] keys,
        Double[] values,
        String[] units,
        Double[] depthsCm,
        Integer[] repeats,
        Double[] plusMinus,
        Boolean[] estimated) {
    static MeasureColumns of(List<MeasureRow> rows) {
        return new MeasureColumns(
                column(rows, MeasureRow::positionInReading, Integer[]::new),
                column(rows, MeasureRow::measureKey, String[]::new),
                column(rows, MeasureRow::measureValue, Double[]::new),
                column(rows, MeasureRow::unit, String[]::new),
                column(rows, MeasureRow::depthCm, Double[]::new),
                column(rows, MeasureRow::repeatIndex, Integer[]::new),
                column(rows, MeasureRow::plusMinus, Double[]::new),
                column(rows, MeasureRow::estimated, Boolean[]::new));
    }

    private static <T> T[] column(List<MeasureRow> rows, Function<MeasureRow, T> cell, IntFunction<T[]> array) {
        return rows.stream().map(cell).toArray(array);
    }
}

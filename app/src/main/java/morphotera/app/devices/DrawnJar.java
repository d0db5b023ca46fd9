package morphotera.app.devices;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.util.Random;

/** A jar of shaken soil as a camera sees it, drawn from its heights. */
public final class DrawnJar {
    private DrawnJar() {}

    private static final double JAR_PX_A_MM = 5.4;
    private static final int JAR_FLOOR = 800;
    private static final int JAR_LEFT = 420;
    private static final int JAR_WIDTH = 330;
    private static final int JAR_WATER_MM = 120;

    /** A jar beside its ruler, the soil in it settled to these heights over the table, in mm. */
    public static byte[] settled(double baseMm, double sandMm, double siltMm, double clayMm) {
        Random chance = new Random((long) (sandMm * 100 + siltMm));
        return Canvas.drawn(pen -> {
            Canvas.fill(pen, new Color(0xd9d4c7));
            pen.setColor(new Color(0xa58d6c));
            pen.fillRect(0, JAR_FLOOR, Canvas.WIDTH, Canvas.HEIGHT - JAR_FLOOR);
            layer(pen, clayMm, JAR_WATER_MM, new Color(0xb9ab8e));
            layer(pen, siltMm, clayMm, new Color(0x9d7f5a));
            layer(pen, sandMm, siltMm, new Color(0x7c5c40));
            layer(pen, baseMm, sandMm, new Color(0x55402f));
            Canvas.speckle(
                    pen,
                    chance,
                    JAR_LEFT + 6,
                    (int) (JAR_FLOOR - sandMm * JAR_PX_A_MM),
                    JAR_WIDTH - 12,
                    (int) ((sandMm - baseMm) * JAR_PX_A_MM) - 6,
                    700);
            pen.setColor(new Color(0x5b6b70));
            pen.setStroke(new BasicStroke(6));
            pen.drawRoundRect(JAR_LEFT - 3, 90, JAR_WIDTH + 6, JAR_FLOOR - 90, 36, 36);
            Canvas.tape(pen, JAR_LEFT + JAR_WIDTH + 70, JAR_FLOOR, JAR_PX_A_MM * 10, 13, true);
        });
    }

    private static void layer(Graphics2D pen, double fromMm, double toMm, Color colour) {
        int top = (int) Math.round(JAR_FLOOR - toMm * JAR_PX_A_MM);
        int bottom = (int) Math.round(JAR_FLOOR - fromMm * JAR_PX_A_MM);
        pen.setColor(colour);
        pen.fillRect(JAR_LEFT, top, JAR_WIDTH, bottom - top);
    }
}

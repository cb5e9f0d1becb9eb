package wovenset.core.testing;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.QuadCurve2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.util.Arrays;

/** A head drawn with shades, so that what looks for faces finds one and no real person is shown. */
public final class DrawnFace {
    private static final Color HAIR = new Color(60, 40, 30);

    private DrawnFace() {}

    /** A picture of 600 × 400 pixels with heads of this radius about these points. */
    public static BufferedImage picture(double radius, double[]... centres) {
        BufferedImage image = new BufferedImage(600, 400, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setPaint(new GradientPaint(0, 0, new Color(120, 150, 170), 0, 400, new Color(200, 205, 190)));
        graphics.fillRect(0, 0, 600, 400);
        for (double[] centre : centres) {
            Graphics2D head = (Graphics2D) graphics.create();
            head.translate(centre[0], centre[1]);
            head.scale(radius / 100, radius / 100);
            draw(head);
            head.dispose();
        }
        graphics.dispose();
        float[] soft = new float[25];
        Arrays.fill(soft, 1 / 25f);
        return new ConvolveOp(new Kernel(5, 5, soft), ConvolveOp.EDGE_NO_OP, null)
                .filter(image, new BufferedImage(600, 400, BufferedImage.TYPE_3BYTE_BGR));
    }

    private static void draw(Graphics2D graphics) {
        fill(graphics, new Color(70, 90, 130), -170, 120, 340, 300);
        graphics.setPaint(new Color(205, 160, 130));
        graphics.fill(new Rectangle2D.Double(-38, 70, 76, 80));
        fill(graphics, HAIR, -98, -135, 196, 220);
        graphics.setPaint(new RadialGradientPaint(-15f, -15f, 130f, new float[] {0, 0.7f, 1}, new Color[] {
            new Color(238, 198, 170), new Color(215, 168, 138), new Color(165, 115, 90)
        }));
        graphics.fill(new Ellipse2D.Double(-78, -100, 156, 205));
        for (int side = -1; side <= 1; side += 2) {
            fill(graphics, new Color(190, 140, 115), side * 34 - 22, -32, 44, 26);
            fill(graphics, Color.WHITE, side * 34 - 15, -27, 30, 15);
            fill(graphics, HAIR, side * 34 - 7, -27, 14, 15);
            graphics.setStroke(new BasicStroke(6, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            graphics.draw(new Arc2D.Double(side * 34 - 22, -48, 44, 24, 20, 140, Arc2D.OPEN));
        }
        graphics.setPaint(new Color(180, 128, 102));
        graphics.setStroke(new BasicStroke(5));
        graphics.draw(new QuadCurve2D.Double(-4, -20, -16, 22, -14, 28));
        fill(graphics, new Color(180, 128, 102), -17, 18, 34, 16);
        fill(graphics, new Color(160, 70, 65), -28, 50, 56, 17);
        graphics.setPaint(new Color(110, 40, 40));
        graphics.draw(new QuadCurve2D.Double(-28, 57, 0, 64, 28, 57));
    }

    private static void fill(Graphics2D graphics, Color colour, double x, double y, double width, double height) {
        graphics.setPaint(colour);
        graphics.fill(new Ellipse2D.Double(x, y, width, height));
    }
}

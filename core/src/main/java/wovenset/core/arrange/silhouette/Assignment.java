package wovenset.core.arrange.silhouette;

import java.util.Arrays;

/**
 * The cheapest way to give each row a column of its own: the Hungarian method with potentials (H. W. Kuhn, 1955; J. Munkres, 1957), in the
 * form with shortest augmenting paths. Cost: rows² · columns.
 */
final class Assignment {
    private Assignment() {}

    /**
     * @param costs of each row with each column; no more rows than columns
     * @return the column of each row
     */
    static int[] cheapest(double[][] costs) {
        int rows = costs.length;
        int columns = rows == 0 ? 0 : costs[0].length;
        double[] ofRow = new double[rows + 1];
        double[] ofColumn = new double[columns + 1];
        // Rows and columns are counted from 1; column 0 is where a path begins.
        int[] rowOf = new int[columns + 1];
        for (int row = 1; row <= rows; row++) {
            rowOf[0] = row;
            double[] least = new double[columns + 1];
            int[] before = new int[columns + 1];
            boolean[] seen = new boolean[columns + 1];
            Arrays.fill(least, Double.MAX_VALUE);
            int column = 0;
            do {
                seen[column] = true;
                int from = rowOf[column];
                double step = Double.MAX_VALUE;
                int next = 0;
                for (int j = 1; j <= columns; j++) {
                    if (seen[j]) {
                        continue;
                    }
                    double reduced = costs[from - 1][j - 1] - ofRow[from] - ofColumn[j];
                    if (reduced < least[j]) {
                        least[j] = reduced;
                        before[j] = column;
                    }
                    if (least[j] < step) {
                        step = least[j];
                        next = j;
                    }
                }
                for (int j = 0; j <= columns; j++) {
                    if (seen[j]) {
                        ofRow[rowOf[j]] += step;
                        ofColumn[j] -= step;
                    } else {
                        least[j] -= step;
                    }
                }
                column = next;
            } while (rowOf[column] != 0);
            for (; column != 0; column = before[column]) {
                rowOf[column] = rowOf[before[column]];
            }
        }
        int[] columnOf = new int[rows];
        for (int j = 1; j <= columns; j++) {
            if (rowOf[j] > 0) {
                columnOf[rowOf[j] - 1] = j - 1;
            }
        }
        return columnOf;
    }
}

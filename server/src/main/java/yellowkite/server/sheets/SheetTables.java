package yellowkite.server.sheets;

import java.util.ArrayList;
import java.util.List;
import yellowkite.core.sheet.ModeSheet;
import yellowkite.core.sheet.SheetRows;
import yellowkite.media.table.TableFile;

/** A sheet as tables for other programs. */
final class SheetTables {
    private SheetTables() {}

    /** {@return the rows with their header} */
    static byte[] csv(ModeSheet sheet) {
        return TableFile.csv(rows(sheet));
    }

    /** {@return the same as a workbook of one sheet} */
    static byte[] xlsx(ModeSheet sheet) {
        return TableFile.xlsx(sheet.mode(), rows(sheet));
    }

    private static List<List<String>> rows(ModeSheet sheet) {
        var rows = new ArrayList<List<String>>();
        rows.add(SheetRows.HEADER);
        rows.addAll(SheetRows.of(sheet));
        return rows;
    }
}

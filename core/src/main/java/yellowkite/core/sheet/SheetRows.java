package yellowkite.core.sheet;

import java.util.ArrayList;
import java.util.List;

/** A sheet as rows of text, for tables that have no levels. */
public final class SheetRows {
    public static final List<String> HEADER = List.of("Address", "Channel", "Part", "Bits", "Start", "Function", "From", "To",
            "Named range", "Slot", "Meaning", "Active while");

    private SheetRows() {}

    /** {@return one row for each named range, and for each function and channel that has none; each as wide as the header} */
    public static List<List<String>> of(ModeSheet sheet) {
        var rows = new ArrayList<List<String>>();
        for (var line : sheet.lines()) {
            if (line.functions().isEmpty()) {
                rows.add(row(line, "", "", "", "", "", "", ""));
            }
            for (var function : line.functions()) {
                if (function.parts().isEmpty()) {
                    rows.add(row(line, function.name(), String.valueOf(function.from()), String.valueOf(function.to()), "", "",
                            function.meaning(), function.when()));
                }
                for (var part : function.parts()) {
                    rows.add(row(line, function.name(), String.valueOf(part.from()), String.valueOf(part.to()), part.name(), part.slot(),
                            part.meaning(), function.when()));
                }
            }
        }
        return rows;
    }

    private static List<String> row(ModeSheet.ChannelLine line, String function, String from, String to, String range, String slot,
            String meaning, String when) {
        return List.of(line.addresses(), line.pretty(), line.part(), String.valueOf(8 * line.bytes()), String.valueOf(line.start()),
                function, from, to, range, slot, meaning, when);
    }
}

package yellowkite.core.edit;

import yellowkite.core.dmx.PhysicalText;
import yellowkite.core.profile.PhysicalUnit;

/** How far cells stand from each other, as people type it: metres, or the fixture's length over its cells, {@code 1 m / 10}. */
final class CellPitch {
    private CellPitch() {}

    /**
     * {@return metres from one cell to the next}
     *
     * @param columns cells in a row, which share a length that is followed by nothing but a stroke
     * @throws IllegalArgumentException with a sentence on what does not fit
     */
    static double read(String text, int columns) {
        int stroke = text.indexOf('/');
        var length = PhysicalText.read(stroke < 0 ? text : text.substring(0, stroke), PhysicalUnit.Length);
        if (length.reason() != null) {
            throw new IllegalArgumentException(length.reason());
        }
        var sharing = stroke < 0 ? "1" : text.substring(stroke + 1).strip();
        if (!sharing.matches("\\d{0,3}") || sharing.matches("0+")) {
            throw new IllegalArgumentException("Type how many cells share the length: 1 m / 10.");
        }
        return length.value() / (sharing.isEmpty() ? columns : Integer.parseInt(sharing));
    }
}

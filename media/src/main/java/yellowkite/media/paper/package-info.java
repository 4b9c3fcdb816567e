/**
 * What is printed: {@link yellowkite.media.paper.Pages} is a document of A4 pages, {@link yellowkite.media.paper.Lettering} sets words that
 * fit on them, {@link yellowkite.media.paper.QrCode} is the way back from paper, {@link yellowkite.media.paper.PatchPrint} prints a rig.
 */
@NullMarked
package yellowkite.media.paper;

import org.jspecify.annotations.NullMarked;

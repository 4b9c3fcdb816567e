package yellowkite.core.library;

import java.util.List;
import java.util.Optional;
import java.util.ServiceLoader;
import yellowkite.core.gdtf.GdtfFile;

/** What a house is furnished with that holds nothing yet, so that there is something to look at. Comes along, or does not. */
public interface FirstHouse {
    /** {@return the one that came along} */
    static Optional<FirstHouse> find() {
        return ServiceLoader.load(FirstHouse.class).findFirst();
    }

    /** @param png one of the house's own pictures */
    record OwnGobo(String name, String tags, byte[] png) {}

    /** @param archive as it would be handed over */
    record UpstreamRelease(String id, String house, String title, byte[] archive) {}

    /** {@return who has put it together} */
    String author();

    List<GdtfFile> files();

    List<OwnGobo> gobos();

    /** {@return what another house has released, the oldest first} */
    List<UpstreamRelease> releases();

    /** {@return the fixture type id of a made-up fixture; the same number gives the same one} @param number from 1 */
    String madeUpId(int number);

    GdtfFile madeUp(int number);
}

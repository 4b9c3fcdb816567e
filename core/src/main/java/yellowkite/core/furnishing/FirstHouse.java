package yellowkite.core.furnishing;

import java.util.List;
import java.util.Optional;
import java.util.ServiceLoader;
import java.util.function.Function;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.edit.RigEdit;

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

    /** Finds a mode of the house by its names. */
    interface Modes {
        /** @throws IllegalArgumentException if there is no such mode */
        Found find(String manufacturer, String model, String mode);
    }

    /** @param id a UUID. @param edits what makes it of nothing, one after the other */
    record FirstRig(String id, String name, String production, Function<Modes, List<RigEdit>> edits) {}

    /** {@return who has put it together} */
    String author();

    List<GdtfFile> files();

    List<OwnGobo> gobos();

    /** {@return what another house has released, the oldest first} */
    List<UpstreamRelease> releases();

    /** {@return rigs that were there before some profiles had their newest revision} */
    List<FirstRig> earlierRigs();

    /** {@return those revisions, the oldest first} */
    List<GdtfFile> laterFiles();

    List<FirstRig> rigs();

    /** {@return the fixture type id of a made-up fixture; the same number gives the same one} @param number from 1 */
    String madeUpId(int number);

    GdtfFile madeUp(int number);
}

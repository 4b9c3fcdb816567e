package yellowkite.demo;

import java.util.List;
import yellowkite.core.furnishing.FirstHouse;
import yellowkite.core.gdtf.GdtfFile;

/** The demo house as a new installation is furnished with it. */
public final class DemoFirstHouse implements FirstHouse {
    @Override
    public String author() {
        return "Marigold lamp store";
    }

    @Override
    public List<GdtfFile> files() {
        return DemoHouse.files();
    }

    @Override
    public List<OwnGobo> gobos() {
        return DemoHouse.gobos();
    }

    @Override
    public List<UpstreamRelease> releases() {
        return DemoReleases.all();
    }

    @Override
    public List<FirstRig> earlierRigs() {
        return DemoRigs.earlier();
    }

    @Override
    public List<GdtfFile> laterFiles() {
        return DemoHouse.laterFiles();
    }

    @Override
    public List<FirstRig> rigs() {
        return DemoRigs.all();
    }

    @Override
    public String madeUpId(int number) {
        return GeneratedFixtures.id(number);
    }

    @Override
    public GdtfFile madeUp(int number) {
        return GeneratedFixtures.file(number);
    }
}

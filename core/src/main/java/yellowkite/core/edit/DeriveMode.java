package yellowkite.core.edit;

import java.util.List;
import java.util.stream.Collectors;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/**
 * Adds a mode that is another one with less: every channel of 8 bit, or without some channels; what is left closes up.
 *
 * @param eightBit whether every channel gives up its fine bytes
 * @param without addresses, in the mode that it is made of, of channels that it does not have
 */
public record DeriveMode(int mode, String name, boolean eightBit, List<Integer> without) implements Edit {
    public DeriveMode {
        without = List.copyOf(without);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Modes.on(before, mode, was -> {
            var users = AddressMap.of(before, was).channels();
            for (int address : without) {
                if (users.stream().noneMatch(each -> each.addresses().contains(address))) {
                    return Located.rejected("without", "Mode '" + was.name() + "' has no channel at address " + address + ".");
                }
            }
            return switch (new DuplicateMode(mode, name).applyTo(before)) {
                case Outcome.Rejected<FixtureType> refused -> refused;
                case Outcome.Applied(var doubled) -> less(doubled, was, doubled.modes().get(before.modes().indexOf(was) + 1));
            };
        });
    }

    private Outcome<FixtureType> less(FixtureType doubled, Mode was, Mode copy) {
        var gone = AddressMap.of(doubled, copy)
            .channels()
            .stream()
            .filter(each -> each.addresses().stream().anyMatch(without::contains))
            .map(each -> each.channel().id())
            .collect(Collectors.toSet());
        if (gone.size() == copy.channels().size()) {
            return Located.rejected("without", "Without these, mode '" + was.name() + "' has no channel left.");
        }
        Outcome<FixtureType> so = gone.isEmpty() ? Located.applied(doubled) : new RemoveChannels(List.copyOf(gone), false).applyTo(doubled);
        if (eightBit) {
            for (var channel : copy.channels()) {
                so = so instanceof Outcome.Applied(var type) && !gone.contains(channel.id()) && isWide(channel)
                        ? new ChangeWidth(channel.id(), 1).applyTo(type)
                        : so;
            }
        }
        return so instanceof Outcome.Applied(var type) ? new CloseGaps(copy.id()).applyTo(type) : so;
    }

    private static boolean isWide(Channel channel) {
        return !channel.isVirtual() && channel.bytes() > 1;
    }

    @Override
    public String describe(FixtureType before) {
        var less = eightBit ? " in 8 bit" : "";
        return "Mode '" + name + "' is " + Modes.called(before, mode) + less
                + (without.isEmpty() ? "" : " without " + without.size() + (without.size() == 1 ? " channel" : " channels"));
    }
}

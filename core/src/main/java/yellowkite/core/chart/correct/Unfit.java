package yellowkite.core.chart.correct;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.chart.layout.Values;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;

/**
 * Why a correction cannot be, whatever chart it is of.
 *
 * @param field the correction's component that does not fit
 * @param reason one sentence
 */
public record Unfit(String field, String reason) {
    private static final int LONGEST_TEXT = 400;
    private static final int LONGEST_SHOWN = 60;

    /** {@return what does not fit; none if it can be} */
    public static Optional<Unfit> of(Correction correction) {
        return switch (correction) {
            case Correction.ChooseAttribute each -> attribute(each.attribute());
            case Correction.ChooseFunctionAttribute each -> attribute(each.attribute());
            case Correction.ChooseAddresses each -> addresses(each.addresses());
            case Correction.MakeChannel each -> addresses(each.addresses()).or(() -> text("words", each.words()))
                .or(() -> each.words().isBlank() ? Optional.of(new Unfit("words", "Say what the chart calls this channel."))
                        : Optional.empty());
            case Correction.PlaceLine each ->
                text("words", each.words()).or(() -> text("values", each.values())).or(() -> values(each.values()));
            case Correction.SetAside each -> text("reason", each.reason());
            case Correction.ChooseEnds each -> Double.isFinite(each.physicalFrom()) && Double.isFinite(each.physicalTo()) ? Optional.empty()
                    : Optional.of(new Unfit("physicalFrom", "A physical end is a finite number."));
            case Correction.TakeBack each -> Optional.empty();
            case Correction.SplitFunction each -> Optional.empty();
            case Correction.JoinFunction each -> Optional.empty();
            case Correction.MoveBoundary each -> Optional.empty();
            case Correction.ChooseStart each -> Optional.empty();
            case Correction.Settle each -> Optional.empty();
        };
    }

    private static Optional<Unfit> attribute(String name) {
        return name.equals(ChannelFunction.NO_FEATURE) || Catalogue.STANDARD.find(name).isPresent() ? Optional.empty()
                : Optional.of(new Unfit("attribute", "The standard has no attribute '"
                        + (name.length() > LONGEST_SHOWN ? name.substring(0, LONGEST_SHOWN) : name) + "'."));
    }

    private static Optional<Unfit> addresses(List<Integer> addresses) {
        boolean fit = !addresses.isEmpty() && addresses.size() <= DmxValue.MAX_BYTES && Set.copyOf(addresses).size() == addresses.size()
                && addresses.stream().allMatch(each -> each >= 1 && each <= AddressMap.UNIVERSE);
        return fit ? Optional.empty()
                : Optional.of(new Unfit("addresses",
                        "A channel has 1 to " + DmxValue.MAX_BYTES + " different addresses from 1 to " + AddressMap.UNIVERSE + "."));
    }

    private static Optional<Unfit> text(String field, String text) {
        return text.length() <= LONGEST_TEXT ? Optional.empty()
                : Optional.of(new Unfit(field, "This takes at most " + LONGEST_TEXT + " letters."));
    }

    private static Optional<Unfit> values(String values) {
        return values.isBlank() || Values.of(values.strip()).isPresent() ? Optional.empty()
                : Optional.of(new Unfit("values", "'" + values + "' are no values: type them as 0-127, 80h-FFh or 50 %."));
    }
}

package yellowkite.core.edit;

import yellowkite.core.profile.FixtureType;

/**
 * One change to a fixture type, as data: it can be listed, stored, sent and applied. Nodes are named by their ids, DMX values are raw and
 * in the channel's own width.
 */
public sealed interface Edit permits RenameProfile, RenameMode, RenameFunction, RenameRange, AddRange, RemoveRange,
        MoveRangeStart, SetRangePhysical, SetRangeSlot, AddFunction, RemoveFunction, MoveFunctionStart, SetFunctionPhysical,
        SetStartValue, SetHighlight, ChangeAttribute, ChangeWidth, ChangeAddresses,
        DefineAttribute, SetAttributeUnit, TurnSlots, TurnWheel,
        Begin, BecomeCopy, SetIdentity, AddMode, DuplicateMode, RemoveMode, MoveMode, DescribeMode, AddChannels, RemoveChannels,
        MoveChannel, Several, SetReaction, SetFade, SetFunctionAttribute, SetBounds, SetModeMaster, SetWheel, ChangeGeometry,
        InvertFunction, MoveRangeEnd,
        DivideFunction, SetRanges, LayStencil, AlsoWhile, Alike, ExchangeFunctions, SetCellPitch, ListSlots, SetMeant, SetFacts,
        SlotsFromRanges, CloseGaps, DeriveMode, LayChart, RangesToFunctions, FunctionToRange, CopyChannels, BringFunction, AddVirtualDimmer,
        MakeCells,
        SetLevels, SetCare, SetNotes, SetCategory, SetChartCount, MarkRange, SetPicture,
        AddWheel, RenameWheel, RemoveWheel, AddSlot, RemoveSlot, MoveSlot, SetSlot, PutCurve, LayCurve,
        PutEmitter, PutFilter, RemoveLightPart, SetLightPart, PutWheel, SetWheelCare {

    /** {@return the changed document ({@code before} itself if nothing changes), or why this edit does not fit} */
    Outcome applyTo(FixtureType before);

    /**
     * {@return like {@link #applyTo}, and refused where it would lay addresses or starts over each other that lie apart} What a person asks
     * for is held to this; what was accepted once is applied again as it was then.
     */
    default Outcome acceptedOn(FixtureType before) {
        return Acceptance.of(this, before);
    }

    /**
     * {@return what it does, in a few words that name the thing: "'Shake' of Gobo1 starts at 63, was 64"}
     *
     * @param before the document that it is applied to; where it does not fit, the words stay general
     */
    String describe(FixtureType before);

    sealed interface Outcome {
        record Applied(FixtureType after) implements Outcome {}

        /**
         * @param field the edit's component that does not fit
         * @param reason one sentence
         */
        record Rejected(String field, String reason) implements Outcome {}
    }
}

package yellowkite.core.edit;

import yellowkite.core.history.Change;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/**
 * One change to a fixture type, as data: it can be listed, stored, sent and applied. Nodes are named by their ids, DMX values are raw and
 * in the channel's own width.
 */
public sealed interface Edit extends Change<FixtureType>
        permits RenameProfile, RenameMode, RenameFunction, RenameRange, AddRange, RemoveRange,
        MoveRangeStart, SetRangePhysical, SetRangeSlot, AddFunction, RemoveFunction, MoveFunctionStart, SetFunctionPhysical,
        SetStartValue, SetHighlight, ChangeAttribute, ChangeWidth, ChangeAddresses,
        DefineAttribute, SetAttributeUnit, TurnSlots, TurnWheel,
        Begin, BecomeCopy, SetIdentity, AddMode, DuplicateMode, RemoveMode, MoveMode, DescribeMode, AddChannels, RemoveChannels,
        MoveChannel, Several, SetReaction, SetFade, SetFunctionAttribute, SetBounds, SetModeMaster, SetWheel, ChangeGeometry,
        InvertFunction, MoveRangeEnd,
        DivideFunction, SetRanges, LayStencil, AlsoWhile, Alike, ExchangeFunctions, SetCellPitch, ListSlots, SetMeant, SetDipStart,
        SetFacts,
        SlotsFromRanges, CloseGaps, DeriveMode, LayChart, RangesToFunctions, FunctionToRange, CopyChannels, BringFunction, AddVirtualDimmer,
        MakeCells,
        SetLevels, SetCare, SetNotes, SetCategory, SetChartCount, MarkRange, SetPicture,
        AddWheel, RenameWheel, RemoveWheel, AddSlot, RemoveSlot, MoveSlot, SetSlot, PutCurve, LayCurve,
        PutEmitter, PutFilter, RemoveLightPart, SetLightPart, PutWheel, SetWheelCare,
        AddPart, AddReference, RenamePart, PlacePart, NestPart, DuplicatePart, RemovePart, SetPartKind, SetPartAttribute, SetPins,
        SetPartModel,
        PutModel, SetModelDrawing, RemoveModel, LayBody, LayCells, OrderCells, ExchangeAxes, SwapSource, AddAccessory, SetPhysical {

    /**
     * {@return like {@link #applyTo}, and refused where it would lay addresses or starts over each other that lie apart} What a person asks
     * for is held to this; what was accepted once is applied again as it was then.
     */
    @Override
    default Outcome<FixtureType> acceptedOn(FixtureType before) {
        return Acceptance.of(this, before);
    }
}

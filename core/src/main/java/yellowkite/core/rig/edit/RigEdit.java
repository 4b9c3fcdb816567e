package yellowkite.core.rig.edit;

import yellowkite.core.history.Change;
import yellowkite.core.rig.Rig;

/** One change to a rig, as data. Units are named by their uuids, universes by their numbers. */
public sealed interface RigEdit extends Change<Rig>
        permits BeginRig, DeleteAside, RestoreAside, UpdateUnits, SetRigFacts, PutUniverse, AddUnits, CopyUnits, TakeUnits, RemoveUnits,
        Describe,
        Renumber, PutCells, MoveUnits, PutUnit, ShiftUnits, Readdress, Unaddress, ShareAddresses, SetAdjustments, AdjustUnits,
        AdjustChannel, ReplaceFixture,
        HangOn,
        SeveralRigEdits {}

import { CurveButton } from '#/editor/curves/curve-button';
import { PanelButton } from '#/ui/panel-button';
import { BringFunction } from './bring-function';
import { Condition } from './condition';
import { DivideFunction } from './divide-function';
import { FunctionDetails } from './function-details';
import type { FunctionPanel } from './function-panel';
import { FunctionsFromRanges } from './functions-from-ranges';
import { PasteTable } from './paste-table';

/** What can be done with a function as a whole. */
export function FunctionActions({ channel, bar }: Pick<FunctionPanel, 'channel' | 'bar'>) {
  return (
    <>
      <PanelButton text="Divide" shortcut="d" title={`Divide ${bar.name}`}>
        {(close) => <DivideFunction channel={channel} bar={bar} close={close} />}
      </PanelButton>
      <PanelButton text="Paste table" shortcut="t" title={`Functions of ${channel.pretty} from a table`} width="w-md">
        {(close) => <PasteTable channel={channel} bar={bar} close={close} />}
      </PanelButton>
      {bar.ranges.some((range) => range.name !== '') && (
        <PanelButton text="Functions from ranges" title={`Functions from ranges of ${bar.name}`}>
          {(close) => <FunctionsFromRanges channel={channel} bar={bar} close={close} />}
        </PanelButton>
      )}
      <PanelButton text="Active only while …" title={`When ${bar.name} is active`}>
        {(close) => <Condition channel={channel} bar={bar} close={close} />}
      </PanelButton>
      <PanelButton text="Details" title={`Details of ${bar.name}`}>
        {() => <FunctionDetails bar={bar} />}
      </PanelButton>
      <CurveButton bar={bar} />
      <PanelButton text="To other modes" title={`Bring ${bar.name} to other modes`}>
        {(close) => <BringFunction channel={channel} bar={bar} close={close} />}
      </PanelButton>
    </>
  );
}

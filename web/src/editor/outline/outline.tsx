import { memo } from 'react';
import { useEditor } from '#/editor/kit/editor-context';
import { BodyLink } from './body-link';
import { HistoryList } from './history-list';
import { Identity } from './identity';
import { ModeList } from './mode-list';
import { WheelList } from '#/editor/wheels/wheel-list';

/** What the profile consists of: its name, its modes, its wheels, and what was done to it. */
export const Outline = memo(function Outline() {
  const { draft } = useEditor();
  return (
    <aside aria-label="Outline" className="flex min-h-0 flex-col gap-5 overflow-y-auto border-r border-line bg-panel py-3">
      <Identity />
      <ModeList />
      <WheelList />
      <BodyLink />
      <HistoryList lines={draft.history} />
    </aside>
  );
});

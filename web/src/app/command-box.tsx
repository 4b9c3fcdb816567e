import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Command } from 'cmdk';
import { Dialog } from 'radix-ui';
import { useDeferredValue, useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import type { Draft } from '#/api/types';
import { PennantIcon } from '#/parts/channel/pennant-icon';
import { pieceQuery } from '#/parts/profile/library-search';
import { showCommands, useCommandsShown, useOfferedCommands } from '#/ui/commands';
import { fits } from '#/ui/fits';
import { stored } from '#/ui/stored';

/** Somewhere to go. It can be kept, and offered again. */
type Goal = { group: string; text: string; more: string; to: string; pennant?: string };

const PAGES: Goal[] = [
  ['Library', '/'],
  ['Wanted profiles', '/wanted'],
  ['Rigs', '/rigs'],
  ['Releases', '/releases'],
  ['Make a release', '/releases/new'],
  ['Gobos', '/gobos'],
  ['Imports', '/intake'],
  ['Bin', '/bin'],
  ['Compare revisions', '/compare'],
].map(([text = '', to = '']) => ({ group: 'Pages', text, more: '', to }));

const MOST_RECENT = 8;
const MOST_OF_A_KIND = 8;
const recent = stored<Goal[]>('kite-recent', read, (goals) => JSON.stringify(goals));

/** Finds any profile, mode, attribute, page or action by a few letters: on Ctrl+K, or by its place in the top line. */
export function CommandBox() {
  const open = useCommandsShown();
  useEffect(() => {
    function pressed(event: KeyboardEvent) {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'k') return;
      event.preventDefault();
      showCommands(true);
    }
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, []);
  return (
    <Dialog.Root open={open} onOpenChange={showCommands}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/60" />
        <Dialog.Content
          aria-describedby=""
          className="fixed top-[12vh] left-1/2 z-50 flex max-h-[70vh] w-[min(40rem,calc(100vw-2rem))] -translate-x-1/2 flex-col rounded-lg border border-edge bg-panel text-text shadow-2xl"
        >
          <Dialog.Title className="sr-only">Find anything</Dialog.Title>
          {open && <Finder />}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Finder() {
  const [words, setWords] = useState('');
  const [chosen, setChosen] = useState('');
  const asked = useDeferredValue(words.trim());
  const navigate = useNavigate();
  const offered = useOfferedCommands().flat();
  const here = useHere();
  const { data } = useQuery({ ...pieceQuery({ search: asked }, 0), enabled: asked !== '', placeholderData: (before) => before });
  const profiles = asked === '' ? [] : (data?.profiles ?? []).slice(0, MOST_OF_A_KIND).map(profileGoal);
  const goals = asked === '' ? [...recent.now(), ...PAGES] : [...best(asked, here), ...best(asked, PAGES)];
  const actions = asked === '' ? offered : best(asked, offered);
  // What is here already stands first, so that an answer that comes late never slips under a finger on Enter.
  const values = [...goals.map(valueOf), ...actions.map(actionValue), ...profiles.map(valueOf)];

  function go(goal: Goal) {
    showCommands(false);
    const kept = { ...goal, group: 'Recent' };
    recent.set([kept, ...recent.now().filter((each) => each.to !== goal.to)].slice(0, MOST_RECENT));
    void navigate(goal.to);
  }
  return (
    <Command
      shouldFilter={false}
      loop
      label="Find anything"
      className="flex min-h-0 flex-col"
      value={values.includes(chosen) ? chosen : (values[0] ?? '')}
      onValueChange={setChosen}
    >
      <Command.Input
        autoFocus
        value={words}
        onValueChange={(typed) => {
          setWords(typed);
          setChosen('');
        }}
        placeholder="A profile, mode, attribute, page or action"
        className="min-h-12 border-b border-line bg-transparent px-4 text-base outline-none"
      />
      <Command.List className="min-h-0 overflow-y-auto p-2">
        <Command.Empty className="px-3 py-4 text-muted">{asked === '' ? '' : `Nothing fits '${asked}'.`}</Command.Empty>
        <Goals goals={goals} onGo={go} />
        {actions.length > 0 && (
          <Group heading="Actions here">
            {actions.map((action) => (
              <Item
                key={action.text}
                value={actionValue(action)}
                onSelect={() => {
                  showCommands(false);
                  setTimeout(action.run); // once the focus is back on the page
                }}
              >
                <span className="flex-1">{action.text}</span>
                {action.key && <kbd className="font-mono text-sm text-muted">{action.key}</kbd>}
              </Item>
            ))}
          </Group>
        )}
        <Goals goals={profiles} onGo={go} />
      </Command.List>
    </Command>
  );
}

function Goals({ goals, onGo }: { goals: Goal[]; onGo: (goal: Goal) => void }) {
  const groups = [...new Set(goals.map((goal) => goal.group))];
  return groups.map((group) => (
    <Group key={group} heading={group}>
      {goals
        .filter((goal) => goal.group === group)
        .map((goal) => (
          <Item key={valueOf(goal)} value={valueOf(goal)} onSelect={() => onGo(goal)}>
            {goal.pennant !== undefined && <PennantIcon group={goal.pennant} />}
            <span className="flex-1 truncate">{goal.text}</span>
            <span className="truncate text-sm text-muted">{goal.more}</span>
          </Item>
        ))}
    </Group>
  ));
}

function valueOf(goal: Goal) {
  return `${goal.group} ${goal.to} ${goal.text}`;
}

function actionValue(action: { text: string }) {
  return `action ${action.text}`;
}

function Group({ heading, children }: { heading: string; children: React.ReactNode }) {
  return (
    <Command.Group
      heading={heading}
      className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:pb-1 [&_[cmdk-group-heading]]:text-xs [&_[cmdk-group-heading]]:text-muted"
    >
      {children}
    </Command.Group>
  );
}

function Item(props: React.ComponentProps<typeof Command.Item>) {
  return (
    <Command.Item
      {...props}
      className="flex min-h-9 cursor-pointer items-center gap-2 rounded-md px-2 aria-selected:bg-raised aria-selected:shadow-[inset_3px_0_0_var(--kite-text)]"
    />
  );
}

/** Modes and channels of the draft that is open. */
function useHere(): Goal[] {
  const { pathname, search } = useLocation();
  const client = useQueryClient();
  const profileId = /^\/editor\/([^/]+)$/.exec(pathname)?.[1];
  if (!profileId) return [];
  const drafts = client.getQueriesData<Draft>({ queryKey: ['editor', profileId] }).flatMap(([, draft]) => (draft ? [draft] : []));
  const draft = drafts.sort((a, b) => b.version - a.version)[0];
  if (!draft) return [];
  const mode = new URLSearchParams(search).get('mode');
  const modes = draft.modes.map((each) => ({
    group: 'Modes',
    text: each.name,
    more: `${each.footprint} addresses`,
    to: `${pathname}?mode=${each.id}`,
  }));
  const channels = (draft.map?.channels ?? []).map((each) => ({
    group: 'Channels',
    text: `${each.pretty} ${each.geometry}`,
    more: `${each.attribute}, at ${each.called}`,
    to: `${pathname}?${mode === null ? '' : `mode=${mode}&`}channel=${each.id}`,
    pennant: each.featureGroup,
  }));
  return [...modes, ...channels];
}

function profileGoal(profile: { id: string; manufacturer: string; name: string; shelf: string }): Goal {
  const ours = profile.shelf === 'HOUSE';
  return {
    group: 'Profiles',
    text: `${profile.manufacturer} ${profile.name}`,
    more: ours ? '' : 'Reference',
    to: ours ? `/editor/${profile.id}` : `/profile/${profile.id}`,
  };
}

/** Those that fit, the best first. */
function best<T extends { text: string; more?: string }>(words: string, among: T[]): T[] {
  return among
    .map((each) => ({ each, worse: fits(words, `${each.text} ${each.more ?? ''}`) }))
    .filter(({ worse }) => worse !== null)
    .sort((a, b) => (a.worse ?? 0) - (b.worse ?? 0))
    .slice(0, MOST_OF_A_KIND)
    .map(({ each }) => each);
}

function read(kept: string | null): Goal[] {
  try {
    const goals: unknown = JSON.parse(kept ?? '[]');
    return Array.isArray(goals) ? goals.filter(isGoal).slice(0, MOST_RECENT) : [];
  } catch {
    return []; // something else was kept there
  }
}

function isGoal(value: unknown): value is Goal {
  if (typeof value !== 'object' || value === null) return false;
  return ['group', 'text', 'more', 'to'].every((key) => typeof Reflect.get(value, key) === 'string');
}

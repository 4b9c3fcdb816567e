import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '#/api/client';
import type { ForwardAnswer, ForwardView, Heading } from '#/api/types';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { Button } from '#/ui/button';
import { Refusal } from '#/ui/refusal';
import { Compass } from './compass';
import { UnitsThatDiffer } from './units-that-differ';

/** Which way is forward: what the profile says, and a small test of the real fixture that tells what is wrong. */
export function ForwardPanel({ mounted }: { mounted: string }) {
  const { draft } = useEditor();
  const mode = draft.map?.id;
  const { data, error } = useQuery({
    queryKey: ['draft', draft.id, draft.version, 'forward', mode],
    queryFn: ({ signal }) =>
      answer(api.GET('/api/drafts/{draftId}/forward', { params: { path: { draftId: draft.id }, query: { mode: mode ?? 0 } }, signal })),
    enabled: mode !== undefined,
  });
  if (mode === undefined) return <p className="text-sm text-muted">This profile has no mode yet.</p>;
  if (!data) {
    return (
      <p role={error ? 'alert' : 'status'} className={error ? 'text-error' : 'text-muted'}>
        {error ? error.message : 'Looking …'}
      </p>
    );
  }
  if (data.steps.length === 0)
    return <p className="text-sm text-muted">No channel of this mode turns an axis with a light in it: there is no sense to be wrong.</p>;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.4fr)] gap-6 max-[900px]:grid-cols-1">
      <section aria-label="What the profile says" className="flex flex-col gap-2 text-sm">
        <h3 className="font-semibold">What the profile says, the fixture hanging</h3>
        {[
          { name: 'Pan', sense: data.pan },
          { name: 'Tilt', sense: data.tilt },
        ].map(
          ({ name, sense }) =>
            sense && (
              <p key={name}>
                <strong>{name}</strong>
                {` turns ${sense.part}, rising values ${sense.rising}. At 0 (${sense.lowest}°) it looks ${sense.atZero}; at full (${sense.highest}°) ${sense.atFull}.`}
              </p>
            ),
        )}
        <p className="text-muted">{`In the picture it is ${mounted.toLowerCase()}: that, and the camera, turn the picture alone.`}</p>
        <p className="text-muted">Green arrow: the front. Yellow: where an axis stands now. The plus is where rising degrees turn to.</p>
        <UnitsThatDiffer profileId={draft.profileId} />
      </section>
      <Test key={`${draft.version} ${mode}`} mode={mode} steps={data.steps} />
    </div>
  );
}

type Step = ForwardView['steps'][number];

function Test({ mode, steps }: { mode: number; steps: Step[] }) {
  const { draft } = useEditor();
  const { setProbe } = useEditorActions();
  const [seen, setSeen] = useState<(Heading | null)[]>(steps.map(() => null));
  const explain = useMutation({
    mutationFn: (told: (Heading | null)[]) =>
      answer(
        api.POST('/api/drafts/{draftId}/forward', {
          params: { path: { draftId: draft.id } },
          body: { mode, seen: told.map((at) => ({ at })) },
        }),
      ),
  });
  return (
    <section aria-label="Test of a real fixture" className="flex flex-col gap-2 text-sm">
      <h3 className="font-semibold">Test a real one</h3>
      <p className="text-muted">
        Hang it with its front towards you. Send it the values of each step, then drag the dot to where its light looks.
      </p>
      <ol className="flex flex-wrap gap-2">
        {steps.map((step, index) => (
          <li key={index} className="flex flex-col items-center gap-1">
            <span className="font-mono text-xs">{`pan ${step.pan}°, tilt ${step.tilt}°`}</span>
            <Compass
              label={`Step ${index + 1}: where the light looks`}
              value={seen[index] ?? null}
              expected={step.expected}
              onChange={(to) => setSeen(seen.map((each, at) => (at === index ? to : each)))}
            />
            <span className="text-xs text-muted">profile: {step.says}</span>
            <button
              type="button"
              title="Puts the probe there: the picture shows where the profile looks"
              onClick={() => step.sent.forEach((each) => setProbe(each.channel, each.raw))}
              className="flex flex-col rounded-sm font-mono text-xs text-text underline underline-offset-2"
            >
              {step.sent.map((each) => (
                <span key={each.channel}>{`${each.attribute} ${each.raw}`}</span>
              ))}
            </button>
          </li>
        ))}
      </ol>
      <Button className="self-start" disabled={seen.every((each) => each === null)} onClick={() => explain.mutate(seen)}>
        What is wrong?
      </Button>
      <Refusal says={explain.error?.message} />
      {explain.data && <Explained answered={explain.data} />}
    </section>
  );
}

function Explained({ answered }: { answered: ForwardAnswer }) {
  const { edit } = useEditorActions();
  const [refusal, setRefusal] = useState<string | null>(null);
  if (answered.agrees) {
    return (
      <p role="status" className="text-good">
        The fixture does what the profile says.
      </p>
    );
  }
  if (answered.explanations.length === 0) {
    return (
      <p role="status" className="text-warning">
        No reversed or exchanged axis and no other zero explains this. Check which way its front looks, and tell the steps again.
      </p>
    );
  }
  return (
    <div role="status" className="flex flex-col gap-2">
      {answered.explanations.slice(0, 4).map((explanation, index) => (
        <div key={index} className="flex flex-col gap-1 rounded-md border border-line bg-panel p-2">
          {index > 0 && <span className="text-xs text-muted">or, which looks the same in this test</span>}
          {explanation.wrong.map((cure) => (
            <p key={cure.says}>
              <strong>{cure.says}</strong> {cure.changes}
            </p>
          ))}
          <Button className="self-start" onClick={() => void edit(explanation.edit).then(setRefusal)}>
            Change the profile
          </Button>
        </div>
      ))}
      <Refusal says={refusal} />
    </div>
  );
}

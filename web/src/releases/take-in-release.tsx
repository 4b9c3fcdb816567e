import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { answer, api } from '#/api/client';
import type { ReleaseImpact } from '#/api/types';
import { withFile } from '#/api/with-file';
import { Button } from '#/ui/button';
import { Modal } from '#/ui/modal';
import { Notice } from '#/ui/notice';
import { Refusal } from '#/ui/refusal';
import { tell } from '#/ui/toast';
import { ChangeMark, UsedBy } from './change-mark';
import { EarlierNotes } from './earlier-notes';
import { calendarDay } from '#/ui/dates';

/** What a release would touch, before it is taken in; and taking it in, whole. */
export function TakeInRelease({ file, onClose }: { file: File; onClose: () => void }) {
  const queryClient = useQueryClient();
  const navigate = useNavigate();
  // eslint-disable-next-line @tanstack/query/exhaustive-deps -- a file is no part of a key
  const { data, error } = useQuery({
    queryKey: ['release-look', file.name, file.size, file.lastModified],
    queryFn: ({ signal }) => answer(api.POST('/api/releases/look', { ...withFile(file), signal })),
    retry: false,
    gcTime: 0,
  });
  const take = useMutation({
    mutationFn: () => answer(api.POST('/api/releases/take', { ...withFile(file) })),
    onSuccess: ({ release }) => {
      tell(`${release.title} is the Reference shelf now.`);
      void queryClient.invalidateQueries();
      void navigate(`/releases/${release.id}`);
      onClose();
    },
  });
  const title = data ? `${data.title}, from ${data.house}` : error ? 'This release was refused' : `Reading ${file.name} …`;
  return (
    <Modal
      open
      onClose={onClose}
      size="wide"
      title={title}
      description={
        data
          ? `Dated ${calendarDay(data.dated)}: ${data.says}.`
          : error
            ? 'Nothing was changed.'
            : 'Each of its files is read before anything comes in.'
      }
    >
      {error && (
        <Notice severity="error" where="A release comes in whole or not at all.">
          <span className="break-words">{error.message}</span>
        </Notice>
      )}
      {data && <Impact impact={data} />}
      <Refusal says={take.error?.message} />
      <div className="flex justify-end gap-2">
        <Button onClick={onClose}>{error ? 'Close' : 'Leave it'}</Button>
        {!error && (
          <Button main disabled={!data || take.isPending} onClick={() => take.mutate()}>
            {take.isPending ? 'Importing …' : 'Import release'}
          </Button>
        )}
      </div>
    </Modal>
  );
}

function Impact({ impact }: { impact: ReleaseImpact }) {
  const used = impact.touched.filter((each) => each.uses.length > 0 && each.change.kind !== 'SAME');
  const others = impact.touched.filter((each) => !used.includes(each) && each.change.kind !== 'SAME');
  return (
    <div className="flex min-h-0 flex-col gap-5 overflow-y-auto">
      {impact.notes !== '' && <p className="text-sm whitespace-pre-wrap">{impact.notes}</p>}
      <section aria-label="What you use">
        <h3 className="mb-1 text-xs font-semibold text-muted">What this house uses</h3>
        {used.length === 0 && <p className="text-sm text-good">Nothing that this house uses is touched.</p>}
        <Lines touched={used} />
      </section>
      {others.length > 0 && (
        <section aria-label="What else changes">
          <h3 className="mb-1 text-xs font-semibold text-muted">What else changes on the Reference shelf</h3>
          <Lines touched={others} />
        </section>
      )}
      <EarlierNotes title="The releases between, which were not imported" earlier={impact.skipped} />
    </div>
  );
}

function Lines({ touched }: { touched: ReleaseImpact['touched'] }) {
  return (
    <ul>
      {touched.map((each, index) => (
        <li key={index} className="flex gap-3 border-t border-line py-2.5">
          <ChangeMark kind={each.change.kind} worst={each.change.worst} />
          <div className="min-w-0 flex-1">
            <p className="font-semibold break-words">{`${each.manufacturer} ${each.name}`}</p>
            {each.note !== '' && <p className="text-sm break-words">{each.note}</p>}
            <UsedBy uses={each.uses} />
            {each.uses.length > 0 && (
              <ul className="mt-1 list-disc pl-5 text-sm text-muted">
                {each.change.says.map((sentence, at) => (
                  <li key={at}>{sentence}</li>
                ))}
              </ul>
            )}
          </div>
        </li>
      ))}
    </ul>
  );
}

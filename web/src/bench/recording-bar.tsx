import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Circle, Play, Square } from 'lucide-react';
import { answer, api } from '#/api/client';
import { liveQuery } from '#/parts/live/live-query';
import { Button } from '#/ui/button';
import { tell } from '#/ui/toast';
import { recordingQuery } from './universe-query';
import { lastWhere, told } from './where';

type Act = 'record' | 'stop' | 'play';

/** Records up to a minute of a universe, and plays it again. */
export function RecordingBar({ universe, comesIn, moving }: { universe: number; comesIn: boolean; moving: boolean }) {
  const { data: recording } = useQuery(recordingQuery);
  const queryClient = useQueryClient();
  const act = useMutation({
    mutationFn: (what: Act) =>
      what === 'record'
        ? answer(api.POST('/api/recording', { body: { universe, incoming: comesIn } }))
        : what === 'stop'
          ? answer(api.POST('/api/recording/stop'))
          : answer(api.POST('/api/recording/play', { body: { destination: told(lastWhere.now()).destination } })),
    onSuccess: (state) => {
      queryClient.setQueryData(recordingQuery.queryKey, state);
      void queryClient.invalidateQueries({ queryKey: liveQuery.queryKey });
    },
    onError: (error) => tell(error.message, { stays: true }),
  });
  const busy = recording?.state === 'RECORDING' || recording?.state === 'PLAYING';
  return (
    <div role="group" aria-label="Recording" className="flex items-center gap-2">
      {recording && recording.state !== 'NONE' && (
        <span role="status" className="text-sm text-muted">
          {`${words[recording.state]} universe ${recording.universe}, ${recording.seconds.toFixed(0)} s`}
        </span>
      )}
      {busy ? (
        <Button onClick={() => act.mutate('stop')}>
          <Square size={14} aria-hidden />
          Stop
        </Button>
      ) : (
        <>
          <Button onClick={() => act.mutate('record')} disabled={!moving}>
            <Circle size={14} className="text-error" aria-hidden />
            Record 60 s
          </Button>
          {recording?.state === 'DONE' && (
            <Button onClick={() => act.mutate('play')}>
              <Play size={14} aria-hidden />
              Play
            </Button>
          )}
        </>
      )}
    </div>
  );
}

const words = { NONE: '', RECORDING: 'Recording', DONE: 'Recorded', PLAYING: 'Playing' };

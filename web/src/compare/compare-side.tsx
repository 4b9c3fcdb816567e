import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import type { ComparisonView } from '#/api/types';
import { ProfilePicker } from '#/parts/profile/profile-picker';
import { revisionsQuery } from '#/parts/profile/profile-query';
import { Button } from '#/ui/button';
import { Choice } from '#/ui/choice';
import { PanelButton } from '#/ui/panel-button';

type Side = ComparisonView['left'];

/** One of the two sides: which profile, which revision, perhaps which mode, or a file that was only dropped here. */
export function CompareSide({
  title,
  side,
  mode,
  onChange,
  onFile,
  onBack,
}: {
  title: string;
  side: Side;
  mode: number | null;
  onChange: (to: Record<string, string | null>) => void;
  onFile?: (file: File) => void;
  onBack?: (() => void) | undefined;
}) {
  const { data: revisions } = useQuery({ ...revisionsQuery(side.profileId ?? ''), enabled: side.profileId !== null });
  const chooser = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  return (
    <section
      aria-label={title}
      data-over={over}
      onDragOver={(event) => {
        if (!onFile) return;
        event.preventDefault();
        event.stopPropagation();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        const file = event.dataTransfer.files[0];
        if (!onFile || !file) return;
        event.preventDefault();
        setOver(false);
        onFile(file);
      }}
      className="flex flex-col gap-2.5 rounded-lg border border-line bg-panel p-4 data-[over=true]:border-kite-text"
    >
      <p className="text-xs text-muted">{title}</p>
      <p className="font-semibold break-words">{`${side.manufacturer} ${side.name}`}</p>
      {side.profileId === null ? (
        <p className="text-sm text-muted">{`The file ${side.note}, not imported.`}</p>
      ) : (
        <p className="text-sm text-muted">{`Revision ${side.revision}: ${side.note}`}</p>
      )}
      {side.withdrawn !== null && <p className="text-sm text-error">{`Withdrawn: ${side.withdrawn}`}</p>}
      <div className="flex flex-wrap items-end gap-3 print:hidden">
        {side.profileId !== null && revisions && (
          <Choice
            label="Revision"
            value={String(side.revision)}
            options={revisions.map((each) => ({ value: String(each.number), text: `${each.number} ${each.summary}`.slice(0, 48) }))}
            onChoose={(value) => onChange({ Revision: value })}
          />
        )}
        {side.profileId !== null && side.modes.length > 0 && (
          <Choice
            label="Use"
            value={mode === null ? 'all' : String(mode)}
            options={[
              { value: 'all', text: 'The whole profile' },
              ...side.modes.map((name, index) => ({ value: String(index), text: `Only mode ${name}` })),
            ]}
            onChoose={(value) => onChange({ Mode: value === 'all' ? null : value })}
          />
        )}
        <PanelButton text="Another profile" title={`${title}: another profile`}>
          {(close) => (
            <ProfilePicker
              onChoose={(profile) => {
                onChange({ '': profile.id, Revision: String(profile.revision), Mode: null });
                close();
              }}
            />
          )}
        </PanelButton>
        {onFile && (
          <>
            <input
              ref={chooser}
              type="file"
              hidden
              accept=".gdtf"
              aria-label="A file to compare with"
              onChange={(event) => {
                const file = event.currentTarget.files?.[0];
                if (file) onFile(file);
                event.currentTarget.value = '';
              }}
            />
            <Button quiet onClick={() => chooser.current?.click()}>
              A file, or drop it here
            </Button>
          </>
        )}
        {onBack && (
          <Button quiet onClick={onBack}>
            Back to the revision
          </Button>
        )}
      </div>
    </section>
  );
}

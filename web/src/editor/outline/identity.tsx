import { useState } from 'react';
import { useCategories } from '#/api/words';
import { ManufacturerFacts } from '#/parts/profile/manufacturer-facts';
import { Button } from '#/ui/button';
import { PanelButton } from '#/ui/panel-button';
import { useEditor, useEditorActions } from '#/editor/kit/editor-context';
import { EditField } from '#/editor/kit/edit-field';
import { Facts } from './facts';
import { FixturePicture } from './fixture-picture';
import { Notes } from './notes';

/** What the profile says of itself, and what the house says of it. */
export function Identity() {
  const { draft } = useEditor();
  const { edit } = useEditorActions();
  const [open, setOpen] = useState(false);
  const categories = useCategories();
  return (
    <section id="identity" tabIndex={-1} aria-label="Identity" className="flex flex-col gap-2 rounded-sm px-2">
      <div className="flex items-end gap-2">
        <FixturePicture />
        <EditField label="Profile name" showLabel value={draft.name} toEdit={(to) => ({ type: 'renameProfile', to })} />
      </div>
      {open && (
        <>
          <EditField
            label="Manufacturer"
            showLabel
            value={draft.manufacturer}
            toEdit={(to) => ({ type: 'setIdentity', field: 'MANUFACTURER', to })}
          />
          <span className="self-start">
            <PanelButton text="About the manufacturer" title={`About ${draft.manufacturer}`}>
              {(close) => <ManufacturerFacts name={draft.manufacturer} onDone={close} />}
            </PanelButton>
          </span>
          <EditField
            label="Short name"
            showLabel
            value={draft.shortName}
            toEdit={(to) => ({ type: 'setIdentity', field: 'SHORT_NAME', to })}
          />
          <EditField
            label="Description"
            showLabel
            value={draft.description}
            toEdit={(to) => ({ type: 'setIdentity', field: 'DESCRIPTION', to })}
          />
          <label className="flex flex-col gap-0.5 text-xs text-muted">
            Category (ours)
            <select
              value={draft.category}
              onChange={(event) =>
                void edit({ type: 'setCategory', to: categories.find((each) => each.value === event.currentTarget.value)?.value ?? 'NONE' })
              }
              className="min-h-8 rounded-sm border border-edge bg-trough px-1 text-sm text-text"
            >
              {categories.map((each) => (
                <option key={each.value} value={each.value}>
                  {each.text}
                </option>
              ))}
            </select>
          </label>
          <label className="flex flex-col gap-0.5 text-xs text-muted">
            DIP switches show for address 1 (ours)
            <select
              value={draft.dipFromZero ? '0' : '1'}
              onChange={(event) => void edit({ type: 'setDipStart', fromZero: event.currentTarget.value === '0' })}
              className="min-h-8 rounded-sm border border-edge bg-trough px-1 text-sm text-text"
            >
              <option value="1">1</option>
              <option value="0">0</option>
            </select>
          </label>
          <span className="self-start">
            <Facts />
          </span>
          <Notes />
        </>
      )}
      <Button quiet className="self-start" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Less' : draft.notes === '' ? 'Facts and notes' : 'Facts and notes (1)'}
      </Button>
    </section>
  );
}

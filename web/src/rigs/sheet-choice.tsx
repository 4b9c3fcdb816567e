import { useRef, useState } from 'react';
import { Button } from '#/ui/button';

/** A table handed over: a file that is chosen or dropped, or rows pasted out of a spreadsheet. */
export function SheetChoice({ example, onFile }: { example: string; onFile: (file: File) => void }) {
  const chooser = useRef<HTMLInputElement>(null);
  const [text, setText] = useState('');
  return (
    <div
      className="flex flex-col gap-3"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        const file = event.dataTransfer.files[0];
        if (file) onFile(file);
      }}
    >
      <div className="flex items-center gap-3 rounded-md border border-dashed border-edge p-4 text-sm text-muted">
        <Button onClick={() => chooser.current?.click()}>Choose a file …</Button>
        CSV or XLSX; or drop it here.
        <input
          ref={chooser}
          type="file"
          aria-label="Sheet"
          accept=".csv,.tsv,.txt,.xlsx"
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            const file = event.currentTarget.files?.[0];
            if (file) onFile(file);
          }}
        />
      </div>
      <label className="flex flex-col gap-1 text-sm text-muted">
        Or paste the rows, with their headings
        <textarea
          value={text}
          rows={6}
          placeholder={example}
          className="rounded-md border border-edge bg-trough px-3 py-2 font-mono text-sm text-text"
          onChange={(event) => setText(event.currentTarget.value)}
        />
      </label>
      <span>
        <Button disabled={text.trim() === ''} onClick={() => onFile(new File([text], 'pasted rows.csv', { type: 'text/csv' }))}>
          Read the rows
        </Button>
      </span>
    </div>
  );
}

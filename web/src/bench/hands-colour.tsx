import { useState } from 'react';
import { Button } from '#/ui/button';
import { TextField } from '#/ui/text-field';

export type AskedColour = { hex: string; kelvin: number | null; brightness: number; seconds: number };

/** A colour that the fixture is asked for, as the screen shows it or as a white. The core finds the values. */
export function HandsColour({ onSend, says }: { onSend: (colour: AskedColour) => void; says: string }) {
  const [kelvin, setKelvin] = useState('');
  const [hex, setHex] = useState('#ffffff');
  const number = Number(kelvin.trim());
  const isKelvin = /^\d{3,5}$/.test(kelvin.trim());
  return (
    <form
      aria-label="Colour"
      className="flex flex-col gap-2 rounded-md border border-line p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (isKelvin) onSend({ hex: '', kelvin: number, brightness: 100, seconds: 0 });
      }}
    >
      <div className="flex items-end gap-3">
        <label className="flex flex-col gap-1.5 text-sm text-muted">
          Colour
          <input
            type="color"
            value={hex}
            onChange={(event) => {
              setHex(event.currentTarget.value);
              onSend({ hex: event.currentTarget.value, kelvin: null, brightness: 100, seconds: 0 });
            }}
            className="h-9 w-16 rounded-md border border-edge bg-trough"
          />
        </label>
        <div className="w-28">
          <TextField label="White, K" value={kelvin} onChange={setKelvin} maxLength={5} placeholder="4200" />
        </div>
        <Button type="submit" className="min-h-9" disabled={!isKelvin}>
          Set white
        </Button>
      </div>
      {says !== '' && (
        <p role="status" className="text-sm text-muted">
          {says}
        </p>
      )}
    </form>
  );
}

import { X } from 'lucide-react';
import { useSyncExternalStore } from 'react';

type Message = { id: number; text: string };

const STAYS_MS = 9000;
let messages: Message[] = [];
let nextId = 1;
const listeners = new Set<() => void>();

function set(to: Message[]) {
  messages = to;
  listeners.forEach((listener) => listener());
}

/** Says one sentence at the foot of the page, in a strip of its own that covers nothing; it goes by itself. */
export function tell(text: string) {
  const id = nextId++;
  set([...messages.filter((message) => message.text !== text), { id, text }]);
  setTimeout(() => forget(id), STAYS_MS);
}

function forget(id: number) {
  set(messages.filter((message) => message.id !== id));
}

/** Where told sentences show. */
export function Toasts() {
  const shown = useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => messages,
  );
  return (
    <div role="status" aria-live="polite" className="flex shrink-0 flex-col">
      {shown.map((message) => (
        <div key={message.id} className="flex items-center gap-3 border-t border-line bg-raised px-4 py-2 text-text">
          <p className="flex-1 break-words">{message.text}</p>
          <button
            type="button"
            aria-label="Dismiss"
            onClick={() => forget(message.id)}
            className="grid size-6 place-items-center rounded-md text-muted hover:text-text"
          >
            <X size={16} aria-hidden />
          </button>
        </div>
      ))}
    </div>
  );
}

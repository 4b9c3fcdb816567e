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

/** Says one sentence at the foot of the page; it goes by itself. */
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
    <div role="status" aria-live="polite" className="fixed bottom-5 left-1/2 z-50 flex w-[min(40rem,calc(100vw-2rem))] -translate-x-1/2 flex-col gap-2">
      {shown.map((message) => (
        <div key={message.id} className="flex items-start gap-3 rounded-lg border border-line bg-raised px-4 py-3 text-text shadow-2xl">
          <p className="flex-1 break-words">{message.text}</p>
          <button type="button" aria-label="Dismiss" onClick={() => forget(message.id)} className="grid size-6 place-items-center rounded-md text-muted hover:text-text">
            <X size={16} aria-hidden />
          </button>
        </div>
      ))}
    </div>
  );
}

import { X } from 'lucide-react';
import { useEffect, useState, useSyncExternalStore } from 'react';

type Message = { id: number; text: string; stays: boolean };

const SHOWN_MS = 9000;
let messages: Message[] = [];
let nextId = 1;
const listeners = new Set<() => void>();

function set(to: Message[]) {
  messages = to;
  listeners.forEach((listener) => listener());
}

/**
 * Says one sentence at the foot of the page, in a strip of its own that covers nothing. It goes by itself, not while somebody points at it or
 * is in it; one that `stays`, since it says that something was not done, goes when it is dismissed.
 */
export function tell(text: string, { stays = false } = {}) {
  set([...messages.filter((message) => message.text !== text), { id: nextId++, text, stays }]);
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
    <>
      <div role="status" aria-label="Messages" className="flex shrink-0 flex-col">
        {shown
          .filter((message) => !message.stays)
          .map((message) => (
            <Told key={message.id} message={message} />
          ))}
      </div>
      <div role="alert" aria-label="Refusals" className="flex shrink-0 flex-col">
        {shown
          .filter((message) => message.stays)
          .map((message) => (
            <Told key={message.id} message={message} />
          ))}
      </div>
    </>
  );
}

function Told({ message }: { message: Message }) {
  const [held, setHeld] = useState(false);
  const { id, stays } = message;
  useEffect(() => {
    if (held || stays) return;
    const timer = setTimeout(() => forget(id), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [held, id, stays]);
  return (
    <div
      onPointerEnter={() => setHeld(true)}
      onPointerLeave={() => setHeld(false)}
      onFocus={() => setHeld(true)}
      onBlur={() => setHeld(false)}
      className={`flex items-center gap-3 border-t bg-raised px-4 py-2 text-text ${stays ? 'border-t-2 border-warning' : 'border-line'}`}
    >
      <p className="flex-1 break-words">{message.text}</p>
      <button
        type="button"
        aria-label="Dismiss"
        onClick={() => forget(id)}
        className="grid size-7 place-items-center rounded-md text-muted hover:text-text"
      >
        <X size={16} aria-hidden />
      </button>
    </div>
  );
}

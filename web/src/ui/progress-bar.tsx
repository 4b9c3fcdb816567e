/** How far something is; without `all` only that it goes on. */
export function ProgressBar({ label, done, all }: { label: string; done: number; all: number }) {
  return (
    <progress
      aria-label={label}
      className="h-2 flex-1 appearance-none overflow-hidden rounded-full bg-trough [&::-webkit-progress-bar]:bg-trough [&::-webkit-progress-value]:bg-kite-text"
      value={all === 0 ? undefined : done}
      max={all === 0 ? undefined : all}
    />
  );
}

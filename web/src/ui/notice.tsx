import { CircleAlert, Info, TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';

const LOOKS = {
  error: { edge: 'border-error', icon: <CircleAlert size={16} className="mt-0.5 shrink-0 text-error" aria-hidden />, word: 'Error' },
  warning: {
    edge: 'border-warning',
    icon: <TriangleAlert size={16} className="mt-0.5 shrink-0 text-warning" aria-hidden />,
    word: 'Warning',
  },
  remark: { edge: 'border-line', icon: <Info size={16} className="mt-0.5 shrink-0 text-muted" aria-hidden />, word: 'Remark' },
};

/** A finding: how loud it is, where, and what can be done. */
export function Notice({ severity, where, children }: { severity: string; where: string; children: ReactNode }) {
  const look = severity === 'error' || severity === 'warning' ? LOOKS[severity] : LOOKS.remark;
  return (
    <div className={`flex gap-2.5 rounded-md border-l-3 bg-raised px-3 py-2.5 text-sm ${look.edge}`}>
      {look.icon}
      <div className="min-w-0 flex-1">
        <span className="sr-only">{look.word}: </span>
        {children}
        <p className="mt-0.5 text-xs break-words text-muted">{where}</p>
      </div>
    </div>
  );
}

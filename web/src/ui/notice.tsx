import type { ReactNode } from 'react';
import { SeveritySign } from './severity-sign';

const EDGES: Record<string, string> = { error: 'border-error', warning: 'border-warning' };

/** A finding: how loud it is, where, and what can be done. */
export function Notice({ severity, where, children }: { severity: string; where: string; children: ReactNode }) {
  return (
    <div className={`flex gap-2.5 rounded-md border-l-3 bg-raised px-3 py-2.5 text-sm ${EDGES[severity] ?? 'border-line'}`}>
      <SeveritySign severity={severity} size={16} />
      <div className="min-w-0 flex-1">
        {children}
        <p className="mt-0.5 text-xs break-words text-muted">{where}</p>
      </div>
    </div>
  );
}

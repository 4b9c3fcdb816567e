/** Why something was not done, where it was asked for; nothing while there is no reason. */
export function Refusal({ says, className = '' }: { says: string | null | undefined; className?: string }) {
  return says ? (
    <p role="alert" className={`text-sm text-error ${className}`}>
      {says}
    </p>
  ) : null;
}

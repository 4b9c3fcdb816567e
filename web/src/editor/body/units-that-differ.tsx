import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answer, api } from '#/api/client';

/** Units that swap or invert pan and tilt by themselves: that is theirs, and changes nothing here. */
export function UnitsThatDiffer({ profileId }: { profileId: string }) {
  const { data } = useQuery({
    queryKey: ['profile', profileId, 'turned units'],
    queryFn: ({ signal }) => answer(api.GET('/api/profiles/{profileId}/turned-units', { params: { path: { profileId } }, signal })),
  });
  if (!data) return null;
  if (data.length === 0) return <p className="text-muted">No unit of a rig swaps or inverts pan and tilt on top of this.</p>;
  return (
    <details>
      <summary className="cursor-pointer text-warning">
        {`${data.length === 1 ? 'One unit turns' : `${data.length} units turn`} otherwise by an adjustment of their own; test another one.`}
      </summary>
      <ul className="mt-1">
        {data.map((each) => (
          <li key={`${each.rigId} ${each.unit}`}>
            <Link to={`/rigs/${each.rigId}`} className="underline underline-offset-2">
              {each.rig}
            </Link>
            {`, unit ${each.unit}: ${each.how}`}
          </li>
        ))}
      </ul>
    </details>
  );
}

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { answer, api } from '#/api/client';
import type { SceneView } from '#/api/types';
import { Waiting } from '#/ui/waiting';
import { kindTint } from './kind-tint';
import type { Decisions } from './use-scene';

const UNIVERSE = 512;

/** Where a scene's fixtures stand with what was decided: what does not fit is seen at once. */
export function SceneLanes({ scene, decisions }: { scene: SceneView; decisions: Decisions }) {
  const all = decisions.all(scene.kinds);
  const asked = useQuery({
    queryKey: ['scene', scene.id, 'lanes', all],
    queryFn: () => answer(api.POST('/api/scenes/{id}/lanes', { params: { path: { id: scene.id } }, body: { decisions: all } })),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const { data } = asked;
  if (!data) return <Waiting of={asked} what="Where they stand" />;
  return (
    <section aria-label="Where they stand" className="flex flex-col gap-2 text-sm">
      {data.troubles.length > 0 ? (
        <ul aria-label="What does not fit" className="flex max-h-20 flex-col gap-1 overflow-y-auto">
          {data.troubles.map((each) => (
            <li key={each.kind} className="text-error">
              <span className="font-semibold">{`${scene.kinds[each.kind]?.words}: `}</span>
              {each.says}
            </li>
          ))}
        </ul>
      ) : (
        <p className="text-muted">{data.lanes.length === 0 ? 'None of them has an address.' : 'All of them fit where they stand.'}</p>
      )}
      <ul aria-label="Lanes" className="flex max-h-24 flex-col gap-1 overflow-y-auto">
        {data.lanes.map((lane) => (
          <li key={lane.universe} className="flex items-center gap-2">
            <span className="w-8 shrink-0 text-right font-mono text-xs text-muted">{lane.universe}</span>
            <svg
              viewBox={`0 0 ${UNIVERSE} 12`}
              preserveAspectRatio="none"
              role="img"
              aria-label={`Universe ${lane.universe}: ${lane.blocks.length} units, ${lane.blocks.filter((each) => each.collides).length} collide`}
              className="h-4 min-w-0 flex-1 bg-trough"
            >
              {lane.blocks.map((block, index) => (
                <rect
                  key={index}
                  x={block.from - 1}
                  y={block.collides ? 0 : 2}
                  width={Math.max(1, block.to - block.from + 0.5)}
                  height={block.collides ? 12 : 8}
                  fill={kindTint(block.kind)}
                  fillOpacity={block.collides ? 0.55 : 0.9}
                  stroke={block.collides ? 'var(--error)' : 'none'}
                  strokeWidth={1.5}
                  vectorEffect="non-scaling-stroke"
                />
              ))}
            </svg>
          </li>
        ))}
      </ul>
    </section>
  );
}

import { useQuery } from '@tanstack/react-query';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { OtherProblem } from '../../kit/kit';
import type { MealName } from './meals';

/** How a meal that does not hold is mended, each way one tap. */
export function Mends({ day, meal, done }: { day: string; meal: MealName; done: () => void }) {
  const mends = useQuery({
    queryKey: ['plan', 'mends', day, meal],
    queryFn: () => answer(api.GET('/api/plan/mends', { params: { query: { day, meal } } })),
  });
  const mend = useAct(
    'all',
    (key, body: Schema['MendInput']) =>
      answer(api.POST('/api/plan/mend', { params: { header: { 'Idempotency-Key': key } }, body })),
    done,
  );
  return (
    <fieldset className="mb-4">
      <legend className="font-semibold">Mend it</legend>
      <div className="flex flex-wrap gap-2">
        {mends.isPending && <span className="quiet">Looking …</span>}
        {(mends.data ?? []).map((one) => (
          <button
            key={one.words}
            type="button"
            className="btn btn-outline h-auto min-h-11"
            disabled={mend.busy}
            onClick={() => mend.act({ at: { day, meal }, mend: one })}
          >
            {one.words}
          </button>
        ))}
      </div>
      <OtherProblem problem={mend.problem} fields={[]} />
    </fieldset>
  );
}

import { answer, api } from '../../api/client';
import { usePots } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { OtherProblem } from '../../kit/kit';
import { counted, ribbonDay } from '../../kit/words';

/** Pots that are planned as the recipe was before it was changed: they take the change along with one tap, or stay. */
export function Pots({ recipe, current }: { recipe: string; current: boolean }) {
  const pots = usePots(recipe, current).data ?? [];
  const along = useAct('all', (key, id: string) =>
    answer(api.POST('/api/recipes/{id}/along', { params: { path: { id }, header: { 'Idempotency-Key': key } } })),
  );
  if (pots.length === 0) {
    return null;
  }
  return (
    <section className="enamel mb-6 p-4" aria-label="Planned as the recipe was">
      <p className="mb-2">
        Planned as it was before the last change:{' '}
        {pots.map((pot) => `${ribbonDay(pot.cookOn)}, ${counted(pot.portions, 'portion')}`).join('; ')}. Plan, list and
        clock go by that.
      </p>
      <button type="button" className="btn btn-primary" disabled={along.busy} onClick={() => along.act(recipe)}>
        Take the change along
      </button>
      <OtherProblem problem={along.problem} fields={[]} />
    </section>
  );
}

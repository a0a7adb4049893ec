import { answer, api, type Schema } from '../../api/client';
import { usePlan } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { CookLinks } from '../../kit/CookLinks';
import { Field } from '../../kit/Field';
import { OneOf, OtherProblem, Tape } from '../../kit/kit';
import { useForm } from '../../kit/useForm';
import { mealWords, portionsOf, shortDay } from '../../kit/words';

type Meal = Schema['MealView'];
type Input = Schema['EatInput'];

const states: Record<Meal['state'], string> = {
  PLANNED: '',
  EATEN: 'eaten as planned',
  ASSUMED: 'assumed eaten as planned',
  OTHER: 'something else was eaten',
  OUT: 'eaten out',
};

const tastes: [number, string][] = [
  [0, 'all right'],
  [1, 'good'],
  [2, 'again soon'],
];

type How = 'PLANNED' | 'OTHER' | 'OUT';

type Form = {
  how: How;
  text: string;
  batch: string | undefined;
  left: string;
  liked: number | undefined;
  not: string[];
};

const hows: [How, string][] = [
  ['PLANNED', 'as planned'],
  ['OTHER', 'something else'],
  ['OUT', 'out'],
];

/** An evening to write down: as planned, something else, out; what was left; one tap how it was. */
export function MealCard({ meal }: { meal: Meal }) {
  const inStock = (usePlan().data?.inStock ?? []).filter((dish) => !dish.cookOn);
  const eat = useAct('stock', (key, body: Input) =>
    answer(api.POST('/api/eat', { params: { header: { 'Idempotency-Key': key } }, body })),
  );
  const { form, set } = useForm<Form>(
    { how: 'PLANNED', text: '', batch: undefined, left: '', liked: undefined, not: [] },
    eat.forget,
  );
  const { how, batch, liked, not } = form;
  const said = meal.state !== 'PLANNED';
  return (
    <div className="enamel mb-3 p-4">
      <div className="mb-3 flex flex-wrap items-center justify-between gap-2">
        <span className="display text-lg">
          {shortDay(meal.day)}
          {meal.meal !== 'DINNER' && `, ${mealWords[meal.meal]}`}
        </span>
        <span className="min-w-40 flex-1">
          {meal.dishes[0] ? (
            <Tape name={meal.dishes.join(', ')} of={meal.of ?? meal.dishes[0]}>
              {meal.plates}
            </Tape>
          ) : (
            <span className="quiet">nothing was decided</span>
          )}
        </span>
        {said && <strong className="text-primary">{states[meal.state]}</strong>}
      </div>
      {meal.cook.map((dish) => (
        <CookLinks key={dish.recipe} {...dish} />
      ))}
      {!said && (
        <form
          className="grid gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            eat.act({
              day: meal.day,
              meal: meal.meal,
              how,
              text: form.text.trim() === '' ? undefined : form.text,
              batch: how === 'OTHER' ? batch : undefined,
              left: portionsOf(form.left, 0),
              liked,
              notForThem: not,
            });
          }}
        >
          <OneOf choices={hows} chosen={how} choose={(choice) => set({ how: choice })} />
          {how === 'OTHER' && (
            <div>
              <Field
                label="What was it"
                value={form.text}
                set={(value) => set({ text: value })}
                at="/text"
                problem={eat.problem}
                placeholder="bread and cheese"
              />
              <div className="mt-1 flex flex-wrap gap-1">
                {inStock.slice(0, 6).map((there) => (
                  <button
                    key={there.batch}
                    type="button"
                    aria-pressed={batch === there.batch}
                    className={`btn h-auto min-h-11 ${batch === there.batch ? 'btn-primary' : 'btn-outline'}`}
                    onClick={() => set({ batch: batch === there.batch ? undefined : there.batch })}
                  >
                    {there.name} · {there.portions}
                  </button>
                ))}
              </div>
            </div>
          )}
          {how !== 'OUT' && (
            <>
              <Field
                label="Portions left"
                kind="number"
                wide="w-32"
                value={form.left}
                set={(value) => set({ left: value })}
                at="/left"
                problem={eat.problem}
                placeholder="0"
              />
              <fieldset>
                <legend className="font-semibold">How was it</legend>
                <div className="flex flex-wrap gap-1">
                  {tastes.map(([value, words]) => (
                    <button
                      key={value}
                      type="button"
                      aria-pressed={liked === value}
                      className={`btn ${liked === value ? 'btn-primary' : 'btn-outline'}`}
                      onClick={() => set({ liked: liked === value ? undefined : value })}
                    >
                      {words}
                    </button>
                  ))}
                </div>
              </fieldset>
              {meal.eaters.length > 0 && (
                <fieldset>
                  <legend className="font-semibold">Would not eat it</legend>
                  <div className="flex flex-wrap gap-1">
                    {meal.eaters.map((eater) => (
                      <button
                        key={eater.id}
                        type="button"
                        aria-pressed={not.includes(eater.id)}
                        className={`btn ${not.includes(eater.id) ? 'btn-accent' : 'btn-outline'}`}
                        onClick={() =>
                          set({ not: not.includes(eater.id) ? not.filter((n) => n !== eater.id) : [...not, eater.id] })
                        }
                      >
                        {eater.name}
                      </button>
                    ))}
                  </div>
                </fieldset>
              )}
            </>
          )}
          <OtherProblem problem={eat.problem} fields={['/left', '/text']} />
          <button type="submit" className="btn btn-primary justify-self-start" disabled={eat.busy}>
            That is how it was
          </button>
        </form>
      )}
    </div>
  );
}

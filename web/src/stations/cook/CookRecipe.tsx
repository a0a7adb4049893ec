import { useEffect, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { answer, api, Refused, type Schema, type Style } from '../../api/client';
import { useCookPlan, useRecipe, useSettled } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { Field } from '../../kit/Field';
import { KeepsAs } from '../../kit/KeepsAs';
import { Empty, FieldProblem, Heading, Money, OtherProblem, Waiting } from '../../kit/kit';
import { useForm } from '../../kit/useForm';
import { counted, portionsOf, until, whole } from '../../kit/words';
import { type Also, AlsoRows } from './AlsoRows';
import { CookSize } from './CookSize';
import { CookSteps } from './CookSteps';
import { GoesIn } from './GoesIn';
import { KeptPlain, type Plain } from './KeptPlain';
import { type Other, UseOther } from './UseOther';

/** What came out and what really went in, as typed; `portions` once they were. */
type Form = {
  keepBack: string;
  also: Also[];
  portions: string | undefined;
  used: Record<number, string>;
  keepsAs: string;
  /** what came out besides, one on a line, once it was typed */
  outputs: string | undefined;
  instead: Record<number, Other>;
  /** what is kept back plain, once it was touched: else what the meal asked for */
  plain: Record<number, Plain> | undefined;
};

/** One dish on the counter: what goes in and from where, confirmed or corrected, then marked cooked. */
export function CookRecipe() {
  const { recipe = '' } = useParams();
  const asked = useRecipe(recipe);
  const [search] = useSearchParams();
  const [style, setStyle] = useState<Style | undefined>((search.get('style') as Style | null) ?? undefined);
  if (asked.error) {
    return (
      <Empty to="/cook" go="Choose a dish">
        {asked.error instanceof Refused ? asked.error.message : 'The kitchen does not answer.'}
      </Empty>
    );
  }
  const chosen = style ?? asked.data?.recipe.styles[0];
  return chosen && asked.data ? (
    <Planned recipe={recipe} current={asked.data.recipe.n} style={chosen} setStyle={setStyle} />
  ) : (
    <Waiting />
  );
}

function Planned(props: { recipe: string; current: number; style: Style; setStyle: (style: Style) => void }) {
  const { recipe, current, style, setStyle } = props;
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const planned = search.get('batch') ?? undefined;
  const [size, setSize] = useState(search.get('factor') ?? '1');
  const [missing, setMissing] = useState(false);
  const [pots, setPots] = useState(search.get('vessels') ?? '');
  const [version, setVersion] = useState<number>();
  const asked = useCookPlan(recipe, style, useSettled(size), useSettled(pots), planned, version);
  // a size that makes no sense leaves the last good plan in view, so that it can be put right
  const [last, setLast] = useState<Schema['CookPlan']>();
  useEffect(() => {
    if (asked.data) {
      setLast(asked.data);
    }
  }, [asked.data]);
  const plan = asked.data ?? last;
  const sizeProblem = asked.error instanceof Refused ? asked.error.message : undefined;
  const cook = useAct(
    'stock',
    (key, body: Schema['CookInput']) =>
      answer(api.POST('/api/cook', { params: { header: { 'Idempotency-Key': key } }, body })),
    () => navigate('/pack'),
    `cook-${recipe}`,
  );
  const { form, set } = useForm<Form>(
    {
      keepBack: '',
      also: [],
      portions: undefined,
      used: {},
      keepsAs: '',
      outputs: undefined,
      instead: {},
      plain: undefined,
    },
    cook.forget,
    `cook-${recipe}`,
  );
  if (!plan) {
    return sizeProblem ? <p className="fieldproblem">{sizeProblem}</p> : <Waiting />;
  }
  const half = Object.fromEntries(
    plan.goesIn.filter((line) => line.plain?.usual).map((line) => [line.pos, { amount: '', weighed: '' }]),
  );
  const plain: Record<number, Plain> = form.plain ?? (search.get('half') ? half : {});
  const setPlain = (pos: number, one: Plain | undefined) => {
    const { [pos]: _, ...rest } = plain;
    set({ plain: one ? { ...rest, [pos]: one } : rest });
  };
  const cameOut = form.portions ?? String(plan.portions);
  const corrections = plan.goesIn
    .filter((line) => (form.used[line.pos] ?? '').trim() !== '')
    .map((line) => ({ pos: line.pos, used: form.used[line.pos] ?? '' }));
  return (
    <>
      <Heading
        title={plan.title}
        below={`${plan.factor === '1' ? 'as written' : `${plan.factor} times as written`}, ${counted(plan.portions, 'portion')} · what really went in can be corrected`}
      >
        <Money amount={plan.perPortion} complete={plan.costComplete} missing={plan.missing} big />
        <p className="quiet">
          a portion, used · <Money amount={plan.total} complete={plan.costComplete} missing={plan.missing} /> in the pot
        </p>
      </Heading>
      {planned && plan.changed && (
        <p className="mb-4">
          The recipe was changed since this was planned; it is cooked as planned.{' '}
          <button type="button" className="btn btn-outline min-h-11" onClick={() => setVersion(current)}>
            Take the changes along
          </button>
        </p>
      )}
      <CookSize
        plan={plan}
        size={size}
        setSize={setSize}
        problem={sizeProblem}
        pots={pots}
        setPots={setPots}
        style={style}
        setStyle={setStyle}
      />
      {plan.mind.length > 0 && (
        <section aria-label="To mind" className="mb-4 border-l-4 border-accent pl-4">
          {plan.mind.map((words) => (
            <p key={words} className="font-semibold text-accent">
              {words}
            </p>
          ))}
        </section>
      )}
      <div className="grid gap-8 lg:grid-cols-[3fr_2fr]">
        <section aria-label="What goes in">
          <h2 className="mb-2 text-2xl">What goes in</h2>
          {plan.goesIn.length === 0 && <p className="quiet">Nothing is written down to go in.</p>}
          <ul>
            {plan.goesIn.map((line) => (
              <GoesIn
                key={line.pos}
                line={line}
                used={form.used[line.pos] ?? ''}
                setUsed={(text) => set({ used: { ...form.used, [line.pos]: text } })}
                problem={<FieldProblem at={`/corrections/${line.pos}`} problem={cook.problem} />}
                instead={
                  line.from !== 'FLAT' &&
                  line.from !== 'TAP' &&
                  (missing || line.notInStock !== undefined || form.instead[line.pos]) && (
                    <UseOther
                      asked={{ recipe, style, factor: plan.factor, pos: line.pos, vessels: whole(pots, undefined) }}
                      food={line.food}
                      other={form.instead[line.pos]}
                      set={(other) => {
                        const { [line.pos]: _, ...rest } = form.instead;
                        set({ instead: other ? { ...rest, [line.pos]: other } : rest });
                      }}
                      problem={<FieldProblem at={`/instead/${line.pos}`} problem={cook.problem} />}
                    />
                  )
                }
                plain={
                  line.plain &&
                  Object.keys(plain).length > 0 && (
                    <KeptPlain
                      line={line}
                      can={line.plain}
                      plain={plain[line.pos]}
                      set={(one) => setPlain(line.pos, one)}
                      problem={cook.problem}
                    />
                  )
                }
              />
            ))}
          </ul>
          {Object.keys(half).length > 0 && Object.keys(plain).length === 0 && (
            <button type="button" className="btn btn-outline mr-2" onClick={() => set({ plain: half })}>
              And half for tomorrow
            </button>
          )}
          {!missing && plan.goesIn.length > 0 && (
            <button type="button" className="btn btn-ghost" onClick={() => setMissing(true)}>
              Something of it is not there
            </button>
          )}
          <AlsoRows also={form.also} set={(also) => set({ also })} problem={cook.problem} field="/also" />
          {plan.addOnNight.length > 0 && (
            <p className="mt-4">
              <strong className="text-primary">Add on the night, not taken now:</strong> {plan.addOnNight.join(' · ')}
            </p>
          )}
        </section>
        <CookSteps plan={plan} />
      </div>
      <div className="enamel mt-8 flex flex-wrap items-end gap-5 p-5">
        <label>
          <span className="font-semibold">Portions that came out</span>
          <input
            className="input input-lg block w-40"
            inputMode="decimal"
            value={cameOut}
            aria-invalid={cook.problem?.field === '/portions'}
            onChange={(event) => set({ portions: event.target.value })}
          />
        </label>
        <Field
          label="Keep back plain"
          kind="number"
          wide="w-40"
          value={form.keepBack}
          set={(value) => set({ keepBack: value })}
          at="/keepBack"
          problem={cook.problem}
          hint="portions into the fridge"
        />
        <label className="block">
          <span className="font-semibold">Comes out besides</span>
          <textarea
            className="textarea block w-56"
            rows={Math.max(1, (form.outputs ?? plan.alsoMakes.join('\n')).split('\n').length)}
            value={form.outputs ?? plan.alsoMakes.join('\n')}
            placeholder="1.8 l chicken stock"
            aria-invalid={cook.problem?.field?.startsWith('/outputs')}
            onChange={(event) => set({ outputs: event.target.value })}
          />
          {cook.problem?.field?.startsWith('/outputs') && (
            <span role="alert" className="fieldproblem">
              {cook.problem.detail}
            </span>
          )}
        </label>
        <div>
          {plan.keeps.choices.length > 0 && (
            <KeepsAs
              choices={plan.keeps.choices}
              value={form.keepsAs}
              set={(keepsAs) => set({ keepsAs })}
              usual={plan.keeps.name}
            />
          )}
          <p className="quiet mt-1 text-sm">{form.keepsAs === '' && keepsWords(plan.keeps)}</p>
        </div>
        <button
          type="button"
          className="btn btn-primary btn-lg min-h-16"
          disabled={cook.busy || sizeProblem !== undefined}
          onClick={() => {
            const out = portionsOf(cameOut, undefined);
            const keep = portionsOf(form.keepBack, undefined);
            cook.act({
              recipe,
              n: plan.n,
              style,
              factor: plan.factor,
              vessels: whole(pots, undefined),
              portions: out,
              corrections,
              planned,
              keepBack: keep,
              also: form.also.map(({ lot, amount }) => ({ lot, amount: amount.trim() === '' ? undefined : amount })),
              keepsAs: form.keepsAs || undefined,
              outputs: form.outputs?.split('\n'),
              instead: Object.entries(form.instead).map(([pos, other]) => ({
                pos: Number(pos),
                uses: other.uses
                  .split('\n')
                  .map((use) => use.trim())
                  .filter((use) => use !== ''),
                keep: other.keep,
              })),
              plain: plan.goesIn
                .filter((line) => line.plain && plain[line.pos])
                .map((line) => ({
                  pos: line.pos,
                  amount: plain[line.pos]?.amount.trim() || (line.plain?.amount ?? ''),
                  weighed: plain[line.pos]?.weighed.trim() || undefined,
                })),
            });
          }}
        >
          Cooked: take it from stock
        </button>
        <div>
          <FieldProblem at="/portions" problem={cook.problem} />
          <OtherProblem
            problem={cook.problem}
            fields={['/portions', '/corrections', '/keepBack', '/also', '/outputs', '/instead', '/plain']}
          />
        </div>
      </div>
    </>
  );
}

function keepsWords({ why, eatBy, bestBefore }: Schema['KeepsView']) {
  const dates = [eatBy && until('eat by', eatBy), bestBefore && `frozen ${until('best before', bestBefore)}`];
  return [why, ...dates].filter(Boolean).join(' · ');
}

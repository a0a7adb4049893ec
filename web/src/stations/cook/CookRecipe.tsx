import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { answer, api, Refused, type Schema } from '../../api/client';
import { type Style, useCookPlan, useRecipe } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { Empty, FieldProblem, Heading, Money, OtherProblem, Waiting } from '../../kit/kit';
import { styleWords, until } from '../../kit/words';

/** One dish on the counter: what goes in and from where, confirmed or corrected, then marked cooked. */
export function CookRecipe() {
  const { recipe = '' } = useParams();
  const asked = useRecipe(recipe);
  const [style, setStyle] = useState<Style>();
  if (asked.error) {
    return (
      <Empty to="/cook" go="Choose a dish">
        {asked.error instanceof Refused ? asked.error.message : 'The kitchen does not answer.'}
      </Empty>
    );
  }
  const chosen = style ?? asked.data?.recipe.styles[0];
  return chosen ? <Planned recipe={recipe} style={chosen} setStyle={setStyle} /> : <Waiting />;
}

function Planned({ recipe, style, setStyle }: { recipe: string; style: Style; setStyle: (style: Style) => void }) {
  const navigate = useNavigate();
  const plan = useCookPlan(recipe, style).data;
  const [portions, setPortions] = useState<string>();
  const [used, setUsed] = useState<Record<number, string>>({});
  const cook = useAct(
    (key, body: Schema['CookInput']) =>
      answer(api.POST('/api/cook', { params: { header: { 'Idempotency-Key': key } }, body })),
    () => navigate('/pack'),
  );
  if (!plan) {
    return <Waiting />;
  }
  const cameOut = portions ?? String(plan.portions);
  const corrections = plan.goesIn
    .filter((line) => (used[line.pos] ?? '').trim() !== '')
    .map((line) => ({ pos: line.pos, used: used[line.pos] ?? '' }));
  return (
    <>
      <Heading
        title={plan.title}
        below={`as written, ${plan.portions} portions · what really went in can be corrected`}
      >
        <Money amount={plan.perPortion} complete={plan.costComplete} big />
        <p className="quiet">
          a portion, used · <Money amount={plan.total} complete={plan.costComplete} /> in the pot
        </p>
      </Heading>
      {plan.styles.length > 1 && (
        <div className="mb-5 flex flex-wrap items-center gap-2">
          <span className="font-semibold">How far</span>
          {plan.styles.map((choice) => (
            <button
              key={choice}
              type="button"
              aria-pressed={choice === style}
              className={`btn ${choice === style ? 'btn-primary' : 'btn-outline'}`}
              onClick={() => setStyle(choice)}
            >
              {styleWords[choice]}
            </button>
          ))}
        </div>
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
                used={used[line.pos] ?? ''}
                setUsed={(text) => {
                  setUsed({ ...used, [line.pos]: text });
                  cook.forget();
                }}
                problem={<FieldProblem at={`/corrections/${line.pos}`} problem={cook.problem} />}
              />
            ))}
          </ul>
          {plan.addOnNight.length > 0 && (
            <p className="mt-4">
              <strong className="text-primary">Add on the night, not taken now:</strong> {plan.addOnNight.join(' · ')}
            </p>
          )}
        </section>
        <Steps plan={plan} />
      </div>
      <div className="enamel mt-8 flex flex-wrap items-end gap-5 p-5">
        <label>
          <span className="font-semibold">Portions that came out</span>
          <input
            className="input input-lg block w-40"
            inputMode="numeric"
            value={cameOut}
            aria-invalid={cook.problem?.field === '/portions'}
            onChange={(event) => {
              setPortions(event.target.value);
              cook.forget();
            }}
          />
        </label>
        <button
          type="button"
          className="btn btn-primary btn-lg min-h-16"
          disabled={cook.busy}
          onClick={() => {
            const whole = /^-?\d{1,9}$/.test(cameOut.trim()) ? Number(cameOut) : undefined;
            cook.act({ recipe, n: plan.n, style, portions: whole, corrections });
          }}
        >
          Cooked: take it from stock
        </button>
        <div>
          <FieldProblem at="/portions" problem={cook.problem} />
          <OtherProblem problem={cook.problem} fields={['/portions', '/corrections']} />
        </div>
      </div>
    </>
  );
}

function Steps({ plan }: { plan: Schema['CookPlan'] }) {
  return (
    <section aria-label="Steps">
      <h2 className="mb-2 text-2xl">Now</h2>
      {plan.now.length === 0 && <p className="quiet">No steps are written down.</p>}
      <ol className="list-decimal pl-6 text-lg">
        {plan.now.map((step) => (
          <li key={step} className="py-1">
            {step}
          </li>
        ))}
      </ol>
      {plan.later.length > 0 && (
        <>
          <p className="mt-3 border-t-2 border-dashed border-primary pt-1 font-bold text-primary">
            stop here: {styleWords[plan.style]} · the rest goes on the label
          </p>
          <ol className="quiet list-decimal pl-6">
            {plan.later.map((step) => (
              <li key={step} className="py-1">
                {step}
              </li>
            ))}
          </ol>
        </>
      )}
    </section>
  );
}

type Line = { line: Schema['GoesInView']; used: string; setUsed: (text: string) => void; problem: React.ReactNode };

function GoesIn({ line, used, setUsed, problem }: Line) {
  return (
    <li className="row grid-cols-[minmax(0,1fr)_4.5rem] sm:grid-cols-[minmax(0,1fr)_8.5rem_4.5rem]">
      <span className="col-span-2 sm:col-span-1">
        <span className="text-lg font-semibold">{line.text}</span>
        <span className="quiet block text-sm">
          {line.takes.map((take) => (
            <span key={take.lot} className="block">
              {take.amount} from {take.placeName}, leaves {take.left}
              {take.until && ` · ${until(take.until.words, take.until.date)}`}
            </span>
          ))}
          {line.notInStock && <span className="block text-accent">{line.notInStock} used, not from stock</span>}
          {line.from === 'FLAT' && 'seasoning: in the flat sum'}
          {line.why && <span className="block text-accent">{line.why}</span>}
        </span>
      </span>
      <div>
        {line.from !== 'FLAT' && (
          <input
            className="input w-full"
            aria-label={`What went in of ${line.food}`}
            placeholder={line.need ?? 'how much?'}
            value={used}
            onChange={(event) => setUsed(event.target.value)}
          />
        )}
        {problem}
      </div>
      <span className="text-right">
        {line.from === 'FLAT' ? (
          ''
        ) : line.costComplete ? (
          <Money amount={line.cost} />
        ) : (
          <span className="quiet text-sm">unknown</span>
        )}
      </span>
    </li>
  );
}

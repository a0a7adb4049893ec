import { useState } from 'react';
import { Link } from 'react-router';
import { Refused, type Schema } from '../../api/client';
import { useHousehold, useScale } from '../../api/queries';
import { Choice, Field } from '../../kit/Field';

type How = 'factor' | 'servings' | 'food';
type Recipe = Schema['RecipeView'];

/** The recipe at another size: by factor, by portions, or by the protein in hand; in this household's measures. */
export function ScalePanel({ recipe }: { recipe: Recipe }) {
  const household = useHousehold().data;
  const [how, setHow] = useState<How>('factor');
  const [size, setSize] = useState('2');
  const [food, setFood] = useState(recipe.lines[0]?.food ?? '');
  const typed = size.trim();
  const asked: Schema['ScaleAsked'] | undefined =
    household && typed !== '' && recipe.lines.length > 0
      ? {
          servings: String(recipe.portions),
          lines: recipe.lines.map((line) => line.text),
          to: how === 'food' ? { food, amount: typed } : { [how]: typed },
          pots: 1,
          system: household.measures === 'US' ? 'us' : 'metric',
          cup: household.cup,
          tbsp: Number(household.tbsp),
        }
      : undefined;
  const scaled = useScale(asked);
  const refused = asked && scaled.error instanceof Refused ? scaled.error.problem : undefined;
  const data = refused ? undefined : scaled.data;
  return (
    <section className="enamel mb-8 p-5" aria-labelledby="scale">
      <h2 id="scale" className="mb-3 text-2xl">
        At another size
      </h2>
      <div className="mb-3 grid gap-3 sm:grid-cols-3">
        <Choice
          label="By"
          value={how}
          set={(value) => {
            setHow(value);
            setSize(value === 'factor' ? '2' : '');
          }}
          of={{ factor: 'times as written', servings: 'portions', food: 'what is in hand' }}
        />
        {how === 'food' && (
          <Choice
            label="Of"
            value={food}
            set={setFood}
            of={Object.fromEntries(recipe.lines.filter((line) => line.amount).map((line) => [line.food, line.food]))}
          />
        )}
        <Field
          label={how === 'factor' ? 'Times' : how === 'servings' ? 'Portions' : 'In hand'}
          value={size}
          set={setSize}
          placeholder={how === 'food' ? '2.3 kg' : how === 'servings' ? String(recipe.portions * 2) : '2'}
        />
      </div>
      {refused && (
        <p role="alert" className="fieldproblem">
          {refused.detail}
        </p>
      )}
      {data && (
        <>
          <p className="mb-2">
            <strong className="figure text-xl">× {data.factor}</strong>{' '}
            <Link to={`/cook/${recipe.id}?factor=${data.factor}`} className="underline">
              cook it at this size
            </Link>
          </p>
          <ul className="text-lg">
            {data.lines.map((line, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: lines have no other identity
              <li key={i} className="row py-1 sm:grid-cols-2">
                <span className="font-semibold" title={line.exact && `exactly ${line.exact} ${line.unit ?? ''}`}>
                  {line.text}
                </span>
                <span className="quiet text-sm">
                  {recipe.lines[i]?.text}
                  {line.startWith && (
                    <span className="text-primary"> · start with {line.startWith}, taste, then more</span>
                  )}
                  {line.rule === 'fixed' && <span className="text-primary"> · one pot, so no more of it</span>}
                </span>
              </li>
            ))}
          </ul>
          {data.warnings.map((warning) => (
            <p key={warning.what} className="mt-2 text-sm text-accent" title={warning.source}>
              {warning.what}: {warning.why}
            </p>
          ))}
        </>
      )}
    </section>
  );
}

import { Link, useParams } from 'react-router';
import type { Schema } from '../../api/client';
import { Refused } from '../../api/client';
import { useRecipe } from '../../api/queries';
import { Empty, Heading, Money, Waiting } from '../../kit/kit';
import { styleWords } from '../../kit/words';
import { LineUnderstood } from './LineUnderstood';
import { ScalePanel } from './ScalePanel';

/** A recipe made for a counter: lines big, cost beside, steps with their stops. */
export function RecipePage() {
  const { id } = useParams();
  const asked = useRecipe(id);
  if (asked.error) {
    const words = asked.error instanceof Refused ? asked.error.message : 'The kitchen does not answer.';
    return (
      <Empty to="/recipes" go="To the book">
        {words}
      </Empty>
    );
  }
  if (!asked.data) {
    return <Waiting />;
  }
  const recipe = asked.data.recipe;
  return (
    <>
      <Heading
        title={recipe.title}
        below={`${recipe.portions} portions · can stop as: ${recipe.styles.map((s) => styleWords[s]).join(', ')}`}
      >
        <Cost cost={recipe.cost} />
      </Heading>
      <div className="mb-6 flex gap-3">
        <Link to={`/cook/${recipe.id}`} className="btn btn-primary">
          Cook this
        </Link>
        <Link to={`/recipes/${recipe.id}/edit`} className="btn btn-outline">
          Change
        </Link>
      </div>
      {recipe.lines.length > 0 && <ScalePanel recipe={recipe} />}
      <div className="grid gap-8 lg:grid-cols-2">
        <section aria-label="What goes in">
          <h2 className="mb-2 text-2xl">What goes in</h2>
          {recipe.lines.length === 0 && <p className="quiet">No lines yet: it can be packed, not costed.</p>}
          <ul className="text-lg">
            {recipe.lines.map((line, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: lines have no other identity
              <li key={i} className="row">
                <LineUnderstood line={line} />
                {line.heldBackIn.length > 0 && (
                  <span className="text-sm text-primary">
                    on the night when {line.heldBackIn.map((s) => styleWords[s]).join(', ')}
                  </span>
                )}
              </li>
            ))}
          </ul>
        </section>
        <Steps steps={recipe.steps} />
      </div>
    </>
  );
}

function Steps({ steps }: { steps: Schema['StepView'][] }) {
  return (
    <section aria-label="Steps">
      <h2 className="mb-2 text-2xl">Steps</h2>
      {steps.length === 0 && <p className="quiet">No steps yet.</p>}
      <ol>
        {steps.map((step, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: steps have no other identity
          <li key={i} className="py-2">
            <p className="flex gap-4 text-lg">
              <span className="figure text-xl font-bold">{i + 1}</span>
              <span>
                {step.text}
                {step.handsMin + step.waitMin > 0 && (
                  <span className="quiet block text-sm">
                    {step.handsMin > 0 && `${step.handsMin} min of hands`}
                    {step.handsMin > 0 && step.waitMin > 0 && ', '}
                    {step.waitMin > 0 && `${step.waitMin} min alone`}
                  </span>
                )}
              </span>
            </p>
            {step.stop && (
              <p className="mt-3 border-t-2 border-dashed border-primary pt-1 text-sm font-bold text-primary">
                can stop here: {styleWords[step.stop]}
              </p>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

/** What a portion costs, with its basis and what is unknown. */
export function Cost({ cost }: { cost: Schema['CostView'] }) {
  return (
    <>
      <p>{cost.perPortion ? <Money amount={cost.perPortion} complete={cost.complete} big /> : '–'}</p>
      <p className="quiet">
        a portion, used · <Money amount={cost.total} complete={cost.complete} /> all of it
      </p>
      {Number(cost.flat) > 0 && <p className="quiet text-sm">with {cost.flat} for seasoning and oil</p>}
      {cost.unknown.length > 0 && (
        <p className="max-w-sm text-sm text-accent">
          {cost.complete ? 'note' : 'unknown'}: {cost.unknown.join('; ')}
        </p>
      )}
    </>
  );
}

import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { Refused, type Schema } from '../../api/client';
import { useHousehold, useRecipe, useSize } from '../../api/queries';
import { Empty, Heading, Money, Waiting } from '../../kit/kit';
import { counted, styleWords } from '../../kit/words';
import { Flags, NextTime, Papers } from './About';
import { BigLines } from './BigLines';
import { LookFirst } from './LookFirst';
import { Pots } from './Pots';
import { SizePanel } from './SizePanel';
import { Steps } from './Steps';
import { askedOf, type Size, startSize } from './size';
import { VesselPicture } from './VesselPicture';

/** A recipe made for a counter: amounts big, at the size wanted, steps with their times, how full the pot gets. */
export function RecipePage() {
  const { id } = useParams();
  const [search] = useSearchParams();
  const n = search.get('n');
  const asked = useRecipe(id, n === null ? undefined : Number(n));
  const household = useHousehold().data;
  if (asked.error) {
    const words = asked.error instanceof Refused ? asked.error.message : 'The kitchen does not answer.';
    return (
      <Empty to="/recipes" go="To the book">
        {words}
      </Empty>
    );
  }
  if (!asked.data || !household) {
    return <Waiting />;
  }
  const recipe = asked.data.recipe;
  return <Page key={`${recipe.id} ${recipe.n}`} recipe={recipe} household={household} />;
}

function Page({ recipe, household }: { recipe: Schema['RecipeView']; household: Schema['HouseholdView'] }) {
  const [size, setSize] = useState<Size>(startSize(recipe, household.measures));
  const asked = askedOf(size, recipe, household);
  const scaled = useSize(recipe.id, asked);
  const problem = asked && scaled.error instanceof Refused ? scaled.error.problem : undefined;
  const data = problem || !asked ? undefined : scaled.data?.scaled;
  const inVessel = problem || !asked ? undefined : scaled.data?.in;
  const people = household.people.filter((one) => one.active);
  return (
    <>
      <Heading
        title={recipe.title}
        below={`${counted(recipe.portions, 'portion')}${recipe.alsoMakes.map((one) => `, also ${one}`).join('')} · can stop as: ${recipe.styles.map((s) => styleWords[s]).join(', ')}${recipe.tags.length > 0 ? ` · ${recipe.tags.join(', ')}` : ''}`}
      >
        <Cost cost={recipe.cost} />
      </Heading>
      {!recipe.current && (
        <p className="mb-4 font-semibold text-accent">
          This is version {recipe.n}, as it was.{' '}
          <Link to={`/recipes/${recipe.id}`} className="underline">
            To the one in the book
          </Link>
        </p>
      )}
      {recipe.current && (
        <div className="mb-6 flex flex-wrap gap-3">
          <Link to={`/cook/${recipe.id}`} className="btn btn-primary">
            Cook this
          </Link>
          <Link to={`/recipes/${recipe.id}/edit`} className="btn btn-outline">
            Change
          </Link>
        </div>
      )}
      <Pots recipe={recipe.id} current={recipe.current} />
      <Flags flags={recipe.flags} />
      <LookFirst look={recipe.look} />
      {recipe.lines.length > 0 && (
        <SizePanel
          recipe={recipe}
          size={size}
          set={(part) => setSize({ ...size, ...part })}
          people={people}
          scaled={data}
          problem={problem}
        />
      )}
      <div className="grid gap-8 lg:grid-cols-2">
        <BigLines
          recipe={recipe}
          scaled={data}
          bags={Number(size.bags) || 1}
          measured={size.system !== startSize(recipe, household.measures).system}
        />
        <div>
          {inVessel && (
            <VesselPicture
              equipment={household.equipment}
              inVessel={inVessel}
              choose={(vessel) => setSize({ ...size, vessel })}
            />
          )}
          <Steps steps={recipe.steps} scaled={data?.steps} work={recipe.work} />
        </div>
      </div>
      <div className="mt-8 grid gap-8 lg:grid-cols-2">
        <NextTime recipe={recipe} />
        <Papers recipe={recipe} />
      </div>
    </>
  );
}

/** What a portion costs, with its basis and what is unknown. */
export function Cost({ cost }: { cost: Schema['CostView'] }) {
  return (
    <>
      <p>
        {cost.perPortion ? <Money amount={cost.perPortion} complete={cost.complete} missing={cost.missing} big /> : '–'}
      </p>
      <p className="quiet">
        a portion, used · <Money amount={cost.total} complete={cost.complete} missing={cost.missing} /> all of it
      </p>
      {Number(cost.flat) > 0 && (
        <p className="quiet text-sm">
          with <Money amount={cost.flat} /> for seasoning and oil
        </p>
      )}
      {cost.unknown.length > 0 && (
        <p className="max-w-sm text-sm text-accent">
          {cost.complete ? 'note' : 'unknown'}: {cost.unknown.join('; ')}
        </p>
      )}
    </>
  );
}

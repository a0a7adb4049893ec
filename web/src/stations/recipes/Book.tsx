import { Link } from 'react-router';
import { useBook } from '../../api/queries';
import { Empty, Heading, Money, Waiting } from '../../kit/kit';
import { Names } from './Names';

/** The book: every recipe with what a portion costs today. */
export function Book() {
  const book = useBook();
  if (!book.data) {
    return <Waiting />;
  }
  return (
    <>
      <Heading title="Recipes" below="what a portion costs: from what is on hand, else the newest price">
        <Link to="/recipes/new" className="btn btn-primary btn-lg">
          Write a recipe
        </Link>
      </Heading>
      {book.data.length === 0 && (
        <Empty to="/recipes/new" go="Write the first one">
          The book is empty. Begin with a dish you already cook; a name and portions are enough.
        </Empty>
      )}
      <ul className="mb-8 grid gap-4 sm:grid-cols-2 xl:grid-cols-3">
        {book.data.map((recipe) => (
          <li key={recipe.id}>
            <Link to={`/recipes/${recipe.id}`} className="enamel block h-full p-4 hover:bg-base-200">
              <h2 className="text-xl">{recipe.title}</h2>
              <p className="quiet">
                {recipe.portions} portions ·{' '}
                {recipe.lines + recipe.steps === 0 ? 'a name so far' : `${recipe.lines} lines · ${recipe.steps} steps`}
              </p>
              {recipe.lines > 0 && recipe.cost.perPortion && (
                <p className="mt-3 text-2xl">
                  <Money amount={recipe.cost.perPortion} complete={recipe.cost.complete} />
                  <span className="quiet text-sm"> a portion, used</span>
                </p>
              )}
            </Link>
          </li>
        ))}
      </ul>
      <Names />
    </>
  );
}

import { Link } from 'react-router';
import { useBatches, useBook } from '../../api/queries';
import { Empty, Heading, Money, Tape, Waiting } from '../../kit/kit';
import { shortDay, styleWords } from '../../kit/words';

/** What can be cooked, and what was. */
export function Cook() {
  const book = useBook();
  const batches = useBatches();
  if (!book.data || !batches.data) {
    return <Waiting />;
  }
  return (
    <>
      <Heading
        title="What are you cooking?"
        below="choose a dish; what goes in leaves the stock when you mark it cooked"
      />
      {book.data.length === 0 && (
        <Empty to="/recipes/new" go="Write a recipe">
          The book is empty, so there is nothing to cook by yet.
        </Empty>
      )}
      <ul className="mb-10 grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
        {book.data.map((recipe) => (
          <li key={recipe.id}>
            <Link
              to={`/cook/${recipe.id}`}
              className="enamel flex min-h-16 items-center justify-between gap-3 p-4 hover:bg-base-200"
            >
              <span className="display text-lg">{recipe.title}</span>
              <span className="quiet whitespace-nowrap">{recipe.portions} portions</span>
            </Link>
          </li>
        ))}
      </ul>
      <h2 className="mb-2 text-2xl">Cooked lately</h2>
      {batches.data.length === 0 && <p className="quiet">Nothing yet.</p>}
      <ul>
        {batches.data.map((batch) => (
          <li key={batch.id} className="row grid-cols-[minmax(0,22rem)_7rem_1fr_auto]">
            <Tape name={batch.name} of={batch.id}>
              {batch.portions}
            </Tape>
            <span>{shortDay(batch.cookedOn)}</span>
            <span className="quiet">{styleWords[batch.style]}</span>
            <span>
              <Money amount={batch.cost} complete={batch.costComplete} /> <span className="quiet text-sm">used</span>
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}

import { useState } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../../api/client';
import { useBatches, useBook, useCounter, useHousehold } from '../../api/queries';
import { CounterClock } from '../../kit/CounterClock';
import { Field } from '../../kit/Field';
import { Empty, Heading, Money, Tape, Waiting } from '../../kit/kit';
import { shortDay, styleWords } from '../../kit/words';
import { CookDay, PlanBatch } from './CookDay';
import { JustCooked } from './JustCooked';

/** The cook day ahead, what can be cooked now, and what was. */
export function Cook() {
  const [text, setText] = useState('');
  const book = useBook({ text });
  const batches = useBatches();
  const counter = useCounter();
  const first = book.data?.pages[0];
  if (!book.data || !first || !batches.data || counter.isPending) {
    return <Waiting />;
  }
  const cards = book.data.pages.flatMap((page) => page.cards);
  return (
    <>
      <Heading
        title="What are you cooking?"
        below="choose a dish to cook now, or put it on a cook day; what goes in leaves the stock when it is cooked"
      />
      <CounterClock />
      <CookDay>
        {first.total === 0 && (
          <Empty to="/recipes/new" go="Write a recipe">
            The book is empty. Write a recipe, or say below what you just cooked.
          </Empty>
        )}
        {first.total > 12 && (
          <div className="no-print mb-4 max-w-md">
            <Field label="Find a dish" value={text} set={setText} placeholder="goulash, beans …" />
          </div>
        )}
        <ul className="no-print mb-4 grid items-start gap-3 sm:grid-cols-2 lg:grid-cols-3">
          {cards.map((recipe) => (
            <Dish key={recipe.id} recipe={recipe} />
          ))}
        </ul>
        {cards.length === 0 && text !== '' && <p className="quiet mb-4">No dish in the book is called so.</p>}
        {book.hasNextPage && (
          <button type="button" className="btn btn-outline no-print mb-8" onClick={() => void book.fetchNextPage()}>
            Show more: {first.found - cards.length} are left
          </button>
        )}
        <div className="no-print grid items-start gap-8 lg:grid-cols-2">
          <JustCooked />
          <section aria-labelledby="lately">
            <h2 id="lately" className="mb-2 text-2xl">
              Cooked lately
            </h2>
            {batches.data.length === 0 && <p className="quiet">Nothing yet.</p>}
            <ul>
              {batches.data.map((batch) => (
                <li key={batch.id} className="row grid-cols-[minmax(0,1fr)_auto]">
                  <span>
                    <Tape name={batch.name} of={batch.id}>
                      {batch.portions}
                    </Tape>
                    <span className="quiet text-sm">
                      {shortDay(batch.cookedOn)} · {styleWords[batch.style]}
                    </span>
                  </span>
                  <span>
                    <Money amount={batch.cost} complete={batch.costComplete} />{' '}
                    <span className="quiet text-sm">used</span>
                  </span>
                </li>
              ))}
            </ul>
          </section>
        </div>
      </CookDay>
    </>
  );
}

function Dish({ recipe }: { recipe: Schema['RecipeCard'] }) {
  const [open, setOpen] = useState(false);
  const today = useHousehold().data?.today ?? '';
  return (
    <li className="enamel">
      <div className="flex min-h-16 items-center justify-between gap-2 p-3">
        <Link to={`/cook/${recipe.id}`} className="display text-lg hover:underline">
          {recipe.title}
        </Link>
        <button type="button" className="btn btn-ghost" aria-expanded={open} onClick={() => setOpen(!open)}>
          day …<span className="sr-only"> for {recipe.title}</span>
        </button>
      </div>
      {open && <PlanBatch recipe={recipe} day={today} close={() => setOpen(false)} />}
    </li>
  );
}

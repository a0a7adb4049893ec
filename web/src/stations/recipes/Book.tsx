import { memo, useEffect, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useBook, useChoices } from '../../api/queries';
import { Choice, Field, Several } from '../../kit/Field';
import { Empty, Heading, Money, Waiting } from '../../kit/kit';
import { counted, dietWords, gearWords, minuteWords, styleWords } from '../../kit/words';
import { BringIn } from './BringIn';
import { addressOf, type Card, type Filter, filterOf, noFilter, queryOf } from './find';
import { Names } from './Names';

/** The book: found as you type over names, foods, tags and notes, and narrowed down. */
export function Book() {
  const [address] = useSearchParams();
  const [filter, setFilter] = useState<Filter>(() => filterOf(address));
  const [more, setMore] = useState(false);
  const narrowed = addressOf(filter);
  useEffect(() => {
    // past the router, which would draw every letter late
    window.history.replaceState(window.history.state, '', narrowed ? `?${narrowed}` : window.location.pathname);
  }, [narrowed]);
  const book = useBook(queryOf(filter));
  const first = book.data?.pages[0];
  if (!book.data || !first) {
    return <Waiting />;
  }
  const cards = book.data.pages.flatMap((page) => page.cards);
  const left = first.found - cards.length;
  const change = (part: Partial<Filter>) => setFilter({ ...filter, ...part });
  return (
    <>
      <Heading
        title="Recipes"
        below={`${first.found === first.total ? first.total : `${first.found} of ${first.total}`} in the book · cost of a portion from what is on hand, else the newest price`}
      >
        <Link to="/recipes/new" className="btn btn-primary btn-lg">
          Write a recipe
        </Link>
      </Heading>
      {first.total === 0 ? (
        <Empty to="/recipes/new" go="Write the first one">
          The book is empty. Begin with a dish you already cook; a name and portions are enough.
        </Empty>
      ) : (
        <search className="mb-6 block" aria-label="Find a recipe">
          <div className="flex flex-wrap items-end gap-3">
            <div className="min-w-60 flex-1">
              <Field
                label="Find"
                value={filter.text}
                set={(text) => change({ text })}
                placeholder="beans, quick, leek …"
              />
            </div>
            <Choice
              label="On hand"
              wide="w-52"
              value={filter.onHand}
              set={(value) => change({ onHand: value })}
              of={{ all: 'does not matter', some: 'something is there', soon: 'uses up this week' }}
            />
            <button
              type="button"
              className="btn btn-outline"
              aria-expanded={more}
              onClick={() => {
                setMore(!more);
              }}
            >
              {more ? 'Fewer filters' : 'More filters'}
            </button>
            {narrowed !== '' && (
              <button type="button" className="btn btn-ghost" onClick={() => setFilter(noFilter)}>
                Show all
              </button>
            )}
          </div>
          {more && <Filters filter={filter} change={change} />}
        </search>
      )}
      {first.total > 0 && cards.length === 0 && (
        <Empty>Nothing in the book is like that. Take a filter away, or write it.</Empty>
      )}
      <ul className="mb-4 grid gap-4 sm:grid-cols-2 xl:grid-cols-3">
        {cards.map((card) => (
          <RecipeCard key={card.id} card={card} />
        ))}
      </ul>
      {book.hasNextPage && left > 0 && (
        <button type="button" className="btn btn-outline mb-6" onClick={() => void book.fetchNextPage()}>
          Show more: {left} are left
        </button>
      )}
      <div className="grid gap-6 lg:grid-cols-2">
        <BringIn />
        <Names />
      </div>
    </>
  );
}

function Filters({ filter, change }: { filter: Filter; change: (part: Partial<Filter>) => void }) {
  const choices = useChoices().data;
  if (!choices) {
    return <Waiting />;
  }
  const any = (of: string[], words: (one: string) => string = (one) => one) =>
    Object.fromEntries([['', 'any'], ...of.map((one) => [one, words(one)])]) as Record<string, string>;
  return (
    <div className="enamel mt-3 grid gap-3 p-4 sm:grid-cols-2 lg:grid-cols-4">
      <Choice label="Protein as" value={filter.form} set={(form) => change({ form })} of={any(choices.forms)} />
      <Choice
        label="How far"
        value={filter.style}
        set={(style) => change({ style })}
        of={any(choices.styles, (one) => styleWords[one as keyof typeof styleWords])}
      />
      <Choice
        label="Cooked in"
        value={filter.gear}
        set={(gear) => change({ gear })}
        of={any(choices.gear, (one) => gearWords[one as keyof typeof gearWords])}
      />
      <Choice
        label="Diet"
        value={filter.diet}
        set={(diet) => change({ diet })}
        of={any(choices.diets, (one) => dietWords[one as keyof typeof dietWords])}
      />
      <Choice
        label="How it was"
        value={filter.liked}
        set={(liked) => change({ liked })}
        of={{ all: 'any', good: 'good or better', again: 'again soon', unrated: 'not rated yet' }}
      />
      <Field label="Hands, at most (min)" kind="number" value={filter.hands} set={(hands) => change({ hands })} />
      <Field label="A portion, at most" kind="number" value={filter.cost} set={(cost) => change({ cost })} />
      <div className="sm:col-span-2 lg:col-span-4">
        <Several
          label="Without"
          chosen={filter.without}
          set={(without) => change({ without })}
          of={choices.allergens.map((allergen) => [allergen, allergen.toLowerCase()])}
        />
      </div>
    </div>
  );
}

const RecipeCard = memo(function RecipeCard({ card }: { card: Card }) {
  const bare = card.lines + card.steps === 0;
  return (
    <li>
      <Link to={`/recipes/${card.id}`} className="enamel flex h-full flex-col p-4 hover:bg-base-200">
        <h2 className="text-xl">{card.title}</h2>
        <p className="quiet text-sm">
          {counted(card.portions, 'portion')}
          {bare && ' · a name so far'}
          {card.steps > 0 && ` · ${minuteWords(card.hands)} of hands, ${minuteWords(card.minutes)} in all`}
          {(card.liked ?? 0) >= 15 && ' · again soon'}
          {card.nextTimes > 0 && ` · ${card.nextTimes} for next time`}
          {card.refused > 0 && ` · ${card.refused} × not eaten`}
        </p>
        {card.look.length > 0 && (
          <p className="mt-1 text-sm font-semibold text-accent">look first: {card.look.join(', ')}</p>
        )}
        {card.usesUp.length > 0 && (
          <p className="mt-1 text-sm font-semibold text-accent">uses up {card.usesUp.slice(0, 3).join(', ')}</p>
        )}
        {card.tags.length > 0 && <p className="quiet mt-1 text-sm">{card.tags.join(' · ')}</p>}
        {card.lines > 0 && card.cost.perPortion && (
          <p className="mt-auto pt-3 text-2xl">
            <Money amount={card.cost.perPortion} complete={card.cost.complete} missing={card.cost.missing} />
            <span className="quiet text-sm"> a portion, used</span>
          </p>
        )}
      </Link>
    </li>
  );
});

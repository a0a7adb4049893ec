import { useId, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api, Refused, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { OtherProblem } from '../../kit/kit';
import { useKept } from '../../kit/useKept';

type Found = Schema['FoundInText'];

/** Recipes from pasted text or a file: looked at first, then put into the book all at once. */
export function BringIn() {
  const id = useId();
  const navigate = useNavigate();
  const [text, setText] = useKept('bring');
  const [found, setFound] = useState<Found>();
  const [problem, setProblem] = useState('');
  const [looking, setLooking] = useState(false);
  const keep = useAct(
    'book',
    (key, body: Schema['ImportInput']) =>
      answer(api.POST('/api/recipes/import', { params: { header: { 'Idempotency-Key': key } }, body })),
    () => {
      setFound(undefined);
      setText('');
    },
  );
  const look = async (what: string) => {
    setLooking(true);
    setProblem('');
    setFound(undefined);
    keep.forget();
    try {
      setFound(await answer(api.POST('/api/recipes/read', { body: { text: what } })));
    } catch (refused) {
      setProblem(refused instanceof Refused ? refused.message : 'The kitchen does not answer.');
    }
    setLooking(false);
  };
  const ready = found?.recipes.filter((one) => one.problem === '') ?? [];
  return (
    <section className="enamel mb-8 p-5" aria-labelledby={`${id}-bring`}>
      <h2 id={`${id}-bring`} className="mb-2 text-2xl">
        Bring recipes in
      </h2>
      <label htmlFor={`${id}-text`} className="mb-1 block font-semibold">
        Paste a recipe as text, or choose a file: a saved page, recipes as JSON-LD, a table of lines
      </label>
      <textarea
        id={`${id}-text`}
        className="textarea w-full"
        rows={4}
        value={text}
        placeholder={'Leek soup for 4\n1 kg potatoes\n3 leeks, sliced\nSoften the leeks, 10 minutes …'}
        onChange={(event) => setText(event.target.value)}
      />
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="btn btn-primary"
          disabled={looking || text.trim() === ''}
          onClick={() => void look(text)}
        >
          Look at it
        </button>
        <label className="btn btn-outline" htmlFor={`${id}-file`}>
          Choose a file
        </label>
        <input
          id={`${id}-file`}
          type="file"
          className="sr-only"
          accept=".json,.jsonld,.html,.htm,.csv,.txt"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = '';
            if (file && file.size > 20 * 1024 * 1024) {
              setProblem(`“${file.name}” has ${Math.ceil(file.size / 1024 / 1024)} MB; 20 MB is the most.`);
            } else if (file) {
              void file.text().then(look);
            }
          }}
        />
        <a className="underline" href="/api/recipes/file?format=json" download>
          the whole book as a file
        </a>
        <a className="underline" href="/api/recipes/file?format=csv" download>
          its lines as a table
        </a>
      </div>
      <div aria-live="polite">
        {looking && <p className="quiet mt-2">Reading …</p>}
        {problem && (
          <p role="alert" className="fieldproblem mt-2">
            {problem}
          </p>
        )}
      </div>
      {found && (
        <div className="mt-4">
          <ul>
            {found.recipes.slice(0, 30).map((one, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: found recipes have no other identity
              <li key={i} className="row">
                <span>
                  <strong>{one.recipe.title || 'no name'}</strong>{' '}
                  <span className="quiet">
                    {one.recipe.lines.length} lines · {one.recipe.steps.length} steps
                  </span>
                  {one.problem && <span className="fieldproblem block">{one.problem}</span>}
                  {one.unread.length > 0 && (
                    <span className="quiet block text-sm">not understood: {one.unread.slice(0, 8).join(' · ')}</span>
                  )}
                </span>
                {(found.recipes.length > 1 || one.problem !== '') && (
                  <Link
                    to="/recipes/new"
                    state={{ found: one.recipe }}
                    className="btn btn-outline btn-sm min-h-11 justify-self-end"
                  >
                    Look it over
                  </Link>
                )}
              </li>
            ))}
          </ul>
          {found.recipes.length > 30 && <p className="quiet">and {found.recipes.length - 30} more</p>}
          {ready.length > 0 && (
            <button
              type="button"
              className="btn btn-primary mt-3"
              disabled={keep.busy}
              onClick={() =>
                ready.length === 1 && found.recipes.length === 1
                  ? navigate('/recipes/new', { state: { found: ready[0]?.recipe } })
                  : keep.act({ recipes: ready.map((one) => one.recipe) })
              }
            >
              {found.recipes.length === 1 ? 'Look it over and keep it' : `Put ${ready.length} into the book`}
            </button>
          )}
          <OtherProblem problem={keep.problem} fields={[]} />
        </div>
      )}
    </section>
  );
}

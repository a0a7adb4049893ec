import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { FieldProblem, OtherProblem } from '../../kit/kit';
import { shortDay } from '../../kit/words';

type Recipe = Schema['RecipeView'];

/** What to look at before cooking: safety first, each with its reason and source. */
export function Flags({ flags }: { flags: Schema['FlagView'][] }) {
  const [all, setAll] = useState(false);
  const serious = flags.filter(
    (flag) => flag.kind === 'SAFETY' || flag.kind === 'CONTRADICTION' || flag.kind === 'LIQUID',
  );
  const shown = all ? flags : serious;
  if (flags.length === 0) {
    return null;
  }
  return (
    <section aria-label="To look at" className="mb-6 border-l-4 border-accent pl-4">
      {shown.map((flag) => (
        <p key={flag.what + flag.step + flag.line} className="mb-1">
          <strong className="text-accent">
            {flag.step !== undefined && `Step ${flag.step + 1}: `}
            {flag.what}.
          </strong>{' '}
          {flag.why}. <span className="quiet text-sm">{flag.source}</span>
        </p>
      ))}
      {flags.length > serious.length && (
        <button type="button" className="btn btn-ghost btn-sm min-h-11 px-0" onClick={() => setAll(!all)}>
          {all ? 'Only what matters' : `Small things to look at: ${flags.length - serious.length}`}
        </button>
      )}
    </section>
  );
}

/** What to do better the next time, said in a line; it waits beside the editor. */
export function NextTime({ recipe }: { recipe: Recipe }) {
  const [text, setText] = useState('');
  const say = useAct(
    'book',
    (key, body: Schema['NextTimeInput']) =>
      answer(
        api.POST('/api/recipes/{id}/next-time', {
          params: { path: { id: recipe.id }, header: { 'Idempotency-Key': key } },
          body,
        }),
      ),
    () => setText(''),
  );
  return (
    <section aria-labelledby="next-time" className="mb-6">
      <h2 id="next-time" className="mb-2 text-2xl">
        Next time
      </h2>
      <ul>
        {recipe.nextTimes.map((next) => (
          <li key={next.id} className="py-1 text-lg">
            {next.text} <span className="quiet text-sm">{shortDay(next.saidOn)}</span>
          </li>
        ))}
      </ul>
      <form
        className="mt-2 flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          say.act({ text });
        }}
      >
        <input
          className="input w-full"
          aria-label="What to do better the next time"
          placeholder="half the salt, more onions …"
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            say.forget();
          }}
        />
        <button type="submit" className="btn btn-outline" disabled={say.busy}>
          Remember
        </button>
      </form>
      <FieldProblem at="/text" problem={say.problem} />
      <OtherProblem problem={say.problem} fields={['/text']} />
    </section>
  );
}

/** The versions there were, and how often each was cooked; its files. */
export function Papers({ recipe }: { recipe: Recipe }) {
  return (
    <section aria-label="Versions and files" className="quiet text-sm">
      {recipe.note && <p className="mb-3 text-base whitespace-pre-line text-base-content">{recipe.note}</p>}
      <p>
        {recipe.versions.map((version, i) => (
          <span key={version.n}>
            {i > 0 && ' · '}
            <Link
              to={`/recipes/${recipe.id}?n=${version.n}`}
              className={version.n === recipe.n ? 'font-bold' : 'underline'}
            >
              version {version.n}
            </Link>{' '}
            {shortDay(version.day)}
            {version.cooked > 0 && `, cooked ${version.cooked} ×`}
          </span>
        ))}
      </p>
      <p className="mt-1">
        <a className="underline" href={`/api/recipes/${recipe.id}/file?format=json`} download>
          as a file
        </a>{' '}
        ·{' '}
        <a className="underline" href={`/api/recipes/${recipe.id}/file?format=csv`} download>
          lines as a table
        </a>
      </p>
      {recipe.current && <OutOfTheBook recipe={recipe} />}
    </section>
  );
}

/** A recipe nobody wants any more; what stands on it is told instead. */
function OutOfTheBook({ recipe }: { recipe: Recipe }) {
  const go = useNavigate();
  const remove = useAct(
    'book',
    (key, _: undefined) =>
      answer(
        api.POST('/api/recipes/{id}/remove', {
          params: { path: { id: recipe.id }, header: { 'Idempotency-Key': key } },
        }),
      ),
    () => void go('/recipes'),
  );
  return (
    <>
      <button
        type="button"
        className="btn btn-ghost btn-sm min-h-11 px-0"
        disabled={remove.busy}
        onClick={() => remove.act(undefined)}
      >
        Take it out of the book
      </button>
      <OtherProblem problem={remove.problem} fields={[]} />
    </>
  );
}

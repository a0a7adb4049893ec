import { useEffect, useState } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';
import { answer, api, Refused, type Schema, type Style } from '../../api/client';
import { useDraft, useRecipe } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { FieldProblem, Heading, OtherProblem, Waiting } from '../../kit/kit';
import { keep, kept } from '../../kit/useKept';
import { Flags } from './About';
import { emptyForm, type Form, formOf, formOfFound, inputOf } from './form';
import { LineRows } from './LineRows';
import { Cost } from './RecipePage';
import { StepRows } from './StepRows';
import { useUndo } from './useUndo';

/** A recipe typed line by line, or pasted whole; understood and costed while it is typed. */
export function RecipeEditor() {
  const { id } = useParams();
  const stored = useRecipe(id);
  const found = (useLocation().state as { found?: Schema['RecipeInput'] } | null)?.found;
  const typed = `recipe-${id ?? 'new'}`;
  const [start, setStart] = useState<Form | undefined>(() =>
    found ? formOfFound(found) : (kept<Form>(typed) ?? (id ? undefined : emptyForm())),
  );
  const [etag, setEtag] = useState('');
  useEffect(() => {
    // what is stored fills the form once; later answers must not overwrite what is being typed
    if (stored.data && etag === '') {
      setStart((before) => before ?? formOf(stored.data.recipe));
      setEtag(stored.data.etag);
    }
  }, [stored.data, etag]);
  return start ? <Editing id={id} etag={etag} start={start} said={stored.data?.recipe.nextTimes ?? []} /> : <Waiting />;
}

type Props = { id: string | undefined; etag: string; start: Form; said: Schema['NextTimeView'][] };

function Editing({ id, etag, start, said }: Props) {
  const navigate = useNavigate();
  const { value: form, set: setForm, undo, redo, canUndo, canRedo } = useUndo(start);
  const typed = `recipe-${id ?? 'new'}`;
  const input = inputOf(form);
  const draft = useDraft(input, id);
  const save = useAct(
    'book',
    (key, body: Schema['RecipeInput']) => {
      const header = { 'Idempotency-Key': key };
      return answer(
        id
          ? api.PUT('/api/recipes/{id}', { params: { path: { id }, header: { ...header, 'If-Match': etag } }, body })
          : api.POST('/api/recipes', { params: { header }, body }),
      );
    },
    (saved) => navigate(`/recipes/${saved.id}`),
    typed,
  );
  useEffect(() => {
    if (form !== start) {
      keep(typed, JSON.stringify(form));
    }
  }, [form, start, typed]);
  const change = (part: Partial<Form>, whole = false) => {
    setForm({ ...form, ...part }, whole);
    save.forget();
  };
  const stops = [...new Set(form.steps.map((step) => step.stop).filter((stop): stop is Style => stop !== undefined))];
  const empty = !id && input.title === '' && input.lines.length === 0 && input.steps.length === 0;
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        save.act(input);
      }}
      onKeyDown={(event) => {
        if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
          event.preventDefault();
          (event.shiftKey ? redo : undo)();
        } else if ((event.ctrlKey || event.metaKey) && event.key === 'Enter') {
          event.preventDefault();
          save.act(input);
        }
      }}
    >
      <Heading
        title={id ? 'Change a recipe' : 'Write a recipe'}
        below="type as on a card; each line is understood beside it · Ctrl Z goes back, Ctrl Enter saves"
      >
        {draft.data && input.lines.length > 0 && <Cost cost={draft.data.cost} />}
      </Heading>
      {empty && <PasteWhole take={(found) => change(formOfFound(found), true)} />}
      {said.length > 0 && (
        <fieldset className="mb-6 border-l-4 border-primary pl-4">
          <legend className="font-semibold">Said for the next time; tick what this version does</legend>
          {said.map((next) => (
            <label key={next.id} className="flex min-h-11 items-center gap-3 text-lg">
              <input
                type="checkbox"
                className="checkbox"
                checked={form.taken.includes(next.id)}
                onChange={(event) =>
                  change({
                    taken: event.target.checked
                      ? [...form.taken, next.id]
                      : form.taken.filter((taken) => taken !== next.id),
                  })
                }
              />
              {next.text}
            </label>
          ))}
        </fieldset>
      )}
      <div className="mb-6 grid gap-4 sm:grid-cols-[minmax(0,1fr)_10rem]">
        <label className="block">
          <span className="font-semibold">Name</span>
          <input
            className="input input-lg w-full"
            value={form.title}
            aria-invalid={save.problem?.field === '/title'}
            onChange={(event) => change({ title: event.target.value })}
          />
          <FieldProblem at="/title" problem={save.problem} />
        </label>
        <label className="block">
          <span className="font-semibold">Portions</span>
          <input
            className="input input-lg w-full"
            inputMode="numeric"
            value={form.portions}
            aria-invalid={save.problem?.field === '/portions'}
            onChange={(event) => change({ portions: event.target.value })}
          />
          <FieldProblem at="/portions" problem={save.problem} />
        </label>
      </div>
      <Flags flags={draft.data?.flags ?? []} />
      <LineRows form={form} change={change} read={draft.data?.lines ?? []} stops={stops} problem={save.problem} />
      <StepRows form={form} change={change} problem={save.problem} />
      <div className="mt-6 grid gap-4 sm:grid-cols-2">
        <label className="block">
          <span className="font-semibold">Tags, with commas between</span>
          <input
            className="input w-full"
            value={form.tags}
            placeholder="quick, winter, for the freezer"
            onChange={(event) => change({ tags: event.target.value })}
          />
          <FieldProblem at="/tags" problem={save.problem} />
        </label>
        <label className="block">
          <span className="font-semibold">Also makes</span>
          <textarea
            className="textarea w-full"
            rows={Math.max(1, form.alsoMakes.split('\n').length)}
            value={form.alsoMakes}
            placeholder="2 l chicken stock"
            aria-invalid={save.problem?.field?.startsWith('/alsoMakes')}
            onChange={(event) => change({ alsoMakes: event.target.value })}
          />
          {save.problem?.field?.startsWith('/alsoMakes') && (
            <span role="alert" className="fieldproblem">
              {save.problem.detail}
            </span>
          )}
        </label>
        <label className="block">
          <span className="font-semibold">Note</span>
          <textarea
            className="textarea w-full"
            rows={2}
            value={form.note}
            onChange={(event) => change({ note: event.target.value })}
          />
          <FieldProblem at="/note" problem={save.problem} />
        </label>
      </div>
      <OtherProblem
        problem={save.problem}
        fields={['/title', '/portions', '/lines/', '/steps/', '/tags', '/note', '/alsoMakes']}
      />
      <div className="mt-4 flex flex-wrap gap-3">
        <button type="submit" className="btn btn-primary btn-lg" disabled={save.busy}>
          {id ? 'Save as the next version' : 'Put it in the book'}
        </button>
        <button type="button" className="btn btn-outline btn-lg" disabled={!canUndo} onClick={undo}>
          Undo
        </button>
        <button type="button" className="btn btn-ghost btn-lg" disabled={!canRedo} onClick={redo}>
          Again
        </button>
      </div>
    </form>
  );
}

/** A whole recipe pasted as text is taken apart into name, lines and steps. */
function PasteWhole({ take }: { take: (found: Schema['RecipeInput']) => void }) {
  const [problem, setProblem] = useState('');
  const paste = async (text: string) => {
    try {
      const found = await answer(api.POST('/api/recipes/read', { body: { text } }));
      const first = found.recipes[0];
      if (first) {
        take({
          ...first.recipe,
          note: [first.recipe.note, first.unread.length > 0 && `Not placed: ${first.unread.join(' · ')}`]
            .filter(Boolean)
            .join('\n'),
        });
      }
    } catch (refused) {
      setProblem(refused instanceof Refused ? refused.message : 'The kitchen does not answer.');
    }
  };
  return (
    <div className="mb-6">
      <label className="block">
        <span className="font-semibold">Have it as text? Paste the whole recipe here, or begin below</span>
        <textarea
          className="textarea w-full"
          rows={3}
          placeholder={'Leek soup for 4\n1 kg potatoes …'}
          onPaste={(event) => {
            event.preventDefault();
            void paste(event.clipboardData.getData('text'));
          }}
          onBlur={(event) => {
            if (event.target.value.trim()) {
              void paste(event.target.value);
            }
          }}
        />
      </label>
      {problem && (
        <p role="alert" className="fieldproblem mt-1">
          {problem}
        </p>
      )}
    </div>
  );
}

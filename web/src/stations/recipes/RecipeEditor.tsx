import { useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { answer, api, type Schema } from '../../api/client';
import { type Style, useDraft, useRecipe } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { FieldProblem, Heading, OtherProblem, Waiting } from '../../kit/kit';
import { emptyForm, type Form, formOf, inputOf } from './form';
import { LineRows } from './LineRows';
import { Cost } from './RecipePage';
import { StepRows } from './StepRows';

/** A recipe typed line by line, understood and costed while it is typed. */
export function RecipeEditor() {
  const { id } = useParams();
  const stored = useRecipe(id);
  const [form, setForm] = useState<Form | undefined>(id ? undefined : emptyForm());
  const [etag, setEtag] = useState('');
  useEffect(() => {
    // what is stored fills the form once; later answers must not overwrite what is being typed
    if (stored.data && !form) {
      setForm(formOf(stored.data.recipe));
      setEtag(stored.data.etag);
    }
  }, [stored.data, form]);
  return form ? <Editing id={id} etag={etag} form={form} setForm={setForm} /> : <Waiting />;
}

type Props = { id: string | undefined; etag: string; form: Form; setForm: (form: Form) => void };

function Editing({ id, etag, form, setForm }: Props) {
  const navigate = useNavigate();
  const input = inputOf(form);
  const draft = useDraft(input);
  const save = useAct(
    (key, body: Schema['RecipeInput']) => {
      const header = { 'Idempotency-Key': key };
      return answer(
        id
          ? api.PUT('/api/recipes/{id}', { params: { path: { id }, header: { ...header, 'If-Match': etag } }, body })
          : api.POST('/api/recipes', { params: { header }, body }),
      );
    },
    (saved) => navigate(`/recipes/${saved.id}`),
  );
  const change = (part: Partial<Form>) => {
    setForm({ ...form, ...part });
    save.forget();
  };
  const stops = [...new Set(form.steps.map((step) => step.stop).filter((stop): stop is Style => stop !== undefined))];
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        save.act(input);
      }}
    >
      <Heading
        title={id ? 'Change a recipe' : 'Write a recipe'}
        below="type as on a card; each line is understood beside it"
      >
        {draft.data && input.lines.length > 0 && <Cost cost={draft.data.cost} />}
      </Heading>
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
      <LineRows form={form} change={change} read={draft.data?.lines ?? []} stops={stops} problem={save.problem} />
      <StepRows form={form} change={change} problem={save.problem} />
      <OtherProblem problem={save.problem} fields={['/title', '/portions', '/lines/', '/steps/']} />
      <button type="submit" className="btn btn-primary btn-lg mt-4" disabled={save.busy}>
        {id ? 'Save the change' : 'Put it in the book'}
      </button>
    </form>
  );
}

import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { FieldProblem, OtherProblem } from '../../kit/kit';
import { useKept } from '../../kit/useKept';

/** Names of dinners somebody already cooks: enough to plan and eat; lines and steps can follow. */
export function Names() {
  const [text, setText] = useKept('names');
  const save = useAct(
    'book',
    (key, body: Schema['NamesInput']) =>
      answer(api.POST('/api/recipes/names', { params: { header: { 'Idempotency-Key': key } }, body })),
    () => setText(''),
  );
  return (
    <form
      className="enamel mb-8 p-5"
      onSubmit={(event) => {
        event.preventDefault();
        save.act({ text });
      }}
    >
      <label htmlFor="names" className="mb-1 block font-semibold">
        Dinners you already cook, one a line; a name is enough to plan and eat
      </label>
      <textarea
        id="names"
        className="textarea w-full"
        rows={3}
        value={text}
        placeholder={'fish pie\nlentil soup\npancakes'}
        onChange={(event) => {
          setText(event.target.value);
          save.forget();
        }}
      />
      <FieldProblem at="/text" problem={save.problem} />
      <OtherProblem problem={save.problem} fields={['/text']} />
      <button type="submit" className="btn btn-primary mt-2" disabled={save.busy}>
        Put the names in the book
      </button>
    </form>
  );
}

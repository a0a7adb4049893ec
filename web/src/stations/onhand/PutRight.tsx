import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { Field } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';
import { counted } from '../../kit/words';

/** What was written down wrong: what it is, what it cost, its days. Only what is typed changes. */
export function PutRight({ lot, close }: { lot: Schema['LotView']; close: () => void }) {
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState({ name: '', price: '', days: '' });
  const right = useAct(
    'stock',
    (key, body: Schema['Right']) =>
      answer(
        api.POST('/api/lots/{id}/right', {
          params: { path: { id: lot.id }, header: { 'Idempotency-Key': key } },
          body,
        }),
      ),
    close,
  );
  const set = (part: Partial<typeof typed>) => {
    setTyped({ ...typed, ...part });
    right.forget();
  };
  const nothing = Object.values(typed).every((text) => text.trim() === '');
  return (
    <section className="mt-4">
      <button type="button" className="btn btn-ghost" aria-expanded={open} onClick={() => setOpen(!open)}>
        Written down wrong …
      </button>
      {open && (
        <form
          className="mt-2 grid gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            right.act(typed);
          }}
        >
          <Field
            label="It is"
            value={typed.name}
            set={(name) => set({ name })}
            at="/name"
            problem={right.problem}
            placeholder={lot.name}
          />
          <Field
            label={`${lot.portions === undefined ? lot.amount : counted(lot.portions, 'portion')} cost`}
            value={typed.price}
            set={(price) => set({ price })}
            kind="number"
            at="/price"
            problem={right.problem}
            placeholder={lot.costComplete ? lot.cost : 'nobody wrote it down'}
            hint="what was seen and paid follows; what was cooked of it keeps what it cost then"
          />
          <Field
            label="Its days"
            value={typed.days}
            set={(days) => set({ days })}
            at="/days"
            problem={right.problem}
            placeholder="use by 5 Dec, bought yesterday"
          />
          <div>
            <button type="submit" className="btn btn-primary" disabled={nothing || right.busy}>
              Put it right
            </button>
          </div>
          <OtherProblem problem={right.problem} fields={['/name', '/price', '/days']} />
        </form>
      )}
    </section>
  );
}

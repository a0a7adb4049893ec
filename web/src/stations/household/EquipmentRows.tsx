import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { Choice, Field } from '../../kit/Field';
import { Empty, OtherProblem } from '../../kit/kit';
import { whole } from '../../kit/words';
import { Ends, Rows } from './Rows';
import { equipmentWords } from './words';

type Equipment = Schema['EquipmentView'];

/** What there is to cook with. */
export function EquipmentRows({ equipment }: { equipment: Equipment[] }) {
  return (
    <Rows
      title="To cook with"
      things={equipment}
      empty={<Empty>Your biggest pot first: a batch that does not fit is told before you start.</Empty>}
      line={(piece) => (
        <>
          <span className="font-semibold">
            {piece.count > 1 && `${piece.count} × `}
            {piece.name}
          </span>
          <span className="quiet">
            {equipmentWords[piece.kind]}
            {piece.capacity && <span className="figure"> · {piece.capacity}</span>}
          </span>
        </>
      )}
      form={(piece, done) => <EquipmentForm piece={piece} done={done} />}
    />
  );
}

function EquipmentForm({ piece, done }: { piece?: Equipment; done: () => void }) {
  const [form, setForm] = useState({
    name: piece?.name ?? '',
    kind: piece?.kind ?? ('POT' as const),
    capacity: piece?.capacity ?? '',
    count: String(piece?.count ?? 1),
  });
  const save = useAct(
    'all',
    (key, body: Schema['EquipmentInput']) =>
      answer(api.POST('/api/household/equipment', { params: { header: { 'Idempotency-Key': key } }, body })),
    done,
  );
  const remove = useAct(
    'all',
    (key, id: string) =>
      answer(
        api.POST('/api/household/equipment/{id}/remove', {
          params: { path: { id }, header: { 'Idempotency-Key': key } },
        }),
      ),
    done,
  );
  const change = (part: Partial<typeof form>) => {
    setForm({ ...form, ...part });
    save.forget();
  };
  return (
    <form
      className="enamel my-2 grid gap-3 p-4"
      onSubmit={(event) => {
        event.preventDefault();
        const count = whole(form.count, 0);
        save.act({ ...form, count, id: piece?.id, version: piece?.version ?? 0 });
      }}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        <Field label="Name" value={form.name} set={(name) => change({ name })} at="/name" problem={save.problem} />
        <Choice label="What it is" value={form.kind} set={(kind) => change({ kind })} of={equipmentWords} />
        <Field
          label="Holds, or its sides"
          value={form.capacity}
          set={(capacity) => change({ capacity })}
          at="/capacity"
          problem={save.problem}
          placeholder="5 l, 9x13 in, or leave it open"
        />
        <Field
          label="How many"
          kind="number"
          value={form.count}
          set={(count) => change({ count })}
          at="/count"
          problem={save.problem}
        />
      </div>
      <OtherProblem problem={save.problem ?? remove.problem} fields={['/name', '/capacity', '/count']} />
      <Ends busy={save.busy} leave={done} away={piece && { words: 'Remove', act: () => remove.act(piece.id) }} />
    </form>
  );
}

import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { Choice, Field, Several } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';
import { dietWords } from '../../kit/words';
import { Ends } from './Rows';
import { allergenWords, appetiteWords, chilliWords, flagWords } from './words';

type Input = Schema['PersonInput'];

const nobody: Input = {
  version: 0,
  name: '',
  appetite: 'ADULT',
  allergens: [],
  flags: [],
  dislikes: [],
  chilli: 3,
  diets: [],
  active: true,
};

/** Somebody who eats here. */
export function PersonForm({
  person,
  allergens,
  done,
}: {
  person: Schema['PersonView'] | undefined;
  allergens: Input['allergens'];
  done: () => void;
}) {
  const { portions: _, ...known } = person ?? { ...nobody, portions: '' };
  const [form, setForm] = useState<Input>(known);
  const [dislikes, setDislikes] = useState(form.dislikes.join(', '));
  const save = useAct(
    'all',
    (key, body: Input) =>
      answer(api.POST('/api/household/people', { params: { header: { 'Idempotency-Key': key } }, body })),
    done,
  );
  const change = (part: Partial<Input>) => {
    setForm({ ...form, ...part });
    save.forget();
  };
  const send = (active: boolean) =>
    save.act({
      ...form,
      active,
      dislikes: dislikes
        .split(',')
        .map((d) => d.trim())
        .filter((d) => d !== ''),
    });
  return (
    <form
      className="enamel mb-3 grid gap-4 p-5"
      onSubmit={(event) => {
        event.preventDefault();
        send(true);
      }}
    >
      <div className="grid gap-4 sm:grid-cols-3">
        <Field label="Name" value={form.name} set={(name) => change({ name })} at="/name" problem={save.problem} />
        <Choice label="Appetite" value={form.appetite} set={(appetite) => change({ appetite })} of={appetiteWords} />
        <Choice
          label="Chilli"
          value={String(form.chilli) as keyof typeof chilliWords}
          set={(chilli) => change({ chilli: Number(chilli) })}
          of={chilliWords}
        />
      </div>
      <Several
        label="Must not eat"
        chosen={form.allergens}
        set={(allergens) => change({ allergens })}
        of={[...new Set([...allergens, ...form.allergens])].map((one) => [one, allergenWords[one]])}
      />
      <Several
        label="Eats"
        chosen={form.diets ?? []}
        set={(diets) => change({ diets })}
        of={Object.entries(dietWords) as [keyof typeof dietWords, string][]}
      />
      <Several
        label="To bear in mind"
        chosen={form.flags}
        set={(flags) => change({ flags })}
        of={Object.entries(flagWords) as [Input['flags'][number], string][]}
      />
      <Field
        label="Does not like"
        value={dislikes}
        set={(value) => {
          setDislikes(value);
          save.forget();
        }}
        at="/dislikes"
        problem={save.problem}
        hint="foods or dishes, with commas between"
      />
      <OtherProblem problem={save.problem} fields={['/name', '/dislikes']} />
      <Ends
        busy={save.busy}
        leave={done}
        words={person?.active === false ? 'Eats here again' : 'Write down'}
        away={person?.active && { words: 'Has moved out', act: () => send(false) }}
      />
    </form>
  );
}

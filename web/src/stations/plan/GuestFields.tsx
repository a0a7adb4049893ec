import type { Problem } from '../../api/client';
import { Choice, Field } from '../../kit/Field';

/** A guest as typed; allergens with commas between. */
export type GuestForm = { name: string; age: string; allergens: string };

const ages = {
  adult: 'adult',
  teenager: 'teenager',
  '9-13': 'child of 9 to 13',
  '4-8': 'child of 4 to 8',
  'under 4': 'child under 4',
};

/** Who eats along once. */
export function GuestFields({
  guests,
  set,
  problem,
}: {
  guests: GuestForm[];
  set: (guests: GuestForm[]) => void;
  problem: Problem | undefined;
}) {
  const change = (at: number, more: Partial<GuestForm>) =>
    set(guests.map((guest, i) => (i === at ? { ...guest, ...more } : guest)));
  return (
    <div className="grid gap-2">
      {guests.map((guest, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a guest has no name yet while it is typed
        <div key={i} className="grid items-end gap-2 sm:grid-cols-[1fr_11rem_1fr_auto]">
          <Field
            label={`Guest ${i + 1}`}
            value={guest.name}
            set={(name) => change(i, { name })}
            at={`/guests/${i}/name`}
            problem={problem}
          />
          <Choice
            label="Who eats like"
            value={guest.age as keyof typeof ages}
            set={(age) => change(i, { age })}
            of={ages}
          />
          <Field
            label="Must not eat"
            value={guest.allergens}
            set={(allergens) => change(i, { allergens })}
            at={`/guests/${i}/allergens`}
            problem={problem}
            placeholder="milk, nuts"
          />
          <button
            type="button"
            className="btn btn-ghost"
            aria-label={`Guest ${i + 1} does not come`}
            onClick={() => set(guests.filter((_, at) => at !== i))}
          >
            not
          </button>
        </div>
      ))}
      <button
        type="button"
        className="btn btn-ghost justify-self-start"
        onClick={() => set([...guests, { name: '', age: 'adult', allergens: '' }])}
      >
        a guest
      </button>
    </div>
  );
}

import { useId } from 'react';
import type { Problem } from '../api/client';

type Props = {
  label: string;
  value: string;
  set: (value: string) => void;
  problem?: Problem | undefined;
  at?: string;
  hint?: string;
  kind?: 'text' | 'number' | 'time' | 'date' | 'password';
  /** What a browser may fill in by itself: "username", "new-password". */
  filled?: string;
  wide?: string;
  placeholder?: string;
};

/** One thing to type, with its name above and what is wrong with it below. */
export function Field({
  label,
  value,
  set,
  problem,
  at,
  hint,
  kind = 'text',
  wide = 'w-full',
  placeholder,
  filled,
}: Props) {
  const id = useId();
  const wrong = at !== undefined && problem?.field === at;
  return (
    <div>
      <label htmlFor={id} className="block font-semibold">
        {label}
      </label>
      <input
        id={id}
        className={`input ${wide}`}
        type={kind === 'number' ? 'text' : kind}
        inputMode={kind === 'number' ? 'decimal' : undefined}
        value={value}
        placeholder={placeholder}
        autoComplete={filled}
        aria-invalid={wrong}
        aria-describedby={wrong || hint ? `${id}-more` : undefined}
        onChange={(event) => set(event.target.value)}
      />
      {wrong ? (
        <p id={`${id}-more`} role="alert" className="fieldproblem mt-1">
          {problem?.detail}
        </p>
      ) : (
        hint && (
          <p id={`${id}-more`} className="quiet mt-1 text-sm">
            {hint}
          </p>
        )
      )}
    </div>
  );
}

type ChoiceProps<T extends string> = {
  label: string;
  value: T;
  set: (value: T) => void;
  of: Record<T, string>;
  wide?: string;
};

/** One of a few. */
export function Choice<T extends string>({ label, value, set, of, wide = 'w-full' }: ChoiceProps<T>) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="block font-semibold">
        {label}
      </label>
      <select id={id} className={`select ${wide}`} value={value} onChange={(event) => set(event.target.value as T)}>
        {(Object.entries(of) as [T, string][]).map(([choice, words]) => (
          <option key={choice} value={choice}>
            {words}
          </option>
        ))}
      </select>
    </div>
  );
}

/** Any of a few, each a button that stays pressed. */
export function Several<T extends string>(props: {
  label: string;
  chosen: T[];
  set: (c: T[]) => void;
  of: [T, string][];
}) {
  const { label, chosen, set, of } = props;
  return (
    <fieldset>
      <legend className="font-semibold">{label}</legend>
      <div className="flex flex-wrap gap-1">
        {of.map(([choice, words]) => {
          const on = chosen.includes(choice);
          return (
            <button
              key={choice}
              type="button"
              aria-pressed={on}
              className={`btn ${on ? 'btn-primary' : 'btn-outline'}`}
              onClick={() => set(on ? chosen.filter((c) => c !== choice) : [...chosen, choice])}
            >
              {words}
            </button>
          );
        })}
      </div>
    </fieldset>
  );
}

import { useId } from 'react';
import type { Schema } from '../api/client';

/** How a dish keeps, chosen by the cook; the first choice is what its lines say. */
export function KeepsAs(props: {
  choices: Schema['KeepsChoice'][];
  value: string;
  set: (slug: string) => void;
  usual?: string;
}) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="block font-semibold">
        Keeps as
      </label>
      <select id={id} className="select w-64" value={props.value} onChange={(event) => props.set(event.target.value)}>
        {props.usual !== undefined && <option value="">{props.usual}</option>}
        {props.choices.map((choice) => (
          <option key={choice.slug} value={choice.slug}>
            {choice.name}
          </option>
        ))}
      </select>
    </div>
  );
}

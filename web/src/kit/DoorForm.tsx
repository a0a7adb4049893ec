import { useState } from 'react';
import type { Problem } from '../api/client';
import { Field } from './Field';
import { OtherProblem } from './kit';

/** One thing that is asked at the door. @param filled what a browser may fill in; a phrase is typed unseen */
type Asked = { label: string; start?: string; filled: string; hint?: string; secret?: boolean };

type Props<Name extends string> = {
  asked: Record<Name, Asked>;
  act: { busy: boolean; problem: Problem | undefined; forget: () => void };
  send: (typed: Record<Name, string>) => void;
  go: string;
  leave?: () => void;
  side?: boolean;
};

/** A few things to type, each named as the kitchen names it, and one button. @param side two beside each other */
export function DoorForm<Name extends string>({ asked, act, send, go, leave, side }: Props<Name>) {
  const names = Object.keys(asked) as Name[];
  const [typed, setTyped] = useState(
    () => Object.fromEntries(names.map((name) => [name, asked[name].start ?? ''])) as Record<Name, string>,
  );
  return (
    <form
      className={`enamel mt-3 grid gap-4 p-5 ${side ? 'sm:grid-cols-2' : ''}`}
      onSubmit={(event) => {
        event.preventDefault();
        send(typed);
      }}
    >
      {names.map((name) => (
        <Field
          key={name}
          label={asked[name].label}
          kind={asked[name].secret ? 'password' : 'text'}
          value={typed[name]}
          set={(value) => {
            setTyped({ ...typed, [name]: value });
            act.forget();
          }}
          at={`/${name}`}
          problem={act.problem}
          hint={asked[name].hint}
          filled={asked[name].filled}
        />
      ))}
      <div className={side ? 'sm:col-span-2' : ''}>
        <OtherProblem problem={act.problem} fields={names.map((name) => `/${name}`)} />
        <button
          type="submit"
          className={`btn btn-primary ${side ? '' : 'w-full'}`}
          disabled={act.busy || names.some((name) => typed[name].trim() === '')}
        >
          {go}
        </button>
        {leave && (
          <button type="button" className="btn btn-ghost" onClick={leave}>
            Leave it
          </button>
        )}
      </div>
    </form>
  );
}

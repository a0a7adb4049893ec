import { useIsFetching, useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useEffect, useState } from 'react';
import { Link } from 'react-router';
import type { Problem } from '../api/client';
import { useHousehold } from '../api/queries';
import { tapeColour } from './words';

/** The sign for one packed thing: a strip of tape in the colour of its batch, its name in a marker hand. */
export function Tape({ name, of, children }: { name: string; of: string; children?: ReactNode }) {
  return (
    <span className="tape" style={{ background: tapeColour(of) }}>
      <span className="tape-name">{name}</span>
      <span className="figure shrink-0 text-sm font-semibold">{children}</span>
    </span>
  );
}

/** Money in the household's currency; an incomplete sum is "at least". */
/** The sign of the household's money. */
function useSign(): string {
  const household = useHousehold();
  const currency = household.data?.currency ?? 'EUR';
  const parts = new Intl.NumberFormat('en', { style: 'currency', currency, currencyDisplay: 'narrowSymbol' });
  return parts.formatToParts(0).find((part) => part.type === 'currency')?.value ?? currency;
}

/** Money as words, where no element can stand: in a drawing. */
export function useMoneyWords() {
  const sign = useSign();
  return (amount: string, complete: boolean, missing?: string) =>
    missing ?? (complete ? `${amount} ${sign}` : nothing(amount) ? unpriced : `at least ${amount} ${sign}`);
}

const unpriced = 'no price yet';
const nothing = (amount: string) => /^[0.]*$/.test(amount);

type MoneyProps = { amount: string; complete?: boolean; missing?: string | undefined; big?: boolean };

/** Money. @param missing how many prices, where what is known says too little: told instead */
export function Money({ amount, complete = true, missing, big = false }: MoneyProps) {
  const sign = useSign();
  if (missing || (!complete && nothing(amount))) {
    return <span className={`font-semibold ${big ? 'text-2xl' : 'text-sm'}`}>{missing ?? unpriced}</span>;
  }
  return (
    <span className={`money whitespace-nowrap ${big ? 'text-4xl' : ''}`}>
      {!complete && <span className="text-sm font-semibold">at least </span>}
      {amount} {sign}
    </span>
  );
}

/** One of a few, side by side. @param of begins what each is called for those who do not see the row it stands in */
export function OneOf<Value extends string | number | boolean>({
  choices,
  chosen,
  choose,
  of,
}: {
  choices: readonly (readonly [Value, string])[];
  chosen: Value | undefined;
  choose: (value: Value) => void;
  of?: string;
}) {
  return (
    <div className="join flex-wrap">
      {choices.map(([value, words]) => (
        <button
          key={words}
          type="button"
          aria-pressed={chosen === value}
          aria-label={of && `${of}: ${words}`}
          className={`btn join-item ${chosen === value ? 'btn-primary' : 'btn-outline'}`}
          onClick={() => choose(value)}
        >
          {words}
        </button>
      ))}
    </div>
  );
}

/** Title on the left, the number that matters on the right; the window is called by it. */
export function Heading({ title, below, children }: { title: string; below?: ReactNode; children?: ReactNode }) {
  useEffect(() => {
    document.title = `${title} · Wexilla`;
  }, [title]);
  return (
    <header className="mb-6 flex flex-wrap items-start justify-between gap-x-8 gap-y-2">
      <div>
        <h1 className="text-4xl">{title}</h1>
        {below && <p className="quiet mt-1">{below}</p>}
      </div>
      {children && <div className="sm:text-right">{children}</div>}
    </header>
  );
}

/** What is wrong, at the field it is wrong with. */
export function FieldProblem({ at, problem, id }: { at: string; problem: Problem | undefined; id?: string }) {
  return problem?.field === at ? (
    <p id={id} role="alert" className="fieldproblem mt-1">
      {problem.detail}
    </p>
  ) : null;
}

/** What is wrong with no field of its own. */
export function OtherProblem({ problem, fields }: { problem: Problem | undefined; fields: string[] }) {
  const atField = problem?.field !== undefined && fields.some((field) => problem.field?.startsWith(field));
  return problem && !atField ? (
    <p role="alert" className="fieldproblem my-2">
      {problem.detail}
    </p>
  ) : null;
}

/** An empty list says what to do first. */
export function Empty({ children, to, go }: { children: ReactNode; to?: string; go?: string }) {
  return (
    <div className="rounded-lg border-2 border-dashed border-[var(--line)] p-6 text-center">
      <p className="quiet">{children}</p>
      {to && (
        <Link to={to} className="btn btn-primary mt-3">
          {go}
        </Link>
      )}
    </div>
  );
}

export function Waiting() {
  const queries = useQueryClient();
  const looking = useIsFetching();
  const [silent, setSilent] = useState(false);
  useEffect(() => {
    // between two questions of one screen nothing is asked for a moment
    const timer = setTimeout(() => setSilent(looking === 0), SILENT_MS);
    return () => clearTimeout(timer);
  }, [looking]);
  if (!silent) {
    return <p className="quiet">Looking …</p>;
  }
  return (
    <div role="alert">
      <p>The kitchen does not answer. What was stored is kept.</p>
      <button
        type="button"
        className="btn btn-primary mt-4"
        onClick={() => void queries.refetchQueries({ predicate: (query) => query.state.data === undefined })}
      >
        Try again
      </button>
    </div>
  );
}

const SILENT_MS = 1_500;

import type { ClipboardEvent, KeyboardEvent } from 'react';
import type { Problem, Schema, Style } from '../../api/client';
import { FieldProblem } from '../../kit/kit';
import { styleWords } from '../../kit/words';
import { emptyLine, type Form, type Rule } from './form';
import { AskOfLine, asks, LineUnderstood } from './LineUnderstood';

type Props = {
  form: Form;
  change: (part: Partial<Form>, whole?: boolean) => void;
  read: Schema['LineView'][];
  stops: Style[];
  problem: Problem | undefined;
};

const ruleWords: Record<Rule, string> = {
  LINEAR: 'with the batch',
  SEASONING: 'less, then to taste',
  PER_VESSEL: 'with the pans',
  EVAPORATING: 'less: it boils away',
  FIXED: 'not: once a pot',
  WHOLE: 'in whole pieces',
};

/** One row a line: Enter goes on to the next, several pasted lines become several rows. */
export function LineRows({ form, change, read, stops, problem }: Props) {
  const filled = form.lines.filter((line) => line.text.trim());
  const asked = read.find((line) => asks(line))?.text;
  const put = (at: number, lines: Form['lines'], whole = false) =>
    change({ lines: [...form.lines.slice(0, at), ...lines, ...form.lines.slice(at + 1)] }, whole);
  const enter = (event: KeyboardEvent<HTMLInputElement>, at: number) => {
    const line = form.lines[at];
    if (event.key !== 'Enter' || !line) {
      return;
    }
    event.preventDefault();
    if (at === form.lines.length - 1) {
      put(at, [line, emptyLine()]);
    }
    const list = event.currentTarget.closest('ol');
    setTimeout(() => list?.querySelectorAll('input')[at + 1]?.focus());
  };
  const paste = (event: ClipboardEvent, at: number) => {
    const pasted = event.clipboardData.getData('text').split(/\r?\n/);
    if (pasted.length > 1) {
      event.preventDefault();
      const rows = pasted.map((text) => text.trim()).filter((text) => text !== '');
      put(at, [...rows.map((text) => emptyLine(text)), emptyLine()], true);
    }
  };
  return (
    <section aria-labelledby="lines" className="mb-6">
      <h2 id="lines" className="mb-2 text-2xl">
        What goes in
      </h2>
      <ol>
        {form.lines.map((line, at) => {
          const sent = filled.indexOf(line);
          const field = `/lines/${sent}/text`;
          const understood = sent >= 0 ? read[sent] : undefined;
          return (
            <li key={line.key} className="row md:grid-cols-[minmax(0,2fr)_minmax(0,3fr)_auto]">
              <div>
                <input
                  className="input w-full"
                  aria-label={`Line ${at + 1}`}
                  aria-invalid={problem?.field === field}
                  placeholder={at === 0 ? '500 g minced beef' : ''}
                  value={line.text}
                  onChange={(event) => put(at, [{ ...line, text: event.target.value }])}
                  onKeyDown={(event) => enter(event, at)}
                  onPaste={(event) => paste(event, at)}
                />
                {!understood?.problem && <FieldProblem at={field} problem={problem} />}
              </div>
              <div aria-live="polite">
                {understood && understood.text === line.text && <LineUnderstood line={understood} />}
                {understood && understood.text === line.text && asked === line.text && <AskOfLine line={understood} />}
              </div>
              <div className="flex flex-wrap items-center gap-3">
                <HeldBack line={line} stops={stops} set={(heldBackIn) => put(at, [{ ...line, heldBackIn }])} />
                {line.text.trim() !== '' && (
                  <select
                    className="select select-sm w-52"
                    aria-label={`How line ${at + 1} grows with the batch`}
                    value={line.rule ?? ''}
                    onChange={(event) =>
                      put(at, [{ ...line, rule: (event.target.value || undefined) as Rule | undefined }])
                    }
                  >
                    <option value="">grows {understood?.rule ? ruleWords[understood.rule] : 'as its food does'}</option>
                    {Object.entries(ruleWords).map(([rule, words]) => (
                      <option key={rule} value={rule}>
                        always {words}
                      </option>
                    ))}
                  </select>
                )}
              </div>
            </li>
          );
        })}
      </ol>
      <button
        type="button"
        className="btn btn-outline btn-sm mt-3 min-h-11"
        onClick={() => change({ lines: [...form.lines, emptyLine()] })}
      >
        Another line
      </button>
    </section>
  );
}

/** A line can be held back at one stop and not at another. */
function HeldBack(props: { line: Form['lines'][number]; stops: Style[]; set: (styles: Style[]) => void }) {
  const { line, stops, set } = props;
  const choices: Style[] = stops.length > 0 ? stops : ['COOKED'];
  return (
    <div className="flex gap-3">
      {choices.map((style) => (
        <label key={style} className="flex min-h-11 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={line.heldBackIn.includes(style)}
            onChange={(event) =>
              set(event.target.checked ? [...line.heldBackIn, style] : line.heldBackIn.filter((held) => held !== style))
            }
          />
          add on the night{choices.length > 1 && ` (${styleWords[style]})`}
        </label>
      ))}
    </div>
  );
}

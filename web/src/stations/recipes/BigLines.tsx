import { useState } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../../api/client';
import { Money } from '../../kit/kit';
import { shortNumber, styleWords } from '../../kit/words';
import { AskOfLine, LineUnderstood } from './LineUnderstood';

type Props = {
  recipe: Schema['RecipeView'];
  scaled: Schema['Scaled'] | undefined;
  bags: number;
  /** Whether other measures than the household's own were chosen. */
  measured: boolean;
};

/** What goes in, to be read from a metre away; a tap on a line opens its exact amount, path and cost. */
export function BigLines({ recipe, scaled, bags, measured }: Props) {
  const [open, setOpen] = useState<number>();
  const [original, setOriginal] = useState(false);
  const changed = scaled !== undefined && (scaled.factor !== '1' || bags > 1 || measured);
  const asWritten = original || !changed;
  return (
    <section aria-label="What goes in">
      <div className="mb-2 flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="text-2xl">What goes in</h2>
        {changed && (
          <button
            type="button"
            className="btn btn-outline btn-sm min-h-11"
            aria-pressed={original}
            onClick={() => setOriginal(!original)}
          >
            {original ? `back to × ${shortNumber(scaled.factor)}` : 'as written'}
          </button>
        )}
      </div>
      {recipe.lines.length === 0 && <p className="quiet">No lines yet: it can be packed, not costed.</p>}
      <ul>
        {recipe.lines.map((line, i) => {
          const at = scaled?.lines[i];
          const text = asWritten || !at ? line.text : at.text;
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: lines have no other identity
            <li key={i} className="border-b border-[var(--line)]">
              <button
                type="button"
                className="block w-full cursor-pointer py-2 text-left"
                aria-expanded={open === i}
                onClick={() => setOpen(open === i ? undefined : i)}
              >
                <span className="figure block text-xl font-bold">
                  {!asWritten && at?.each ? (
                    <>
                      {at.each}
                      <span className="quiet text-base font-semibold"> each · all together {at.text}</span>
                    </>
                  ) : (
                    text
                  )}
                </span>
                {!asWritten && at?.why && <span className="block text-sm text-primary">{at.why}</span>}
                {line.heldBackIn.length > 0 && (
                  <span className="block text-sm text-primary">
                    on the night when {line.heldBackIn.map((s) => styleWords[s]).join(', ')}
                  </span>
                )}
                {line.instead.length > 0 && (
                  <span className="block text-sm text-primary">from stock: {line.instead.join(' · ')}</span>
                )}
              </button>
              {open === i && (
                <div className="enamel mb-3 p-3">
                  <LineUnderstood line={line} />
                  <AskOfLine line={line} />
                  {line.made.length > 0 && (
                    <ul className="mt-1">
                      {line.made.map((part) => (
                        <li key={part.text} className="flex justify-between gap-4">
                          <span>{part.text}</span>
                          {part.cost === undefined ? (
                            <span className="quiet text-sm">in the flat sum</span>
                          ) : part.costComplete ? (
                            <Money amount={part.cost} />
                          ) : (
                            <span className="text-sm text-accent">price unknown</span>
                          )}
                        </li>
                      ))}
                    </ul>
                  )}
                  {line.uses && (
                    <p className="mt-1">
                      <Link className="underline" to={`/recipes/${line.uses}`}>
                        {line.food}: its own recipe
                      </Link>
                    </p>
                  )}
                  {line.path.length > 1 && <p className="figure mt-1">{line.path.join('  →  ')}</p>}
                  {line.sources.length > 0 && <p className="quiet text-sm">{line.sources.join('; ')}</p>}
                  {at?.exact && !asWritten && (
                    <p className="quiet text-sm">
                      exactly {at.exact} {at.unit === 'piece' ? '' : at.unit}
                      {Number(at.errorPercent) > 0 && ` · the kitchen measure is ${at.errorPercent} % off`}
                    </p>
                  )}
                  {scaled && <p className="quiet text-sm">as written: {line.text}</p>}
                </div>
              )}
            </li>
          );
        })}
      </ul>
      {scaled?.warnings.map((warning) => (
        <p key={warning.what + warning.why} className="mt-2 text-sm text-accent" title={warning.source}>
          {warning.what}: {warning.why}
        </p>
      ))}
    </section>
  );
}

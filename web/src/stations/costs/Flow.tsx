import { useState } from 'react';
import { useParams } from 'react-router';
import type { Schema } from '../../api/client';
import { useFlow } from '../../api/queries';
import { Heading, Money, OneOf, Waiting } from '../../kit/kit';

type Step = Schema['FlowStep'];

const ways = [
  ['whither', 'where it went'],
  ['whence', 'where it came from'],
] as const;

/** One purchase or packet and its money, to the cent: as a picture, and as the table it is drawn from. */
export function Flow() {
  const { lot = '' } = useParams();
  const flow = useFlow(lot).data;
  const [way, setWay] = useState<'whither' | 'whence'>('whither');
  if (!flow) {
    return <Waiting />;
  }
  const steps = flow[way];
  return (
    <>
      <Heading title={flow.name} below="every cent of it, from the till to the plate; the ends sum to what went in">
        <Money amount={flow.cost} complete={flow.complete} big />
      </Heading>
      <div className="mb-5">
        <OneOf choices={ways} chosen={way} choose={setWay} />
      </div>
      <Picture steps={steps} whole={Number(flow.cost)} />
      <table className="mt-6 w-full">
        <thead className="quiet text-left text-sm">
          <tr>
            <th className="font-normal">what</th>
            <th className="text-right font-normal">money</th>
          </tr>
        </thead>
        <tbody>
          {steps.map((step) => (
            <tr key={keyOf(step)} className="border-b border-[var(--line)]">
              <td
                className={`py-1 ${step.end ? 'quiet' : 'font-semibold'}`}
                style={{ paddingLeft: `${step.depth}rem` }}
              >
                {step.name}
              </td>
              <td className="text-right">
                <Money amount={step.cost} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

const wide = 190;
const high = 320;

/** Columns from left to right, each piece as high as its money, beside what it is a part of. */
function Picture({ steps, whole }: { steps: Step[]; whole: number }) {
  const columns = Math.max(1, ...steps.map((step) => step.depth + 1));
  if (whole <= 0) {
    return <p className="quiet">It cost nothing, so there is nothing to draw.</p>;
  }
  return (
    <svg
      viewBox={`0 0 ${columns * wide} ${high}`}
      className="w-full"
      style={{ maxHeight: '60vh' }}
      role="img"
      aria-label="The money as columns; the table below says the same"
    >
      {steps.map((step) => {
        const tall = (Number(step.cost) / whole) * high;
        const y = (Number(step.start) / whole) * high;
        return (
          <g key={keyOf(step)}>
            <rect
              x={step.depth * wide + 2}
              y={y + 1}
              width={wide - 6}
              height={Math.max(1, tall - 2)}
              rx={4}
              fill={step.end ? 'var(--color-base-200)' : `var(--tape-${step.depth % 8})`}
              stroke="var(--color-base-content)"
              strokeWidth={step.end ? 0.5 : 1}
            />
            {tall > 17 && (
              <text x={step.depth * wide + 10} y={y + Math.min(tall / 2 + 5, 22)} fontSize={13} fill="currentColor">
                {short(step.name)} {step.cost}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}

const short = (name: string) => (name.length > 17 ? `${name.slice(0, 16)}…` : name);

const keyOf = (step: Step) => `${step.depth} ${step.start} ${step.end ?? step.lot}`;

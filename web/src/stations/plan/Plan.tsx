import { useState } from 'react';
import { usePlan } from '../../api/queries';
import { Heading, Waiting } from '../../kit/kit';
import { EveningPanel } from './EveningPanel';
import { EveningRow } from './EveningRow';

/** Two weeks of evenings as a list; each says what is eaten, what to do in time, and what does not hold. */
export function Plan() {
  const plan = usePlan();
  const [open, setOpen] = useState<string>();
  if (!plan.data) {
    return <Waiting />;
  }
  const { days } = plan.data;
  const planned = days.filter((day) => day.slot && day.slot.kind !== 'UNDECIDED').length;
  const wrong = days.flatMap((day) => day.remarks).filter((remark) => remark.level === 'STOP').length;
  const opened = days.find((day) => day.date === open);
  return (
    <>
      <Heading
        title={planned === 0 ? 'Two weeks of evenings' : `${planned} of 14 evenings planned`}
        below={
          planned === 0
            ? 'open an evening and write what you would cook anyway; a name is enough'
            : 'tap an evening to change it; dates, thawing and who eats are checked'
        }
      >
        {planned > 0 && (
          <>
            <p className={`figure text-4xl font-bold ${wrong > 0 ? 'text-accent' : ''}`}>{wrong}</p>
            <p className="quiet">{wrong === 1 ? 'thing does not hold' : 'things do not hold'}</p>
          </>
        )}
      </Heading>
      <ol>
        {days.map((day) => (
          <EveningRow key={day.date} day={day} open={() => setOpen(day.date)} />
        ))}
      </ol>
      {opened && <EveningPanel key={opened.date} day={opened} plan={plan.data} close={() => setOpen(undefined)} />}
    </>
  );
}

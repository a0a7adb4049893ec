import { useQuery } from '@tanstack/react-query';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { OtherProblem } from '../../kit/kit';
import { Panel } from '../../kit/Panel';

/** The plan for elsewhere: on paper, as a file, at an address other calendars ask. */
export function SharePanel({ plan, close }: { plan: Schema['PlanView']; close: () => void }) {
  const feed = useQuery({ queryKey: ['plan', 'feed'], queryFn: () => answer(api.GET('/api/plan/feed')) });
  const renew = useAct('plan', (key, _body: undefined) =>
    answer(api.POST('/api/plan/feed', { params: { header: { 'Idempotency-Key': key } } })),
  );
  const path = feed.data?.path;
  const days = plan.days.filter((_, i) => i % 7 === 0);
  return (
    <Panel title="The plan for elsewhere" close={close}>
      <h3 className="text-xl">For the fridge door</h3>
      <div className="mt-1 mb-4 flex flex-wrap gap-2">
        {days.map((day, i) => (
          <a key={day.date} className="btn btn-outline" href={`/api/plan/sheet.pdf?from=${day.date}`}>
            week {i + 1}
          </a>
        ))}
      </div>
      <h3 className="text-xl">As a calendar</h3>
      <p className="quiet">meals from when work begins, what leaves the freezer, cook days; five weeks</p>
      <p className="mt-1 mb-4">
        <a className="btn btn-outline" href="/api/plan/calendar.ics">
          Calendar file
        </a>
      </p>
      <h3 className="text-xl">At an address of its own</h3>
      <p className="quiet">a calendar that asks there stays up to date; whoever knows it can read the plan</p>
      {path && <p className="figure mt-1 break-all select-all">{`${window.location.origin}${path}`}</p>}
      <button type="button" className="btn btn-outline mt-2" disabled={renew.busy} onClick={() => renew.act(undefined)}>
        {path ? 'A new address; this one ends' : 'Make an address'}
      </button>
      <OtherProblem problem={renew.problem} fields={[]} />
    </Panel>
  );
}

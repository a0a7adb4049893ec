import { answer, api, type Schema } from '../../api/client';
import { useHistory } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { Empty, Heading, OtherProblem, Waiting } from '../../kit/kit';
import { shortDay } from '../../kit/words';

/** Everything that was done, newest first, each with undo. */
export function History() {
  const history = useHistory();
  const undo = useAct('all', (key, act: string) =>
    answer(api.POST('/api/acts/{act}/undo', { params: { path: { act }, header: { 'Idempotency-Key': key } } })).then(
      (undone) => ({ act: '', subject: `Undone: ${undone.subject}` }),
    ),
  );
  if (!history.data) {
    return <Waiting />;
  }
  return (
    <>
      <Heading title="History" below="what was done; each can be taken back until something later stands on it" />
      <OtherProblem problem={undo.problem} fields={[]} />
      {history.data.length === 0 && (
        <Empty to="/onhand" go="Write down what is there">
          Nothing has been done yet.
        </Empty>
      )}
      <ul>
        {history.data.map((act) => (
          <Line key={act.id} act={act} busy={undo.busy} undo={() => undo.act(act.id)} />
        ))}
      </ul>
    </>
  );
}

function Line({ act, busy, undo }: { act: Schema['ActView']; busy: boolean; undo: () => void }) {
  return (
    <li className="row grid-cols-[9.5rem_minmax(0,1fr)_auto]">
      <span className="quiet figure">
        {shortDay(act.when)} {act.when.slice(11)}
      </span>
      <span>
        <span className={act.undone ? 'quiet line-through' : ''}>{act.subject}</span>
        {act.who && <span className="quiet block text-sm">{act.who}</span>}
      </span>
      {act.undone ? (
        <span className="quiet min-h-11 content-center">undone</span>
      ) : (
        <button type="button" className="btn btn-outline btn-sm min-h-11" disabled={busy} onClick={undo}>
          Undo<span className="sr-only"> {act.subject}</span>
        </button>
      )}
    </li>
  );
}

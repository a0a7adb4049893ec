import type { Schema } from '../../api/client';
import { shortDay } from '../../kit/words';

/** What is held out to somebody: a square for his camera, and a code to type. */
export function Invitation({ invitation, close }: { invitation: Schema['InvitationView']; close: () => void }) {
  return (
    <div className="enamel mt-3 flex flex-wrap items-center gap-6 p-5" role="status">
      <Square rows={invitation.qr} says={`Square that opens ${invitation.address}`} />
      <div className="min-w-0">
        <p>
          For <span className="font-semibold">{invitation.name}</span>, once, until {shortDay(invitation.until)}{' '}
          {invitation.until.slice(11)}
        </p>
        <p className="figure my-2 text-3xl font-bold">{invitation.code}</p>
        <p className="quiet break-all text-sm">{invitation.address.split('#')[0]}</p>
        <button type="button" className="btn btn-outline mt-3" onClick={close}>
          Done
        </button>
      </div>
    </div>
  );
}

function Square({ rows, says }: { rows: string[]; says: string }) {
  const size = rows.length + 8;
  const dark = rows.flatMap((row, y) =>
    [...row].flatMap((mark, x) => (mark === '#' ? `M${x + 4} ${y + 4}h1v1h-1z` : [])),
  );
  return (
    <svg viewBox={`0 0 ${size} ${size}`} className="w-48 shrink-0 bg-white" role="img" aria-label={says}>
      <path d={dark.join('')} fill="black" shapeRendering="crispEdges" />
    </svg>
  );
}

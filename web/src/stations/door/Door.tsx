import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api, type Schema } from '../../api/client';
import { forgetReads } from '../../api/kept';
import { useDoorAct } from '../../api/useDoorAct';
import { DoorForm } from '../../kit/DoorForm';

/** The code of an invitation stands behind the # of its address, so that no log ever holds it. */
const codeOf = (hash: string) => decodeURIComponent(hash.replace(/^#/, ''));

/** Who is not signed in stands here: with a name and the phrase, or with the code of an invitation. */
export function Door({ invited = false }: { invited?: boolean }) {
  const go = useNavigate();
  const [byCode, setByCode] = useState(invited || window.location.pathname === '/come-in');
  const inside = () => {
    if (window.location.pathname === '/come-in') {
      void go('/', { replace: true });
    }
  };
  const queries = useQueryClient();
  useEffect(() => {
    if (!invited) {
      forgetReads(queries);
    }
  }, [queries, invited]);
  useEffect(() => {
    document.title = 'Come in · Wexilla';
  }, []);
  return (
    <main className="mx-auto flex min-h-dvh max-w-md flex-col justify-center px-4 py-10">
      <p className="display text-2xl">Wexilla</p>
      <h1 className="mt-1 mb-6 text-4xl">{byCode ? 'You are invited' : 'Who is at the door?'}</h1>
      {byCode ? <ByCode inside={inside} /> : <ByPhrase inside={inside} />}
      <button type="button" className="btn btn-ghost mt-4 self-start" onClick={() => setByCode(!byCode)}>
        {byCode ? 'I know the pass phrase' : 'I have a code'}
      </button>
    </main>
  );
}

function ByPhrase({ inside }: { inside: () => void }) {
  const enter = useDoorAct((body: Schema['In']) => answer(api.POST('/api/door/in', { body })), inside);
  return (
    <DoorForm
      asked={{
        name: { label: 'Your name', filled: 'username' },
        phrase: { label: 'Pass phrase of the household', filled: 'current-password', secret: true },
      }}
      act={enter}
      send={enter.act}
      go="Come in"
    />
  );
}

function ByCode({ inside }: { inside: () => void }) {
  const enter = useDoorAct((body: Schema['Invited']) => answer(api.POST('/api/door/invited', { body })), inside);
  return (
    <DoorForm
      asked={{
        code: {
          label: 'Code of your invitation',
          start: codeOf(window.location.hash),
          hint: 'twelve letters and figures, from a cook of the household',
          filled: 'one-time-code',
        },
      }}
      act={enter}
      send={enter.act}
      go="Come in"
    />
  );
}

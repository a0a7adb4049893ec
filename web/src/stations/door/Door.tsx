import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api, type Schema } from '../../api/client';
import { forgetReads } from '../../api/kept';
import { useDoorAct } from '../../api/useDoorAct';
import { Field } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';

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
  const [name, setName] = useState('');
  const [phrase, setPhrase] = useState('');
  const enter = useDoorAct((body: Schema['In']) => answer(api.POST('/api/door/in', { body })), inside);
  const typed = (set: (value: string) => void) => (value: string) => {
    set(value);
    enter.forget();
  };
  return (
    <form className="enamel grid gap-4 p-5" onSubmit={sending(() => enter.act({ name, phrase }))}>
      <Field label="Your name" value={name} set={typed(setName)} at="/name" problem={enter.problem} filled="username" />
      <Field
        label="Pass phrase of the household"
        kind="password"
        value={phrase}
        set={typed(setPhrase)}
        at="/phrase"
        problem={enter.problem}
        filled="current-password"
      />
      <OtherProblem problem={enter.problem} fields={['/name', '/phrase']} />
      <button type="submit" className="btn btn-primary" disabled={enter.busy || !name.trim() || !phrase}>
        Come in
      </button>
    </form>
  );
}

function ByCode({ inside }: { inside: () => void }) {
  const [code, setCode] = useState(() => codeOf(window.location.hash));
  const enter = useDoorAct((body: Schema['Invited']) => answer(api.POST('/api/door/invited', { body })), inside);
  return (
    <form className="enamel grid gap-4 p-5" onSubmit={sending(() => enter.act({ code }))}>
      <Field
        label="Code of your invitation"
        value={code}
        set={(value) => {
          setCode(value);
          enter.forget();
        }}
        at="/code"
        problem={enter.problem}
        hint="twelve letters and figures, from a cook of the household"
        filled="one-time-code"
      />
      <OtherProblem problem={enter.problem} fields={['/code']} />
      <button type="submit" className="btn btn-primary" disabled={enter.busy || !code.trim()}>
        Come in
      </button>
    </form>
  );
}

const sending = (send: () => void) => (event: FormEvent) => {
  event.preventDefault();
  send();
};

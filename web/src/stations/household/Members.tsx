import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useDoor, useMembers } from '../../api/queries';
import { useDoorAct } from '../../api/useDoorAct';
import { DoorForm } from '../../kit/DoorForm';
import { Choice, Field } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';
import { shortDay } from '../../kit/words';
import { Invitation } from './Invitation';

type Member = Schema['MemberView'];
type Role = Member['role'];

const roleWords: Record<Role, string> = {
  COOK: 'cook: everything',
  SHOPPER: 'shopper: list, prices, putting away',
  CHILD: 'child: looks, and says how it was',
};

/** Who comes in: nobody but this machine until a phrase is set, then the members of the household on their devices. */
export function Members({ people }: { people: Schema['PersonView'][] }) {
  const members = useMembers();
  const door = useDoor().data;
  if (!members.data) {
    return door?.name ? <Alone name={door.name} role={door.role} /> : null;
  }
  return (
    <section className="mt-10" aria-labelledby="who-comes-in">
      <h2 id="who-comes-in" className="text-2xl">
        Who comes in
      </h2>
      {members.data.phrase ? <Inside all={members.data.members} people={people} /> : <Unlocked people={people} />}
    </section>
  );
}

/** Who is no cook sees himself alone, and may go. */
function Alone({ name, role }: { name: string; role?: Role | undefined }) {
  return (
    <section className="mt-10" aria-labelledby="who-comes-in">
      <h2 id="who-comes-in" className="text-2xl">
        Who comes in
      </h2>
      <p className="my-2">
        <span className="font-semibold">{name}</span> <span className="quiet">{role && roleWords[role]}</span>
      </p>
      <SignOut />
    </section>
  );
}

function SignOut() {
  const out = useDoorAct(() => answer(api.POST('/api/door/out')));
  return (
    <button type="button" className="btn btn-ghost" disabled={out.busy} onClick={() => out.act(undefined)}>
      Sign out here
    </button>
  );
}

/** The first phrase; who sets it is the first cook. */
function Unlocked({ people }: { people: Schema['PersonView'][] }) {
  const lock = useDoorAct((body: Schema['Phrase']) => answer(api.POST('/api/door/phrase', { body })));
  return (
    <>
      <p className="quiet mt-1 max-w-prose">
        This kitchen is open to whoever sits at this machine. With a pass phrase you sign in, and can invite others:
        somebody who shops, a child who looks what is for dinner.
      </p>
      <DoorForm
        asked={{
          name: {
            label: 'Your name',
            start: people.find((person) => person.active)?.name ?? '',
            filled: 'username',
          },
          phrase: {
            label: 'Pass phrase of the household',
            hint: 'three or four words; whoever runs this machine can reset it',
            filled: 'new-password',
            secret: true,
          },
        }}
        act={lock}
        send={lock.act}
        go="Set the phrase"
        side
      />
    </>
  );
}

function Inside({ all, people }: { all: Member[]; people: Schema['PersonView'][] }) {
  const [invitation, setInvitation] = useState<Schema['InvitationView']>();
  const [open, setOpen] = useState<'invite' | 'phrase'>();
  return (
    <>
      {invitation && <Invitation invitation={invitation} close={() => setInvitation(undefined)} />}
      <ul className="mt-2">
        {all.map((member) => (
          <Line key={member.id} member={member} invited={setInvitation} />
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn btn-outline" onClick={() => setOpen('invite')}>
          Invite somebody
        </button>
        <button type="button" className="btn btn-outline" onClick={() => setOpen('phrase')}>
          Change the phrase
        </button>
        <SignOut />
      </div>
      {open === 'invite' && (
        <Invite
          names={people
            .map((person) => person.name)
            .filter((name) => !all.some((member) => member.name.toLowerCase() === name.toLowerCase()))}
          done={(made) => {
            setOpen(undefined);
            setInvitation(made);
          }}
          leave={() => setOpen(undefined)}
        />
      )}
      {open === 'phrase' && <NewPhrase leave={() => setOpen(undefined)} />}
    </>
  );
}

function Line({ member, invited }: { member: Member; invited: (made: Schema['InvitationView']) => void }) {
  const params = { path: { id: member.id } };
  const invite = useDoorAct(() => answer(api.POST('/api/door/members/{id}/invite', { params })), invited);
  const remove = useDoorAct(() => answer(api.POST('/api/door/members/{id}/remove', { params })));
  const end = useDoorAct((handle: string) =>
    answer(api.POST('/api/door/devices/{handle}/end', { params: { path: { handle } } })),
  );
  return (
    <li className="row grid-cols-[minmax(0,1fr)_auto]">
      <div>
        <p>
          <span className="font-semibold">{member.name}</span>
          {member.you && <span className="quiet"> (you)</span>} <span className="quiet">{roleWords[member.role]}</span>
        </p>
        {member.devices.length === 0 && <p className="quiet text-sm">not signed in anywhere</p>}
        {member.devices.map((device) => (
          <p key={device.handle} className="quiet flex flex-wrap items-center gap-x-2 text-sm">
            {device.name}
            {device.here ? ', here' : `, last ${shortDay(device.seen)} ${device.seen.slice(11)}`}
            {!device.here && (
              <button type="button" className="btn btn-ghost btn-sm" onClick={() => end.act(device.handle)}>
                Sign it out<span className="sr-only">: {member.name}</span>
              </button>
            )}
          </p>
        ))}
        <OtherProblem problem={remove.problem ?? invite.problem ?? end.problem} fields={[]} />
      </div>
      <div className="flex flex-wrap justify-end gap-2">
        <button
          type="button"
          className="btn btn-outline btn-sm min-h-11"
          disabled={invite.busy}
          onClick={() => invite.act(undefined)}
        >
          Another device<span className="sr-only"> for {member.name}</span>
        </button>
        {!member.you && (
          <button
            type="button"
            className="btn btn-ghost btn-sm min-h-11"
            disabled={remove.busy}
            onClick={() => remove.act(undefined)}
          >
            Remove<span className="sr-only"> {member.name}</span>
          </button>
        )}
      </div>
    </li>
  );
}

type InviteProps = { names: string[]; done: (made: Schema['InvitationView']) => void; leave: () => void };

function Invite({ names, done, leave }: InviteProps) {
  const [name, setName] = useState(names[0] ?? '');
  const [role, setRole] = useState<Role>('SHOPPER');
  const invite = useDoorAct((body: Schema['MemberInput']) => answer(api.POST('/api/door/members', { body })), done);
  return (
    <form
      className="enamel mt-3 grid gap-3 p-4 sm:grid-cols-2"
      onSubmit={(event) => {
        event.preventDefault();
        invite.act({ name, role });
      }}
    >
      <Field
        label="Who"
        value={name}
        set={(value) => {
          setName(value);
          invite.forget();
        }}
        at="/name"
        problem={invite.problem}
      />
      <Choice label="Comes in as" value={role} set={setRole} of={roleWords} />
      <div className="sm:col-span-2">
        <OtherProblem problem={invite.problem} fields={['/name']} />
        <button type="submit" className="btn btn-primary" disabled={invite.busy || !name.trim()}>
          Make the invitation
        </button>
        <button type="button" className="btn btn-ghost" onClick={leave}>
          Leave it
        </button>
      </div>
    </form>
  );
}

function NewPhrase({ leave }: { leave: () => void }) {
  const change = useDoorAct((body: Schema['Phrase']) => answer(api.POST('/api/door/phrase', { body })), leave);
  return (
    <DoorForm
      asked={{
        was: { label: 'The phrase there is', filled: 'current-password', secret: true },
        phrase: {
          label: 'The new one',
          hint: 'every other device is signed out',
          filled: 'new-password',
          secret: true,
        },
      }}
      act={change}
      send={change.act}
      go="Change it"
      leave={leave}
      side
    />
  );
}

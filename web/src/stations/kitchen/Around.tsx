import { type ReactNode, useState } from 'react';
import { useNavigate } from 'react-router';
import { type Run, useCloseAct, useDishAct, useFailsAct, useHandsAct } from '../../api/kitchen';
import { Field } from '../../kit/Field';
import { OneOf, OtherProblem } from '../../kit/kit';
import { whole } from '../../kit/words';

type Props = {
  run: Run;
  id: string;
  sound: string;
  setSound: (value: string) => void;
  spoken: string;
  setSpoken: (value: string) => void;
  done: () => void;
};

const onOff = [
  ['on', 'on'],
  ['off', 'off'],
] as const;

/** What happens around the tasks: who comes and goes, a rest, what fails, dishes more or less, the end. */
export function Around({ run, id, sound, setSound, spoken, setSpoken, done }: Props) {
  const go = useNavigate();
  const hands = useHandsAct(id, done);
  const fails = useFailsAct(id, done);
  const dish = useDishAct(id, done);
  const close = useCloseAct(id, () => go('/cook'));
  const left = new Map(
    run.tasks
      .filter((task) => task.state === 'TO_DO' || task.state === 'BEGUN')
      .map((task) => [task.of, task.dish] as const),
  );
  return (
    <section className="enamel grid gap-5 p-4" aria-label="More of the day">
      <Row title="Everybody rests">
        {[20, 40].map((minutes) => (
          <button
            key={minutes}
            type="button"
            className="btn btn-outline kitchen-button"
            onClick={() => hands.act({ what: 'AWAY', minutes })}
          >
            {minutes} min
          </button>
        ))}
      </Row>
      <Helps id={id} done={done} />
      {run.hands.length > 1 && (
        <Row title="Goes for today, or is ill">
          {run.hands
            .filter((one) => one.there)
            .map((one) => (
              <button
                key={one.name}
                type="button"
                className="btn btn-outline kitchen-button"
                onClick={() => hands.act({ what: 'GOES', name: one.name })}
              >
                {one.name}
              </button>
            ))}
        </Row>
      )}
      <Row title="Does not work any more">
        {run.gear
          .filter((gear) => !gear.failed)
          .map((gear) => (
            <button
              key={gear.pos}
              type="button"
              className="btn btn-outline kitchen-button"
              onClick={() => fails.act(gear.pos)}
            >
              {gear.name}
            </button>
          ))}
      </Row>
      <Row title="Not cooked after all">
        {[...left].map(([of, name]) => (
          <button
            key={of}
            type="button"
            className="btn btn-outline kitchen-button"
            onClick={() => dish.act({ drop: of })}
          >
            {name}
          </button>
        ))}
      </Row>
      {run.could.length > 0 && (
        <Row title="Cook it, too">
          {run.could.map((one) => (
            <button
              key={one.batch}
              type="button"
              className="btn btn-outline kitchen-button"
              onClick={() => dish.act({ add: one.batch })}
            >
              {one.name}
            </button>
          ))}
        </Row>
      )}
      <Row title="Sound">
        <OneOf of="sound" choices={onOff} chosen={sound} choose={setSound} />
      </Row>
      <Row title="Spoken">
        <OneOf of="spoken" choices={onOff} chosen={spoken} choose={setSpoken} />
      </Row>
      <OtherProblem problem={hands.problem ?? fails.problem ?? dish.problem ?? close.problem} fields={[]} />
      <button
        type="button"
        className={`btn kitchen-button ${run.over ? 'btn-primary' : 'btn-outline'}`}
        onClick={() => close.act(undefined)}
      >
        Close the day
      </button>
    </section>
  );
}

function Row({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div>
      <h2 className="mb-1 text-xl">{title}</h2>
      <div className="flex flex-wrap gap-2">{children}</div>
    </div>
  );
}

function Helps({ id, done }: { id: string; done: () => void }) {
  const [name, setName] = useState('');
  const [minutes, setMinutes] = useState('60');
  const hands = useHandsAct(id, done);
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        hands.act({ what: 'COMES', name, minutes: whole(minutes, 0) });
      }}
    >
      <Field
        label="Helps now"
        value={name}
        set={setName}
        problem={hands.problem}
        at="/name"
        wide="w-40"
        placeholder="name"
      />
      <Field
        label="Minutes"
        kind="number"
        value={minutes}
        set={setMinutes}
        problem={hands.problem}
        at="/minutes"
        wide="w-24"
      />
      <button type="submit" className="btn btn-outline kitchen-button" disabled={hands.busy}>
        Come
      </button>
      <OtherProblem problem={hands.problem} fields={['/name', '/minutes']} />
    </form>
  );
}

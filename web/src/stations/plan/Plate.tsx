import type { KeyboardEvent } from 'react';
import type { Schema } from '../../api/client';
import { mealWords, shortDay, tapeColour } from '../../kit/words';
import { kindWords } from './meals';
import type { At, useMoving } from './useMoving';

/** One meal as a plate: what is eaten, and what does not hold; opened by a tap, moved by hand or with "m" and the arrows. */
export function Plate({
  at,
  meal,
  only,
  hands,
  open,
}: {
  at: At;
  meal: Schema['DayMealView'];
  only: boolean;
  hands: ReturnType<typeof useMoving>;
  open: () => void;
}) {
  const { slot } = meal;
  const dishes = (slot?.dishes ?? []).filter((dish) => dish.kind === 'RECIPE' || dish.kind === 'BATCH');
  const beside = (slot?.dishes ?? []).filter((dish) => dish.kind === 'SIDE').map((dish) => dish.name);
  const wrong = meal.remarks.filter((remark) => remark.level === 'STOP');
  const { moving } = hands;
  const carried = moving?.from.day === at.day && moving.from.meal === at.meal;
  const target = moving?.over.day === at.day && moving.from.meal === at.meal && !carried;
  const empty = dishes.length === 0 && beside.length === 0;
  const what = dishes[0]?.name ?? beside[0] ?? (slot?.kind === 'OUT' ? kindWords.OUT : 'open');
  const keys = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (event.key === 'm' && dishes.length > 0 && !slot?.locked) {
      hands.over(at, at);
    } else if (carried && by !== 0) {
      event.preventDefault();
      hands.step(at, by);
    } else if (carried && event.key === 'Enter') {
      event.preventDefault();
      hands.drop();
    } else if (event.key === 'Escape') {
      hands.stop();
      hands.hold(undefined);
    }
  };
  return (
    <button
      type="button"
      data-day={at.day}
      data-meal={at.meal}
      aria-label={`${shortDay(at.day)}, ${mealWords[at.meal]}: ${what}${wrong.length > 0 ? ', does not hold' : ''}`}
      className={`plate ${empty ? 'plate-open' : ''} ${target ? 'plate-target' : ''} ${carried ? 'plate-carried' : ''}`}
      onPointerDown={(event) => dishes.length > 0 && !slot?.locked && event.button === 0 && hands.over(at, at)}
      onClick={() => {
        if (hands.held) {
          hands.put(at, hands.held);
        } else if (!moving || moving.over.day === at.day) {
          open();
        }
      }}
      onKeyDown={keys}
    >
      {(!only || at.meal !== 'DINNER') && <span className="plate-meal">{mealWords[at.meal]}</span>}
      {dishes.map((dish) => (
        <span
          key={dish.of}
          className="tape plate-tape tape-name"
          style={{ background: tapeColour(dish.of ?? dish.name) }}
        >
          {dish.name}
        </span>
      ))}
      {empty && <span className="plate-what">{slot?.kind === 'OUT' ? kindWords.OUT : 'open'}</span>}
      {beside.length > 0 && <span className="plate-beside">{beside.join(', ')}</span>}
      {slot && slot.guests.length > 0 && (
        <span className="plate-beside">guests: {slot.guests.map((guest) => guest.name).join(', ')}</span>
      )}
      {wrong[0] && <span className="plate-wrong">{wrong[0].words}</span>}
    </button>
  );
}

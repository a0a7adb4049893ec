import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Schema } from '../../api/client';
import { HabitsPanel } from './HabitsPanel';
import { MealPanel } from './MealPanel';
import { Propose } from './Propose';
import { fortnight, inStock, kitchen, last, playKitchen, sent, show, type } from './playedKitchen';

playKitchen();

describe('a meal to decide', () => {
  const plan = {
    today: '2026-11-23',
    now: '2026-11-23T17:30',
    days: [],
    threads: [],
    cookDays: [],
    weeks: [],
    freezeBy: '',
    inStock,
    habits: [],
    usual: [],
  } as Schema['PlanView'];
  const usual = {
    meal: 'DINNER',
    tableTime: '18:30',
    minutes: 50,
    kind: 'COOK',
    note: '',
    people: [],
  } as Schema['HabitView'];
  const panel = (slot?: Partial<Schema['SlotView']>) => {
    const close = vi.fn();
    const meal = { meal: 'DINNER', usual, remarks: [], slot: slot as Schema['SlotView'] } as Schema['DayMealView'];
    show(<MealPanel date="2026-11-26" meal={meal} plan={plan} close={close} />);
    return close;
  };

  it('is kept as typed: a dish by name, sides as one list, everybody who eats here', async () => {
    const close = panel();
    await screen.findByRole('button', { name: 'Nora', hidden: true });
    expect(screen.queryByText('Gone')).toBeNull();
    type('Dish', 'fish');
    fireEvent.click(await screen.findByText('Terrace fish pie'));
    type('With', 'frozen peas, , 100 g pasta');
    fireEvent.click(screen.getByText('Pim'));
    fireEvent.click(screen.getByText('Keep this meal'));
    await waitFor(() => expect(close).toHaveBeenCalled());
    expect(last()).toMatchObject({
      day: '2026-11-26',
      version: 0,
      kind: 'COOK',
      tableTime: '18:30',
      minutes: 50,
      people: ['nora'],
      dishes: [{ text: 'Terrace fish pie' }],
      sides: 'frozen peas, , 100 g pasta',
    });
  });

  it('from stock names the batch and not its words; typing another name lets it go', async () => {
    panel({
      version: 3,
      kind: 'STOCK',
      tableTime: '19:00',
      minutes: 30,
      note: '',
      people: ['pim'],
      guests: [],
      dishes: [],
    });
    fireEvent.click(screen.getByText('Goulash · 6'));
    fireEvent.click(screen.getByText('Keep this meal'));
    await waitFor(() => expect(last()).toMatchObject({ version: 3, dishes: [{ batch: 'b1' }] }));
    type('Dish', 'Goulash, the other');
    fireEvent.click(screen.getByText('Keep this meal'));
    await waitFor(() => expect(last()).toMatchObject({ dishes: [{ text: 'Goulash, the other' }] }));
    expect(sent[0]?.key).not.toBe(sent[1]?.key);
  });

  it('stays open with what is wrong beside its field, and sends nonsense as nonsense', async () => {
    kitchen.refuse = { field: '/minutes', detail: '“an hour” is no whole number; write it like 4.' };
    const close = panel();
    type('Minutes for it', 'an hour');
    fireEvent.click(screen.getByText('Keep this meal'));
    await waitFor(() => expect(screen.getByRole('alert', { hidden: true }).textContent).toContain('an hour'));
    expect(last()).toMatchObject({ minutes: 'an hour' });
    expect(close).not.toHaveBeenCalled();
    type('Minutes for it', '60');
    expect(screen.queryByRole('alert', { hidden: true })).toBeNull();
  });
});

describe('a proposal', () => {
  const choice = (day: string, recipe: string) => ({
    day,
    meal: 'DINNER',
    recipe,
    cookOn: '2026-12-07',
    frozen: false,
  });
  const proposal = {
    from: '2026-12-07',
    days: 14,
    cost: '31.20',
    complete: true,
    weeks: ['31.20'],
    left: [],
    minutes: 95,
    reasons: ['31.20 to buy for 3 meals'],
    broken: [],
    clash: ['use the mince by Friday', 'nothing with beef'],
    cutOff: false,
    cook: [],
    meals: [
      ['2026-12-07', 'Chilli', 'r1', true],
      ['2026-12-08', 'Chilli', 'r1', true],
      ['2026-12-09', 'Soup', 'r2', false],
    ].map(([day, name, recipe, open]) => ({
      day,
      meal: 'DINNER',
      tableTime: '18:30',
      name,
      from: 'cooked',
      plates: '2',
      choice: choice(String(day), String(recipe)),
      together: recipe === 'r1' ? [choice('2026-12-07', 'r1'), choice('2026-12-08', 'r1')] : [],
      stands: '',
      open,
      reasons: ['liked'],
      swaps: [{ choice: choice(String(day), 'r9'), name: 'Leek pasta', words: '0.40 more, 10 min less' }],
    })),
  };
  it('says why a dish is not in it', async () => {
    await asking();
    kitchen.answers['/api/plan/propose'] = { ...proposal, whyNot: 'Lasagne is not for Ada: milk.' };
    type('Why not', 'lasagne');
    fireEvent.click(screen.getByText('Ask'));
    expect(await screen.findByText('Lasagne is not for Ada: milk.')).toBeTruthy();
    expect(last()).toMatchObject({ whyNot: 'lasagne' });
  });
  const asking = async () => {
    kitchen.answers['/api/plan/propose'] = proposal;
    const close = vi.fn();
    show(<Propose from="2026-12-07" close={close} />);
    type('It should', 'use the mince by Friday; nothing with beef');
    type('Money for a week', '40');
    fireEvent.click(screen.getByText('Propose'));
    await screen.findByText('Take all 2');
    return close;
  };

  it('is asked in a cook’s words, the first plan at once and the good one after', async () => {
    await asking();
    await waitFor(() => expect(sent.filter((one) => one.path === '/api/plan/propose')).toHaveLength(2));
    expect(sent[0]?.body).toMatchObject({
      effort: 0,
      asks: ['use the mince by Friday', 'nothing with beef'],
      budget: '40',
    });
    expect(sent[1]?.body).not.toHaveProperty('effort');
    expect(screen.getByRole('alert').textContent).toContain('cannot be had together');
  });

  it('shows how far it is while it looks, and is ended with the best so far', async () => {
    let found: (proposal: unknown) => void = () => {};
    kitchen.answers['/api/plan/propose'] = new Promise((resolve) => {
      found = resolve;
    });
    kitchen.answers['/api/plan/search/{id}'] = { percent: 40 };
    show(<Propose from="2026-12-07" close={vi.fn()} />);
    fireEvent.click(screen.getByText('Propose'));
    expect(screen.queryByText('That will do')).toBeNull();
    found(proposal);
    await screen.findByText('Take all 2');
    kitchen.answers['/api/plan/propose'] = new Promise((resolve) => {
      found = resolve;
    });
    fireEvent.click(screen.getByText('Look longer'));
    await waitFor(() => expect(screen.getByLabelText('Looked')).toHaveProperty('value', 40));
    fireEvent.click(screen.getByText('That will do'));
    await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/plan/search/{id}/stop'));
    found({ ...proposal, cutOff: true });
    await screen.findByText(/before everything was tried/);
    expect(screen.queryByText('That will do')).toBeNull();
  });

  it('is taken whole, without what was decided before', async () => {
    const close = await asking();
    fireEvent.click(screen.getByText('Take all 2'));
    await waitFor(() => expect(close).toHaveBeenCalled());
    expect(last()).toEqual({ meals: proposal.meals.slice(0, 2).map((meal) => meal.choice) });
  });

  it('is taken meal by meal, with all that eats of one cooking, and swapped by a tap', async () => {
    await asking();
    const row = screen.getAllByRole('listitem').find((item) => within(item).queryByText('Mon 7 Dec'));
    fireEvent.click(within(row as HTMLElement).getByText('or …'));
    fireEvent.click(within(row as HTMLElement).getByText('take this one'));
    await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/plan/take'));
    expect(last()?.meals).toHaveLength(2);
    fireEvent.click(within(row as HTMLElement).getByText('Leek pasta'));
    await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/plan/propose'));
    expect(last()).toMatchObject({ kept: [choice('2026-12-07', 'r9')] });
  });

  it('keeps a meal that is to stay when it is asked again', async () => {
    await asking();
    fireEvent.click(screen.getAllByText('keep')[1] as HTMLElement);
    fireEvent.click(screen.getByText('Propose again'));
    await waitFor(() => expect(last()).toMatchObject({ kept: [choice('2026-12-08', 'r1')] }));
    expect(last()?.before).toHaveLength(2);
  });
});

describe('what repeats', () => {
  it('is said for a weekday, with nonsense told at its field', async () => {
    kitchen.refuse = { field: '/homeFrom', detail: 'Somebody is home from 20:00' };
    const plan = fortnight([]);
    show(<HabitsPanel plan={plan} close={vi.fn()} />);
    fireEvent.change(screen.getByLabelText('On'), { target: { value: '4' } });
    type('On the table', '19:10');
    type('Minutes for it', '20');
    fireEvent.click(screen.getByText('From now on'));
    await screen.findByText('Somebody is home from 20:00');
    expect(last()).toMatchObject({ meal: 'LUNCH', weekday: 4, tableTime: '19:10', minutes: 20, people: [] });
  });
});

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../api/client';
import type { Run, RunTask } from '../../api/kitchen';
import { handsText, noHands } from '../cook/WhoCooks';
import { Kitchen } from './Kitchen';
import { NowCard } from './NowCard';
import { Others } from './Others';
import { Timers } from './Timers';

beforeEach(() => {
  vi.useFakeTimers();
});

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  vi.useRealTimers();
});

const shown = (what: ReactNode) =>
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { enabled: false } } })}>
      <MemoryRouter>{what}</MemoryRouter>
    </QueryClientProvider>,
  );

const task = (pos: number, part: Partial<RunTask>): RunTask => ({
  pos,
  dish: 'Chilli',
  of: part.dish ?? 'Chilli',
  text: 'Fry it.',
  start: '2026-12-05T10:00',
  end: '2026-12-05T10:15',
  from: 0,
  to: 15,
  hands: true,
  lanes: [0],
  why: '',
  state: 'TO_DO',
  amounts: [],
  caution: '',
  watches: [],
  ...part,
});

const fry = task(0, { state: 'BEGUN', amounts: ['500 g mince · each 250 g'], caution: 'reach 71 °C in the core' });
const simmer = task(1, { text: 'Simmer.', hands: false, state: 'BEGUN', from: 0, to: 60, heat: '180 °C' });
const cut = task(2, { dish: 'Soup', text: 'Cut it.', start: '2026-12-05T10:20', from: 20, to: 30 });
const lost = task(3, { dish: 'Stock', text: 'Slow cook it.', hands: false, state: 'WAITS' });

const nora: Run['hands'][number] = { pos: 0, name: 'Nora', there: true, now: 0, next: 2, free: 0, ready: true };
const tomas: Run['hands'][number] = { pos: 1, name: 'Tomas', there: true, next: 2, free: 12, ready: false };

const run = (part: Partial<Run>): Run => ({
  id: 'r',
  day: '2026-12-05',
  version: 1,
  now: 1_000_000,
  offset: 60,
  minute: 9,
  handsFree: '2026-12-05T14:00',
  cold: '2026-12-05T15:00',
  over: false,
  hands: [nora, tomas],
  toBegin: [],
  toEnd: [],
  waiting: [],
  saves: [],
  timers: [],
  gear: [],
  tasks: [fry, simmer, cut, lost],
  told: [],
  could: [],
  cooked: [],
  openDays: [],
  ...part,
});

const settle = () => act(() => void vi.advanceTimersByTime(1_000));

describe('a day that was kept from before', () => {
  it('takes no tap while the kitchen is asked, and takes them when it answered or could not', async () => {
    let answered: (day: unknown) => void = () => undefined;
    let failed: (why: Error) => void = () => undefined;
    vi.spyOn(api, 'GET').mockImplementation(
      () =>
        new Promise<never>((resolve, reject) => {
          answered = resolve as typeof answered;
          failed = reject;
        }),
    );
    const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    queries.setQueryData(['cookday', 'run', undefined], run({}), { updatedAt: 1 });
    const stale = () => screen.getByRole<HTMLFieldSetElement>('group').disabled;
    const shownWith = () =>
      render(
        <QueryClientProvider client={queries}>
          <MemoryRouter>
            <Kitchen />
          </MemoryRouter>
        </QueryClientProvider>,
      );
    const first = shownWith();
    expect(stale()).toBe(true);
    await act(async () => {
      failed(new TypeError('fetch failed'));
      await vi.advanceTimersByTimeAsync(10);
    });
    expect(stale()).toBe(false);
    first.unmount();
    queries.setQueryData(['cookday', 'run', undefined], run({}), { updatedAt: 1 });
    shownWith();
    expect(stale()).toBe(true);
    await act(async () => {
      answered({ data: run({ version: 2 }), response: new Response() });
      await vi.advanceTimersByTimeAsync(10);
    });
    expect(stale()).toBe(false);
  });
});

describe('the card of what hands do now', () => {
  it('says what, how much, what must not be missed, and what comes next', () => {
    shown(<NowCard run={run({})} id="r" hands={nora} now={1_000_000} spoken={false} />);
    expect(screen.getByText('Fry it.')).toBeTruthy();
    expect(screen.getByText('500 g mince · each 250 g')).toBeTruthy();
    expect(screen.getByText('reach 71 °C in the core')).toBeTruthy();
    expect(screen.getByText(/since 10:00, about 6 min more/)).toBeTruthy();
    expect(screen.getByText('next, 10:20:')).toBeTruthy();
  });

  it('takes no second tap for the next task', () => {
    const { rerender } = shown(<NowCard run={run({})} id="r" hands={nora} now={1_000_000} spoken={false} />);
    settle();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Done' }).disabled).toBe(false);
    rerender(
      <QueryClientProvider client={new QueryClient()}>
        <MemoryRouter>
          <NowCard run={run({})} id="r" hands={{ ...nora, now: 2 }} now={1_000_000} spoken={false} />
        </MemoryRouter>
      </QueryClientProvider>,
    );
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Done' }).disabled).toBe(true);
    settle();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Done' }).disabled).toBe(false);
  });

  it('says for how long nothing needs one, that one is away, and that all is done', () => {
    const free = shown(<NowCard run={run({})} id="r" hands={tomas} now={1_000_000} spoken={false} />);
    expect(screen.getByText('Nothing needs you for 12 min')).toBeTruthy();
    free.unmount();
    const away = { ...tomas, there: false };
    const gone = shown(<NowCard run={run({})} id="r" hands={away} now={1_000_000} spoken={false} />);
    expect(screen.getByText('Tomas is away')).toBeTruthy();
    gone.unmount();
    shown(<NowCard run={run({ over: true })} id="r" hands={tomas} now={1_000_000} spoken={false} />);
    expect(screen.getByText('All is done, bagged and cold')).toBeTruthy();
  });

  it('keeps the seldom things behind one button', () => {
    shown(<NowCard run={run({})} id="r" hands={nora} now={1_000_000} spoken={false} />);
    expect(screen.queryByText('Away 20 min')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'More' }));
    expect(screen.getByText('Away 20 min')).toBeTruthy();
    expect(screen.getByText('Skip it')).toBeTruthy();
    expect(screen.getByText('I am here …')).toBeTruthy();
  });
});

describe('timers', () => {
  it('count down, ring with a word, and end what they belong to', () => {
    const timers = [
      { id: 'a', task: 1, words: 'Simmer.', dish: 'Chilli', due: 1_000_000 + 3_725_000 },
      { id: 'b', task: 1, words: 'stir', dish: 'Chilli', due: 1_000_000 - 61_000 },
    ];
    shown(<Timers run={run({ timers })} id="r" now={1_000_000} sound={false} />);
    expect(screen.getByText('1:02:05')).toBeTruthy();
    expect(screen.getByText('+ 1:01')).toBeTruthy();
    expect(screen.getByText('rings')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'It is done' })).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Heard' })).toBeTruthy();
    expect(screen.getAllByText('oven at 180 °C')).toHaveLength(2);
  });

  it('come after what is to be put on now', () => {
    shown(<Timers run={run({ toBegin: [1] })} id="r" now={1_000_000} sound={false} />);
    expect(screen.getByText('put on now: Simmer.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'It is on' })).toBeTruthy();
  });
});

describe('beside the card', () => {
  it('stand the others, and what waits with its ways out', () => {
    shown(<Others run={run({ waiting: [3] })} id="r" me="Nora" />);
    expect(screen.getByText(/: free/)).toBeTruthy();
    expect(screen.queryByText(/Nora/)).toBeNull();
    expect(screen.getByRole('form', { name: 'Stock waits' })).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Leave it out' })).toBeTruthy();
  });

  it('stands what can be saved, one tap each, at the task it is for', () => {
    const words = 'Freeze it unbaked, to bake another day';
    const saves = [{ pos: 3, of: 'b', words, minutes: 1, drop: false }];
    shown(<Others run={run({ waiting: [2, 3], saves })} id="r" me="Nora" />);
    expect(screen.getAllByRole('button', { name: words })).toHaveLength(1);
  });
});

describe('who cooks', () => {
  it('is written as the clock is asked, the second time on the day after', () => {
    const hand = { name: 'Nora; M,', from: '21:00', to: '23:00', from2: '10:00', to2: '14:00', next: true };
    const all = handsText({ ...noHands, hands: [hand], rest: '15:00', restFor: '30' }, '2026-12-31');
    expect(all.hands).toBe('Nora  M ;21:00;23:00,Nora  M ;2027-01-01T10:00;2027-01-01T14:00');
    expect(all.breaks).toBe('15:00;30');
    expect(handsText({ ...noHands, hands: [{ ...hand, to: '', to2: '' }] }, '2026-12-31').hands).toBe('Nora  M ');
    expect(handsText(noHands, '2026-12-31')).toEqual({ hands: '', breaks: '' });
  });
});

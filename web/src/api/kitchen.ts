import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { answer, api, type Schema } from './client';
import { useSettled } from './queries';
import { useAct } from './useAct';

export type Run = Schema['RunView'];
export type RunTask = Schema['ClockTask'];

type Asked = { day: string; begin: string; doneBy: string; hands: string; breaks: string };

/** Everything of a cook day on one clock; the last good answer stays while the next is worked out or refused. */
export function useDayClock(asked: Asked) {
  const settled = useSettled(JSON.stringify(asked), 250);
  return useQuery({
    queryKey: ['cookday', 'clock', settled],
    retry: false,
    placeholderData: keepPreviousData,
    refetchInterval: 60_000,
    queryFn: () => answer(api.GET('/api/cookday/clock', { params: { query: JSON.parse(settled) as Asked } })),
  });
}

/** The running cook day, as it is on the server. @param day undefined for the one that runs */
export const useRun = (day: string | undefined) =>
  useQuery({
    queryKey: ['cookday', 'run', day],
    placeholderData: keepPreviousData,
    refetchInterval: 20_000,
    queryFn: () => answer(api.GET('/api/cookday/run', { params: { query: { day } } })),
  });

/** Asks again whenever another device did something. */
export function useTold() {
  const queries = useQueryClient();
  useEffect(() => {
    if (typeof EventSource === 'undefined') {
      return;
    }
    let events: EventSource | undefined;
    const again = () => void queries.invalidateQueries({ queryKey: ['cookday'] });
    // a browser keeps few streams to one kitchen: a tab nobody looks at has none
    const listen = () => {
      events?.close();
      events = undefined;
      if (document.visibilityState !== 'hidden') {
        events = new EventSource('/api/cookday/run/events');
        events.addEventListener('changed', again);
        events.addEventListener('here', again);
      }
    };
    listen();
    document.addEventListener('visibilitychange', listen);
    return () => {
      document.removeEventListener('visibilitychange', listen);
      events?.close();
    };
  }, [queries]);
}

/** The clock of the server, ticking. @param at what it said, in milliseconds; {@code heard} when this device heard it */
export function useServerNow(at: number | undefined, heard: number): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), 1_000);
    return () => clearInterval(tick);
  }, []);
  return (at ?? now) + Math.max(0, now - heard);
}

/** The probe, stuck into the food of a task, read twice a second while somebody looks at it. */
export const useProbe = (id: string, pos: number, enabled: boolean) =>
  useQuery({
    queryKey: ['probe', id, pos],
    enabled,
    refetchInterval: 500,
    queryFn: () => answer(api.GET('/api/cookday/run/{id}/probe', { params: { path: { id }, query: { pos } } })),
  });

const key = (key: string) => ({ 'Idempotency-Key': key });

/** What a cook can say of a task. */
export const useTaskAct = (id: string, done?: () => void) =>
  useAct(
    'day',
    (k, body: Schema['TaskInput']) =>
      answer(api.POST('/api/cookday/run/{id}/task', { params: { path: { id }, header: key(k) }, body })),
    done,
  );

export const useHandsAct = (id: string, done?: () => void) =>
  useAct(
    'day',
    (k, body: Schema['HandsInput']) =>
      answer(api.POST('/api/cookday/run/{id}/hands', { params: { path: { id }, header: key(k) }, body })),
    done,
  );

export const useFailsAct = (id: string, done?: () => void) =>
  useAct(
    'day',
    (k, gear: number) =>
      answer(api.POST('/api/cookday/run/{id}/fails', { params: { path: { id }, header: key(k) }, body: { gear } })),
    done,
  );

export const useDishAct = (id: string, done?: () => void) =>
  useAct(
    'day',
    (k, body: Schema['RunDishInput']) =>
      answer(api.POST('/api/cookday/run/{id}/dish', { params: { path: { id }, header: key(k) }, body })),
    done,
  );

export const useTimerAct = (id: string, done?: () => void) =>
  useAct(
    'day',
    (k, body: Schema['TimerInput']) =>
      answer(api.POST('/api/cookday/run/{id}/timer', { params: { path: { id }, header: key(k) }, body })),
    done,
  );

export const useCloseAct = (id: string, done?: () => void) =>
  useAct(
    'all',
    (k, _: undefined) => answer(api.POST('/api/cookday/run/{id}/close', { params: { path: { id }, header: key(k) } })),
    done,
  );

export const useBeginAct = (done?: () => void) =>
  useAct(
    'day',
    (k, body: Schema['RunInput']) => answer(api.POST('/api/cookday/run', { params: { header: key(k) }, body })),
    done,
  );

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { SaidProvider } from '../kit/Said';
import { Refused } from './client';
import { useAct } from './useAct';

afterEach(cleanup);

function Kitchen({ children }: { children: ReactNode }) {
  return (
    <QueryClientProvider client={new QueryClient()}>
      <SaidProvider>{children}</SaidProvider>
    </QueryClientProvider>
  );
}

const done = { act: 'a1', subject: 'Cooked: pot' };

describe('useAct', () => {
  it('keeps its key until it has been done, so that a try after a lost answer is the same act', async () => {
    const send = vi.fn<(key: string, input: string) => Promise<typeof done>>();
    send.mockRejectedValueOnce(new Refused({ detail: 'lost' })).mockResolvedValue(done);
    const hook = renderHook(() => useAct('stock', send), { wrapper: Kitchen });
    await act(async () => hook.result.current.act('pot'));
    await waitFor(() => expect(hook.result.current.problem?.detail).toBe('lost'));
    await act(async () => hook.result.current.act('pot'));
    await waitFor(() => expect(send).toHaveBeenCalledTimes(2));
    await act(async () => hook.result.current.act('the next pot'));
    await waitFor(() => expect(send).toHaveBeenCalledTimes(3));
    const [first, second, third] = send.mock.calls.map(([key]) => key);
    expect(second).toBe(first);
    expect(third).not.toBe(first);
  });

  it('says what was done, with undo', async () => {
    const after = vi.fn();
    const hook = renderHook(() => useAct('stock', async () => done, after), { wrapper: Kitchen });
    await act(async () => hook.result.current.act(undefined));
    await waitFor(() => expect(document.querySelector('[role=status]')?.textContent).toContain('Cooked: pot'));
    expect(document.querySelector('[role=status] button')?.textContent).toBe('Undo');
    expect(after).toHaveBeenCalledWith(done);
  });

  it('forgets a problem when the cook goes on typing', async () => {
    const refuse = () => Promise.reject(new Refused({ detail: 'no', field: '/text' }));
    const hook = renderHook(() => useAct<string, typeof done>('stock', refuse), { wrapper: Kitchen });
    await act(async () => hook.result.current.act('x'));
    await waitFor(() => expect(hook.result.current.problem?.field).toBe('/text'));
    act(() => hook.result.current.forget());
    await waitFor(() => expect(hook.result.current.problem).toBeUndefined());
  });
});

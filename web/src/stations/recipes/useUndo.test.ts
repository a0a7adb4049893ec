import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useUndo } from './useUndo';

describe('undo while typing', () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => vi.useRealTimers());

  it('takes what was typed in one go back in one go, and brings it again', () => {
    const { result } = renderHook(() => useUndo(''));
    for (const text of ['l', 'le', 'leek']) {
      act(() => result.current.set(text));
      vi.advanceTimersByTime(100);
    }
    vi.advanceTimersByTime(1000);
    act(() => result.current.set('leek soup'));
    act(() => result.current.undo());
    expect(result.current.value).toBe('leek');
    act(() => result.current.undo());
    expect(result.current.value).toBe('');
    expect(result.current.canUndo).toBe(false);
    act(() => result.current.redo());
    act(() => result.current.redo());
    expect(result.current.value).toBe('leek soup');
    expect(result.current.canRedo).toBe(false);
  });

  it('takes what was pasted back by itself, however fast it was typed on', () => {
    const { result } = renderHook(() => useUndo(''));
    act(() => result.current.set('a whole recipe', true));
    act(() => result.current.set('a whole recipe!'));
    act(() => result.current.undo());
    expect(result.current.value).toBe('a whole recipe');
  });

  it('forgets what lay ahead once something new is typed', () => {
    const { result } = renderHook(() => useUndo('a'));
    act(() => result.current.set('b'));
    act(() => result.current.undo());
    act(() => result.current.set('c'));
    expect(result.current.canRedo).toBe(false);
    act(() => result.current.undo());
    expect(result.current.value).toBe('a');
  });
});

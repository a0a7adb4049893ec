import { act, renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { done, useForm } from './useForm';

afterEach(() => localStorage.clear());

const start = { name: '', portions: '4' };

describe('a form', () => {
  it('survives leaving the page with what was typed, and is let go when it is done', () => {
    const forget = vi.fn();
    const first = renderHook(() => useForm(start, forget, 'just'));
    act(() => first.result.current.set({ name: 'Leek soup' }));
    act(() => first.result.current.set({ portions: '6' }));
    expect(forget).toHaveBeenCalledTimes(2);
    first.unmount();
    const again = renderHook(() => useForm(start, forget, 'just'));
    expect(again.result.current.form).toEqual({ name: 'Leek soup', portions: '6' });
    done('just');
    expect(renderHook(() => useForm(start, forget, 'just')).result.current.form).toEqual(start);
  });

  it('keeps nothing without a key, and takes what cannot be read for nothing', () => {
    const typed = renderHook(() => useForm(start, () => undefined));
    act(() => typed.result.current.set({ name: 'Stew' }));
    expect(localStorage.length).toBe(0);
    localStorage.setItem('wexilla-typed-broken', '{');
    expect(renderHook(() => useForm(start, () => undefined, 'broken')).result.current.form).toEqual(start);
  });
});

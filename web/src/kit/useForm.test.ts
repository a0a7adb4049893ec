import { act, renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { useForm } from './useForm';
import { keep, sentBy, takenBy } from './useKept';

afterEach(() => localStorage.clear());

const start = { name: '', portions: '4' };

describe('a form', () => {
  it('survives leaving the page with what was typed, and is let go when its act was taken', () => {
    const forget = vi.fn();
    const first = renderHook(() => useForm(start, forget, 'just'));
    act(() => first.result.current.set({ name: 'Leek soup' }));
    act(() => first.result.current.set({ portions: '6' }));
    expect(forget).toHaveBeenCalledTimes(2);
    first.unmount();
    const again = renderHook(() => useForm(start, forget, 'just'));
    expect(again.result.current.form).toEqual({ name: 'Leek soup', portions: '6' });
    sentBy('act', 'just');
    takenBy('another act');
    expect(renderHook(() => useForm(start, forget, 'just')).result.current.form.name).toBe('Leek soup');
    takenBy('act');
    expect(renderHook(() => useForm(start, forget, 'just')).result.current.form).toEqual(start);
  });

  it('stays when somebody typed on after it was sent', () => {
    keep('just', JSON.stringify({ name: 'Leek soup' }));
    sentBy('act', 'just');
    keep('just', JSON.stringify({ name: 'Stew' }));
    takenBy('act');
    expect(renderHook(() => useForm(start, () => undefined, 'just')).result.current.form.name).toBe('Stew');
  });

  it('keeps nothing without a key, and takes what cannot be read for nothing', () => {
    const typed = renderHook(() => useForm(start, () => undefined));
    act(() => typed.result.current.set({ name: 'Stew' }));
    expect(localStorage.length).toBe(0);
    localStorage.setItem('wexilla-typed-broken', '{');
    expect(renderHook(() => useForm(start, () => undefined, 'broken')).result.current.form).toEqual(start);
  });
});

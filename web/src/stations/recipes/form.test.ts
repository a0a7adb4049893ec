import { describe, expect, it } from 'vitest';
import { emptyForm, emptyLine, formOf, inputOf, withStop } from './form';

const typed = (portions: string) => ({ ...emptyForm(), title: 'Pot', portions });

describe('the recipe form', () => {
  it('leaves empty rows out and keeps the order of the others', () => {
    const form = { ...typed('4'), lines: [emptyLine('1 onion'), emptyLine('  '), emptyLine('salt')] };
    expect(inputOf(form).lines.map((line) => line.text)).toEqual(['1 onion', 'salt']);
    expect(inputOf(form).steps).toEqual([]);
  });

  it.each([
    ['8', 8],
    [' 12 ', 12],
    ['-4', -4],
  ])('sends %s as a number for the kitchen to judge', (text, number) => {
    expect(inputOf(typed(text)).portions).toBe(number);
  });

  it.each(['many', '1e308', '4.5', '99999999999'])('sends “%s” as it is typed, to be refused at its field', (text) => {
    expect(inputOf(typed(text)).portions).toBe(text);
  });

  it('brings a stored recipe back as it was, with a row to go on typing', () => {
    const cost = { total: '1', flat: '0', complete: true, unknown: [] };
    const line = { text: '200 ml cream', heldBackIn: ['COOKED' as const], problem: '', food: 'cream', known: true };
    const form = formOf({
      id: 'x',
      title: 'Pot',
      portions: 8,
      note: 'hot',
      n: 1,
      current: true,
      tags: ['soup', 'quick'],
      alsoMakes: ['2 l stock'],
      source: '',
      flags: [],
      versions: [],
      work: { hands: 0, minutes: 0, spared: [], afresh: [] },
      nextTimes: [],
      look: [],
      cost,
      styles: ['COOKED'],
      lines: [
        {
          ...line,
          preparation: '',
          costComplete: true,
          why: '',
          instead: [],
          also: [],
          made: [],
          path: [],
          sources: [],
          rule: 'FIXED',
          ruleSaid: true,
        },
      ],
      steps: [
        {
          text: 'Simmer.',
          stop: 'COOKED',
          handsMin: 5,
          waitMin: 40,
          typed: true,
          about: false,
          clock: '',
          gear: 'BURNER',
        },
        { text: 'Heat 10 minutes.', handsMin: 10, waitMin: 0, typed: false, about: false, clock: '', gear: 'HANDS' },
      ],
    });
    expect(form.lines).toHaveLength(2);
    const again = inputOf(form);
    expect(again.lines).toEqual([{ text: '200 ml cream', heldBackIn: ['COOKED'], rule: 'FIXED' }]);
    expect(again.tags).toEqual(['soup', 'quick']);
    expect(again.note).toBe('hot');
    expect(again.steps).toEqual([
      { text: 'Simmer.', stop: 'COOKED', handsMin: 5, waitMin: 40 },
      { text: 'Heat 10 minutes.', stop: undefined, handsMin: undefined, waitMin: undefined },
    ]);
  });

  it('gives every row a key of its own', () => {
    const keys = Array.from({ length: 500 }, () => emptyLine().key);
    expect(new Set(keys).size).toBe(500);
  });

  it('holds back in the first stop what was ticked before there was one', () => {
    const form = { ...emptyForm(), lines: [{ ...emptyLine('200 ml cream'), heldBackIn: ['COOKED' as const] }] };
    const stopped = { ...form, ...withStop(form, 0, 'READY_TO_BAKE') };
    expect(stopped.lines[0]?.heldBackIn).toEqual(['READY_TO_BAKE']);
    expect(withStop(stopped, 0, 'COOKED').lines[0]?.heldBackIn).toEqual(['READY_TO_BAKE']);
  });
});

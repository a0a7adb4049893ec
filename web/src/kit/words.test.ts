import { describe, expect, it } from 'vitest';
import { clockTime, counted, fullDay, ribbonDay, shortDay, tapeColour, until, whole } from './words';

describe('dates on screens', () => {
  it('names the day in the cook’s words, whatever the zone of the browser', () => {
    expect(shortDay('2026-11-23')).toBe('Mon 23 Nov');
    expect(shortDay('2026-11-23T23:59')).toBe('Mon 23 Nov');
    expect(fullDay('2027-05-01')).toBe('1 May 2027');
  });

  it('writes the month on the ribbon only where it begins', () => {
    expect(ribbonDay('2026-11-24')).toBe('Tue 24');
    expect(ribbonDay('2026-12-01')).toBe('Tue 1 Dec');
  });

  it('tells the day of a time only when it is another one', () => {
    expect(clockTime('2026-11-28T17:10', '2026-11-28')).toBe('17:10');
    expect(clockTime('2026-11-29T02:00', '2026-11-28')).toBe('02:00 on Sun 29 Nov');
  });

  it('tells a limit by its day and a matter of taste by its month', () => {
    expect(until('eat by', '2026-11-26')).toBe('eat by Thu 26 Nov');
    expect(until('best before', '2027-05-23')).toBe('best before May 2027');
  });
});

describe('tape', () => {
  it('has the same colour for the same batch and uses all of them', () => {
    expect(tapeColour('bolognese')).toBe(tapeColour('bolognese'));
    const colours = new Set(Array.from({ length: 400 }, (_, i) => tapeColour(`batch ${i}`)));
    expect(colours.size).toBe(24);
  });
});

describe('what is counted', () => {
  it.each([
    [1, '1 plate'],
    ['1', '1 plate'],
    [0, '0 plates'],
    [2, '2 plates'],
    ['1.5', '1.5 plates'],
  ])('%s is said as %s', (many, said) => {
    expect(counted(many, 'plate')).toBe(said);
  });
});

describe('a whole number as typed', () => {
  it.each([
    ['12', 12],
    [' -2 ', -2],
    ['', 'blank'],
    ['   ', 'blank'],
    ['two', 'two'],
    ['1.5', '1.5'],
    ['1e3', '1e3'],
    ['99999999999', '99999999999'],
  ])('“%s” is %s', (text, expected) => {
    expect(whole(text, 'blank')).toBe(expected);
  });
});

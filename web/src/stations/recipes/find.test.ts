import { describe, expect, it } from 'vitest';
import { addressOf, filterOf, noFilter, queryOf } from './find';

describe('what the book is asked', () => {
  it('narrows nothing while nothing is chosen', () => {
    const asked = queryOf(noFilter);
    expect(asked).toMatchObject({ text: '', onHand: 'ALL', liked: 'ALL', without: [] });
    expect(Object.values(asked).filter((value) => value === undefined)).toHaveLength(6);
  });

  it('says each choice as the kitchen wants it', () => {
    const filter = {
      ...noFilter,
      text: ' leek ',
      onHand: 'soon' as const,
      gear: 'OVEN',
      diet: 'VEGAN',
      liked: 'again' as const,
      without: ['MILK'],
    };
    expect(queryOf(filter)).toMatchObject({
      text: 'leek',
      onHand: 'SOON',
      gear: 'OVEN',
      diet: 'VEGAN',
      liked: 'AGAIN',
      without: ['MILK'],
    });
  });

  it.each([
    ['30', '1,50', 30, '1.50'],
    ['soon', 'cheap', undefined, undefined],
    ['', '2.40', undefined, '2.40'],
  ])('asks for numbers only once they are some: %s min, %s', (hands, cost, minutes, money) => {
    expect(queryOf({ ...noFilter, hands, cost })).toMatchObject({ hands: minutes, cost: money });
  });

  it('comes back as it was left, whatever stands in the address', () => {
    const left = { ...noFilter, text: 'leek & cream', onHand: 'soon' as const, without: ['MILK', 'FISH'], hands: '20' };
    expect(filterOf(new URLSearchParams(addressOf(left)))).toEqual(left);
    expect(addressOf(noFilter)).toBe('');
    expect(filterOf(new URLSearchParams('onHand=nonsense&liked=x&other=1'))).toEqual(noFilter);
  });
});

import { describe, expect, it } from 'vitest';
import { askedOf, emptyForm, emptyPart, filled, formOf } from './form';

describe('the form of a big buy', () => {
  it('asks only for parts that say how much, and for the tray', () => {
    const form = emptyForm({
      food: 'pork shoulder',
      weight: '2.5 kg',
      price: '6.40',
      parts: [
        emptyPart({ name: 'roast', value: '40' }),
        emptyPart({ name: 'not yet' }),
        emptyPart({ name: 'bones', tray: true, costPercent: '10' }),
      ],
    });
    expect(filled(form).map((part) => part.name)).toEqual(['roast', 'bones']);
    const asked = askedOf(form);
    expect(asked.shares).toHaveLength(2);
    expect(asked.shares[0]).toMatchObject({ name: 'roast', part: 'meat', percent: '40', form: 'shredded' });
    expect(asked.shares[1]).toMatchObject({ name: 'bones', part: 'by-product', costPercent: '10', form: 'stock' });
    expect(asked.shares[1]?.percent).toBeUndefined();
    expect(asked.cookedYield).toBeUndefined();
  });

  it('sends one way of measuring a part, whatever was typed before', () => {
    const part = emptyPart({ name: 'curry', how: 'portions', value: '4', portionGrams: '90' });
    const [share] = askedOf(emptyForm({ parts: [part] })).shares;
    expect(share).toMatchObject({ portions: '4', portionGrams: '90' });
    expect(share?.percent).toBeUndefined();
    expect(share?.grams).toBeUndefined();
  });

  it('brings a stored big buy back as it was typed', () => {
    const form = formOf({
      id: 'x',
      version: 3,
      state: 'OPEN',
      lot: 'l',
      rawEatBy: '2026-11-25',
      lots: [],
      asked: {
        food: 'pork shoulder',
        weight: '3.2 kg',
        price: '17.57',
        method: 'weight',
        cookOn: '2026-11-25',
        shares: [
          { name: 'pot', part: 'meat', grams: '330', plates: '9', extender: 'beans', freeze: true, form: 'shredded' },
          { name: 'bones', part: 'by-product', form: 'stock', freeze: false },
        ],
      },
    });
    expect(form.parts.map((part) => part.how)).toEqual(['grams', 'percent']);
    expect(form.parts.map((part) => part.tray)).toEqual([false, true]);
    const again = askedOf(form);
    expect(again.shares[0]).toMatchObject({ name: 'pot', grams: '330', plates: '9', extender: 'beans', freeze: true });
    expect(again.rawEatBy).toBe('2026-11-25');
    expect(again.cookOn).toBe('2026-11-25');
  });
});

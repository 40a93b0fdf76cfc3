import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { atRest, IDLE_AFTER, type LaneEvent, type LaneState, next } from './lane';

const patron = (id: number, name: string) => ({ id, name }) as Schemas['PatronView'];
const card = (id: number, name = 'Mara Venn'): LaneEvent => ({
  kind: 'taken',
  at: 10,
  scan: { takenFor: 'patron', patron: patron(id, name) } as Schemas['ScanView'],
});
const item: LaneEvent = { kind: 'taken', at: 10, scan: { takenFor: 'item', patron: null } as Schemas['ScanView'] };
const after = (...events: LaneEvent[]): LaneState => events.reduce(next, atRest(0));

describe('the lanes of a desk', () => {
  it('rest in Return', () => expect(after()).toMatchObject({ lane: 'return', patron: null }));
  it('a card lights Lend for its person', () => expect(after(card(1))).toMatchObject({ lane: 'lend', patron: { id: 1 } }));
  it('a card lights Lend from Look up too', () => expect(after({ kind: 'choose', lane: 'look-up', at: 1 }, card(1)).lane).toBe('lend'));
  it('an item leaves the lane as it is', () => expect(after(card(1), item)).toMatchObject({ lane: 'lend', patron: { id: 1 } }));
  it('the same card again puts it out', () => expect(after(card(1), item, card(1))).toMatchObject({ lane: 'return', patron: null }));
  it('another card is another person', () => expect(after(card(1), card(2))).toMatchObject({ lane: 'lend', patron: { id: 2 } }));
  it('ending puts it out', () => expect(after(card(1), { kind: 'end', at: 20 }).lane).toBe('return'));
  it('a due day does not stick to the next person', () => {
    const changed = after(card(1), { kind: 'due', due: '2026-12-24', at: 11 });
    expect(changed.due).toBe('2026-12-24');
    expect(next(changed, card(2)).due).toBeNull();
  });
  it('two quiet minutes put it out and say whose it was', () => {
    const lit = after(card(1));
    expect(next(lit, { kind: 'tick', at: 10 + IDLE_AFTER - 1 }).lane).toBe('lend');
    expect(next(lit, { kind: 'tick', at: 10 + IDLE_AFTER })).toMatchObject({ lane: 'return', patron: null, wentOut: 'Mara Venn' });
  });
  it('a scan starts the two minutes anew', () => {
    const scanned = next(after(card(1)), { ...item, at: 100_000 });
    expect(next(scanned, { kind: 'tick', at: 10 + IDLE_AFTER }).lane).toBe('lend');
  });
});

import { beforeEach, describe, expect, it } from 'vitest';
import { KeptTexts } from '../../testing/KeptTexts';
import { type Entry, ScanQueue } from './scanQueue';

const scan = (id: string, code: string): Entry => ({ kind: 'scan', id, code, asked: {}, request: null });
const request = (id: string, lane: 'lend' | 'return') => ({ id, code: '300000007', lane });

describe('the queue of scans', () => {
  let store: KeptTexts;
  beforeEach(() => {
    store = new KeptTexts();
  });

  it('keeps its order', () => {
    const queue = new ScanQueue(store, 'desk');
    queue.add(scan('a', '1111'));
    queue.add({ kind: 'end', id: 'b' });
    queue.add(scan('c', '2222'));
    queue.done('a');
    expect(queue.all.map((entry) => entry.id)).toEqual(['b', 'c']);
  });
  it('survives a reload of the page', () => {
    new ScanQueue(store, 'desk').add(scan('a', '1111'));
    expect(new ScanQueue(store, 'desk').first).toMatchObject({ id: 'a', code: '1111' });
  });
  it('sends the same request again, even when another lane is lit by then', () => {
    const queue = new ScanQueue(store, 'desk');
    queue.add(scan('a', '300000007'));
    queue.fix('a', request('a', 'return'));
    expect(new ScanQueue(store, 'desk').fix('a', request('a', 'lend'))).toEqual(request('a', 'return'));
  });
  it('takes over what a closed page left, once', () => {
    new ScanQueue(store, 'closed').add(scan('a', '1111'));
    const queue = new ScanQueue(store, 'desk');
    queue.add(scan('b', '2222'));
    queue.adopt('closed');
    queue.adopt('closed');
    expect(queue.all.map((entry) => entry.id)).toEqual(['a', 'b']);
  });
  it('begins anew when what was kept cannot be read', () => {
    store.setItem('desk', '{broken');
    expect(new ScanQueue(store, 'desk').all).toEqual([]);
  });
});

import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { KeptTexts } from '../../testing/KeptTexts';

type Asked = { id: string; code: string; lane: string; patron: number | null };
type Answer = (asked: Asked) => Response | Error;

const scan = (code: string) =>
  code.startsWith('P')
    ? { takenFor: 'patron', patron: { id: Number(code.slice(1)), name: 'Mara Venn', cardNumber: code } }
    : { takenFor: 'item', patron: null };
const done: Answer = (asked) => Response.json({ ...scan(asked.code), id: asked.id });
const status =
  (code: number, detail = 'no'): Answer =>
  () =>
    Response.json({ detail }, { status: code });
const cut: Answer = () => new TypeError('Failed to fetch');

/** A server that answers as it is told, and remembers what it was asked. */
class Server {
  readonly asked: Asked[] = [];
  answers: Answer[] = [];
  fetch = async (request: Request): Promise<Response> => {
    const asked = (await request.json()) as Asked;
    this.asked.push(asked);
    const answer = (this.answers.shift() ?? done)(asked);
    if (answer instanceof Error) throw answer;
    return answer;
  };
  get codes(): string[] {
    return this.asked.map((one) => one.code);
  }
}

/** Pages of one browser share what is kept; each has a tab of its own. */
class Browser {
  readonly kept = new KeptTexts();
  readonly living = new Set<string>();
  readonly server = new Server();
  private events = new EventTarget();

  async open(tab = new KeptTexts()) {
    vi.resetModules();
    this.events = new EventTarget();
    vi.stubGlobal('localStorage', this.kept);
    vi.stubGlobal('sessionStorage', tab);
    vi.stubGlobal('window', this.events);
    vi.stubGlobal('navigator', {
      locks: {
        request: (name: string) => {
          this.living.add(name);
          return new Promise(() => undefined);
        },
        query: () => Promise.resolve({ held: [...this.living].map((name) => ({ name })) }),
      },
    });
    vi.stubGlobal('fetch', this.server.fetch);
    vi.stubGlobal(
      'Request',
      class extends Request {
        constructor(input: string, init: RequestInit) {
          super(new URL(input, 'http://desk.example'), init);
        }
      },
    );
    const { Desk } = await import('./Desk');
    const desk = new Desk();
    await vi.advanceTimersByTimeAsync(0);
    return desk;
  }

  comesOnline(): void {
    this.events.dispatchEvent(new Event('online'));
  }
}

const settled = () => vi.advanceTimersByTimeAsync(1);
const kept = (browser: Browser) =>
  Object.values(Object.fromEntries(Object.keys(browser.kept).map((key) => [key, browser.kept.getItem(key)])));

describe('a desk', () => {
  let browser: Browser;
  beforeEach(() => {
    vi.useFakeTimers();
    browser = new Browser();
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it('sends scans one after the other, in the lane that is lit when their turn comes', async () => {
    const desk = await browser.open();
    ['300000001', 'P7', '300000002', 'P7', '300000003'].forEach((code) => desk.scan(code));
    await settled();
    expect(browser.server.codes).toEqual(['300000001', 'P7', '300000002', 'P7', '300000003']);
    expect(browser.server.asked.map(({ lane, patron }) => [lane, patron])).toEqual([
      ['return', null],
      ['return', null],
      ['lend', 7],
      ['lend', 7],
      ['return', null],
    ]);
    expect(desk.current).toMatchObject({ waiting: [], isCutOff: false, undone: [] });
  });

  it('ends with a person where the command stands among the scans', async () => {
    const desk = await browser.open();
    desk.scan('P7');
    desk.scan('300000001');
    desk.end();
    desk.scan('300000002');
    await settled();
    expect(browser.server.asked.map((one) => one.lane)).toEqual(['return', 'lend', 'return']);
  });

  it('sends the very same request again until there is an answer', async () => {
    const desk = await browser.open();
    browser.server.answers = [cut, status(502), cut, done];
    desk.scan('300000001');
    desk.scan('300000002');
    await settled();
    expect(desk.current).toMatchObject({ isCutOff: true, waiting: [{ code: '300000001' }, { code: '300000002' }] });
    await vi.advanceTimersByTimeAsync(10_000);
    expect(browser.server.codes).toEqual(['300000001', '300000001', '300000001', '300000001', '300000002']);
    expect(new Set(browser.server.asked.slice(0, 4).map((one) => one.id)).size).toBe(1);
    expect(desk.current).toMatchObject({ waiting: [], isCutOff: false, undone: [] });
  });

  it('goes on at once when the network is back', async () => {
    const desk = await browser.open();
    browser.server.answers = [cut, cut, cut, cut];
    desk.scan('300000001');
    await vi.advanceTimersByTimeAsync(4000);
    const before = browser.server.asked.length;
    browser.server.answers = [];
    browser.comesOnline();
    await settled();
    expect(browser.server.asked.length).toBe(before + 1);
    expect(desk.current.waiting).toEqual([]);
  });

  it('gives up what the server cannot do, says so, and goes on with the next', async () => {
    const desk = await browser.open();
    browser.server.answers = [status(500), status(500), status(500, 'Something failed.'), done];
    desk.scan('300000001');
    desk.scan('300000002');
    await vi.advanceTimersByTimeAsync(10_000);
    expect(browser.server.codes).toEqual(['300000001', '300000001', '300000001', '300000002']);
    expect(desk.current.undone).toMatchObject([{ code: '300000001', sentence: 'Something failed.' }]);
    desk.drop(desk.current.undone[0]?.id ?? '');
    expect(desk.current.undone).toEqual([]);
  });

  it('does not try again what was refused', async () => {
    const desk = await browser.open();
    browser.server.answers = [status(422, 'A code has at most 60 characters.'), done];
    desk.scan('x'.repeat(61));
    desk.scan('300000002');
    await settled();
    expect(browser.server.asked).toHaveLength(2);
    expect(desk.current.undone).toHaveLength(1);
  });

  it('keeps scans while nobody is signed in, and sends them when somebody is', async () => {
    const desk = await browser.open();
    browser.server.answers = [status(401)];
    desk.scan('300000001');
    desk.scan('300000002');
    await vi.advanceTimersByTimeAsync(20_000);
    expect(browser.server.codes).toEqual(['300000001']);
    expect(desk.current.waiting).toHaveLength(2);
    desk.wake();
    await settled();
    expect(browser.server.codes).toEqual(['300000001', '300000001', '300000002']);
    expect(desk.current.waiting).toEqual([]);
  });

  it('loses nothing when its page is reloaded, and keeps its lane', async () => {
    const tab = new KeptTexts();
    const desk = await browser.open(tab);
    desk.scan('P7');
    await settled();
    desk.pause();
    browser.server.answers = [cut];
    desk.scan('300000001');
    await settled();
    const again = await browser.open(tab);
    await vi.advanceTimersByTimeAsync(10_000);
    expect(browser.server.asked.at(-1)).toMatchObject({ code: '300000001', lane: 'lend', patron: 7 });
    expect(again.current).toMatchObject({ waiting: [], lane: { lane: 'lend' } });
  });

  it('sends what a page left that was closed, once', async () => {
    const closed = await browser.open();
    closed.pause();
    closed.scan('300000001');
    await settled();
    browser.living.clear();
    browser.server.asked.length = 0;
    const desk = await browser.open();
    await settled();
    expect(browser.server.codes).toEqual(['300000001']);
    expect(desk.current.waiting).toEqual([]);
    expect(kept(browser).join('')).not.toContain('300000001');
  });

  it('leaves alone what another page of the same browser is sending', async () => {
    const other = await browser.open();
    other.pause();
    other.scan('300000001');
    await settled();
    browser.server.asked.length = 0;
    await browser.open();
    await settled();
    expect(browser.server.codes).toEqual([]);
  });
});

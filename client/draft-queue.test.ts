/** A draft with a version: nothing is lost, nothing of somebody else is written over, whatever comes in which order. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Change } from '@/core/swap/swap';
import type { ApiAnswer } from './api';
import { DraftQueue, RETRY_MS, WAIT_MS, type DraftKind } from './draft-queue';

type Doc = Readonly<Record<string, unknown>>;
const apply = (doc: Doc, changes: readonly Change[]): Doc =>
  Object.fromEntries(
    Object.entries({ ...doc, ...Object.fromEntries(changes.map(({ path, value }) => [path, value])) }).filter(
      ([, value]) => value !== null && value !== undefined,
    ),
  );
const diff = (from: Doc, to: Doc): Change[] =>
  [...new Set([...Object.keys(from), ...Object.keys(to)])].flatMap((path) =>
    from[path] === to[path] ? [] : [{ path, value: to[path] ?? null }],
  );

/** A server of one document: takes what is made on its version, says what stands to what is not. */
class Server {
  version = 1;
  offline = false;
  refuse: string | undefined;
  saves: Change[][] = [];
  constructor(public doc: Doc) {}
  take(version: number, changes: Change[]): ApiAnswer<{ version: number }> {
    if (this.offline) return { ok: false, status: 0, faults: [{ field: '', reason: 'lost' }], body: {}, offline: true };
    if (this.refuse) return { ok: false, status: 422, faults: [{ field: '', reason: this.refuse }], body: {}, offline: false };
    if (version !== this.version)
      return { ok: false, status: 409, faults: [], body: { version: this.version, doc: this.doc }, offline: false };
    this.doc = apply(this.doc, changes);
    this.version += 1;
    this.saves.push(changes);
    return { ok: true, value: { version: this.version } };
  }
}

/** Timers that go off when they are told to. */
function world() {
  const timers = new Map<number, { work: () => void; ms: number }>();
  let next = 0;
  let kept: Change[] = [];
  return {
    later: (work: () => void, ms: number) => {
      const id = next++;
      timers.set(id, { work, ms });
      return () => void timers.delete(id);
    },
    keep: (changes: Change[]) => void (kept = changes),
    kept: () => kept,
    waits: () => [...timers.values()].map(({ ms }) => ms),
    ring: () => {
      const due = [...timers.values()];
      timers.clear();
      due.forEach(({ work }) => work());
    },
  };
}

function draft(server: Server, autosave = true) {
  const own = world();
  const kind: DraftKind<Doc> = {
    apply,
    diff,
    // As over a wire: what is sent arrives after whatever was under way here.
    send: async (version, changes) => {
      await undefined;
      return server.take(version, changes);
    },
    standing: (body) => ({ version: Number(body.version), value: body.doc as Doc }),
    autosave,
  };
  return { queue: new DraftQueue<Doc>({ version: server.version, value: server.doc }, kind, own), ...own };
}
const set = (path: string, value: unknown): Change[] => [{ path, value }];

describe('saving', () => {
  it('shows a change at once, keeps it on the device, and saves it a moment later', async () => {
    const server = new Server({});
    const { queue, kept, waits, ring } = draft(server);
    queue.change(set('volts', 480));
    expect([queue.view().value, queue.view().save, kept(), waits()]).toEqual([{ volts: 480 }, 'saving', set('volts', 480), [WAIT_MS]]);
    ring();
    await queue.flush();
    expect([server.doc, queue.view().save, kept(), queue.version()]).toEqual([{ volts: 480 }, 'saved', [], 2]);
  });
  it('what is saved on demand waits for it', async () => {
    const server = new Server({});
    const { queue, waits } = draft(server, false);
    queue.change(set('volts', 480));
    expect([queue.view().save, waits()]).toEqual(['unsaved', []]);
    queue.online();
    expect(server.saves).toEqual([]);
    await queue.flush();
    expect([server.doc, queue.view().save]).toEqual([{ volts: 480 }, 'saved']);
  });
  it('what is typed over while it is on its way is saved after it', async () => {
    const server = new Server({});
    const { queue } = draft(server);
    queue.change(set('volts', 400));
    const first = queue.flush();
    queue.change(set('volts', 480));
    expect(queue.view().save).toBe('saving');
    await first;
    expect([server.doc, queue.view().save, server.version]).toEqual([{ volts: 480 }, 'saved', 3]);
  });
  it('a change that changes nothing is none', () => {
    const { queue, kept } = draft(new Server({ volts: 480 }));
    queue.change(set('volts', 480));
    expect([queue.view().save, queue.view().canUndo, kept()]).toEqual(['saved', false, []]);
  });
});

describe('a lost connection', () => {
  it.each([true, false])('is tried again, and the draft stays on the device (saved by itself: %s)', async (autosave) => {
    const server = new Server({});
    const { queue, kept, waits, ring } = draft(server, autosave);
    server.offline = true;
    queue.change(set('volts', 480));
    await queue.flush();
    expect([queue.view().save, queue.view().fault, kept(), waits()]).toEqual(['offline', 'lost', set('volts', 480), [RETRY_MS]]);
    server.offline = false;
    ring();
    await queue.flush();
    expect([server.doc, queue.view().save, queue.view().fault, kept()]).toEqual([{ volts: 480 }, 'saved', undefined, []]);
  });
  it('what was kept is laid on again, and said to be so until it is saved', async () => {
    const server = new Server({ amps: 1 });
    const { queue } = draft(server, false);
    queue.recover(set('volts', 480));
    expect([queue.view().value, queue.view().recovered]).toEqual([{ amps: 1, volts: 480 }, true]);
    await queue.flush();
    expect([server.doc, queue.view().recovered]).toEqual([{ amps: 1, volts: 480 }, false]);
  });
});

describe('a refusal for what it says', () => {
  it('is said; what is saved by itself is not sent again, and stays on the screen', async () => {
    const server = new Server({});
    const { queue, kept } = draft(server);
    server.refuse = 'volts is no number';
    queue.change(set('volts', 'x'));
    await queue.flush();
    expect([queue.view().value, queue.view().save, queue.view().fault, kept()]).toEqual([
      { volts: 'x' },
      'refused',
      'volts is no number',
      [],
    ]);
  });
  it('stays said while it stands on the screen, whatever else is saved, until it is changed or taken back', async () => {
    for (const mend of ['change', 'undo'] as const) {
      const server = new Server({});
      const { queue } = draft(server);
      server.refuse = 'volts is no number';
      queue.change(set('amps', 3));
      server.refuse = undefined;
      await queue.flush();
      server.refuse = 'volts is no number';
      queue.change(set('volts', 'x'));
      expect(await queue.flush()).toBe('volts is no number');
      server.refuse = undefined;
      if (mend === 'undo') queue.undo();
      else {
        queue.change(set('hertz', 50));
        expect(await queue.flush()).toBe('volts is no number');
        expect([queue.view().save, queue.view().fault, server.doc]).toEqual(['refused', 'volts is no number', { amps: 3, hertz: 50 }]);
        queue.change(set('volts', 480));
      }
      expect([await queue.flush(), queue.view().save, queue.view().value]).toEqual([undefined, 'saved', server.doc]);
    }
  });
  it('what is saved on demand can be mended and saved', async () => {
    const server = new Server({});
    const { queue } = draft(server, false);
    server.refuse = 'volts is no number';
    queue.change(set('volts', 'x'));
    queue.change(set('amps', 3));
    await queue.flush();
    server.refuse = undefined;
    queue.change(set('volts', 480));
    await queue.flush();
    expect([server.doc, queue.view().save]).toEqual([{ volts: 480, amps: 3 }, 'saved']);
  });
});

describe('whoever signs is told that not all is saved', () => {
  it.each<[string, (server: Server) => void]>([
    ['the connection is lost', (server) => void (server.offline = true)],
    ['it is refused', (server) => void (server.refuse = 'no')],
    ['somebody saved first', (server) => void server.take(1, set('volts', 415))],
  ])('%s', async (_, meanwhile) => {
    const server = new Server({});
    const { queue } = draft(server);
    queue.change(set('volts', 480));
    meanwhile(server);
    expect(await queue.flush()).toBeTruthy();
    expect(await queue.flush()).toBeTruthy();
  });
  it('nothing is said of what is saved', async () => {
    const { queue } = draft(new Server({}));
    expect(await queue.flush()).toBeUndefined();
    queue.change(set('volts', 480));
    expect(await queue.flush()).toBeUndefined();
  });
});

describe('the page made anew from a later version', () => {
  it('stands here too where nothing is unsaved, and never over what is', () => {
    const { queue } = draft(new Server({ volts: 400 }));
    queue.stands({ version: 3, value: { volts: 415 } });
    queue.stands({ version: 2, value: { volts: 230 } });
    expect([queue.view().value, queue.version()]).toEqual([{ volts: 415 }, 3]);
    queue.change(set('volts', 480));
    queue.stands({ version: 4, value: { volts: 690 } });
    expect([queue.view().value, queue.version()]).toEqual([{ volts: 480 }, 3]);
  });
});

describe('somebody saved first', () => {
  const both = async () => {
    const server = new Server({ volts: 400 });
    const [a, b] = [draft(server), draft(server)];
    a.queue.change([...set('volts', 415), ...set('hertz', 50)]);
    await a.queue.flush();
    b.queue.change([...set('volts', 480), ...set('amps', 3)]);
    await b.queue.flush();
    return { server, b };
  };
  it('both sides are shown, and nothing is written over', async () => {
    const { server, b } = await both();
    expect(server.doc).toEqual({ volts: 415, hertz: 50 });
    expect(b.queue.view().conflict).toMatchObject({
      theirChanges: [...set('volts', 415), ...set('hertz', 50)],
      mine: [...set('volts', 480), ...set('amps', 3)],
    });
    expect(b.kept()).toEqual([...set('volts', 480), ...set('amps', 3)]);
  });
  it.each<[string[], Doc]>([
    [[], { volts: 415, hertz: 50 }],
    [['amps'], { volts: 415, hertz: 50, amps: 3 }],
    [['volts', 'amps'], { volts: 480, hertz: 50, amps: 3 }],
  ])('settled with mine of %j', async (keep, stands) => {
    const { server, b } = await both();
    b.queue.settle(keep);
    await b.queue.flush();
    expect([server.doc, b.queue.view().value, b.queue.view().save, b.kept()]).toEqual([stands, stands, 'saved', []]);
  });
});

describe('undo', () => {
  it('takes every change back, one by one, and saves that too', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.constantFrom('a', 'b', 'c'), fc.constantFrom(1, 2, null)), { maxLength: 12 }),
        async (changes) => {
          const server = new Server({ a: 0 });
          const { queue } = draft(server);
          for (const [path, value] of changes) queue.change(set(path, value));
          while (queue.view().canUndo) queue.undo();
          await queue.flush();
          expect([queue.view().value, server.doc]).toEqual([{ a: 0 }, { a: 0 }]);
        },
      ),
    );
  });
});

it('one person, asked to save by several at once, is never told that somebody saved first, and what is called saved is', async () => {
  const acts = fc.array(fc.tuple(fc.constantFrom('change', 'flush', 'flush', 'turn', 'ring'), fc.constantFrom('a', 'b')), {
    maxLength: 30,
  });
  await fc.assert(
    fc.asyncProperty(acts, async (steps) => {
      const server = new Server({});
      const { queue, ring } = draft(server);
      const asked: Promise<void>[] = [];
      for (const [i, [act, path]] of steps.entries()) {
        if (act === 'change') queue.change(set(path, i));
        else if (act === 'ring') ring();
        else if (act === 'turn') await undefined;
        else
          asked.push(
            queue.flush().then((unsaved) => {
              expect(unsaved).toBeUndefined();
            }),
          );
      }
      await Promise.all(asked);
      await queue.flush();
      expect([queue.view().conflict, queue.view().save, queue.view().value]).toEqual([undefined, 'saved', server.doc]);
      expect(server.version).toBe(server.saves.length + 1);
    }),
    { numRuns: 500 },
  );
});

type Step = { who: 0 | 1; does: 'change' | 'flush' | 'keep' | 'discard' | 'undo' | 'lose' | 'find'; path: string };
const step: fc.Arbitrary<Step> = fc.record({
  who: fc.constantFrom<0 | 1>(0, 1),
  does: fc.constantFrom<Step['does']>('change', 'change', 'change', 'flush', 'keep', 'discard', 'undo', 'lose', 'find'),
  path: fc.constantFrom('a', 'b', 'c'),
});

it('two people in any order, with the connection lost and found: both end with what the server has, and no save was made on another version', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(step, { maxLength: 40 }), async (steps) => {
      const server = new Server({ a: 0 });
      const people = [draft(server), draft(server)];
      // Each change says something that no other says, so that it is known again among what was saved.
      for (const [i, { who, does, path }] of steps.entries()) {
        const value = 100 + i;
        const { queue } = people[who]!;
        const mine = queue.view().conflict?.mine.map((change) => change.path) ?? [];
        if (does === 'change') queue.change(set(path, value));
        else if (does === 'flush') await queue.flush();
        else if (does === 'keep') queue.settle(mine);
        else if (does === 'discard') queue.settle([]);
        else if (does === 'undo') queue.undo();
        else server.offline = does === 'lose';
      }
      server.offline = false;
      const wanted = people.map(({ kept }) => kept());
      for (let i = 0; i < 6; i += 1)
        for (const { queue } of people) {
          await queue.flush();
          queue.settle(queue.view().conflict?.mine.map(({ path }) => path) ?? []);
          await queue.flush();
        }
      // Whoever saved last and settled sees what stands; what was kept for saving was saved, or saved over by the other knowingly.
      expect(server.version).toBe(server.saves.length + 1);
      const said = server.saves.flat();
      for (const change of wanted.flat()) expect(said).toContainEqual(change);
      for (const { queue, kept } of people) expect([queue.view().save, kept()]).toEqual(['saved', []]);
    }),
    { numRuns: 300 },
  );
});

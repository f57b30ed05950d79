import { expect, test } from '@playwright/test';
import { fieldsApart, whereNow } from '../../web/src/base/apart';
import { notchNow } from '../../web/src/roll/notch-now';
import { label, rowsOf } from '../../web/src/stick/labels';
import { draw, sizes, type Cut, type Size, type StickData } from '../../web/src/stick/shape';
import { day, kilograms, plain, shown, times, today } from '../../web/src/base/words';

const cut = (over: Partial<Cut>): Cut => ({
  exchange: 0,
  notch: 0,
  x: 0.5,
  by: 'me',
  depth: 'cut',
  level: 0,
  open: false,
  dashed: false,
  name: '',
  words: '',
  turns: false,
  marked: false,
  ...over,
});

const stick = (...exchanges: { end?: 'tap' | 'reset'; level?: number; cuts: Cut[] }[]): StickData => ({
  exchanges: exchanges.map((e, i) => ({
    x: i / exchanges.length,
    endX: (i + 1) / exchanges.length,
    level: e.level ?? 0,
    start: null,
    end: e.end ?? null,
    cuts: e.cuts,
  })),
});

const points = (path: string) => [...path.matchAll(/-?\d+(\.\d+)?/g)].map((m) => Number(m[0]));

test.describe('the stick', () => {
  for (const size of Object.keys(sizes) as Size[]) {
    const { height, half } = sizes[size];
    const edge = { me: height / 2 - half, partner: height / 2 + half };

    test(`${size}: mine are cut from the upper edge, theirs from the lower`, () => {
      for (const by of ['me', 'partner'] as const) {
        const [drawn] = draw(stick({ cuts: [cut({ by })] }), 300, size).cuts;
        const [, leftY, tipX, tipY, , rightY] = points(drawn.path);
        expect([leftY, rightY]).toEqual([edge[by], edge[by]]);
        expect(tipX).toBe(drawn.x);
        expect(Math.sign(tipY - leftY)).toBe(by === 'me' ? 1 : -1);
      }
    });

    test(`${size}: the weightier the deeper, and only a tap goes through`, () => {
      const depths = (['nick', 'half', 'cut', 'through'] as const).map((depth) =>
        Math.abs(draw(stick({ cuts: [cut({ depth })] }), 300, size).cuts[0].tip - edge.me),
      );
      expect(depths).toEqual([...depths].sort((a, b) => a - b));
      expect(depths[3]).toBe(2 * half);
      expect(depths[2]).toBeLessThan(half);
    });

    test(`${size}: the split line runs high on top, low beneath, and stays on the stick`, () => {
      const line = (level: number) =>
        points(draw(stick({ level, cuts: [cut({ level })] }), 300, size).split)[1];
      expect(line(1)).toBeLessThan(line(0));
      expect(line(-1)).toBeGreaterThan(line(0));
      expect(line(1)).toBeGreaterThanOrEqual(edge.me);
      expect(line(-1)).toBeLessThanOrEqual(edge.partner);
    });
  }

  test('everything lies inside the width it is given', () => {
    for (const width of [60, 320, 1200]) {
      const cuts = Array.from({ length: 30 }, (_, i) => cut({ x: i / 29, notch: i }));
      const drawn = draw(stick({ cuts }), width, 'row');
      for (const { x } of drawn.cuts) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(width);
      }
      expect(drawn.cuts.map((c) => c.x)).toEqual(drawn.cuts.map((c) => c.x).sort((a, b) => a - b));
    }
  });

  test('crowded notches get narrower, so that each can still be told apart', () => {
    const breadth = (count: number) => {
      const cuts = Array.from({ length: count }, (_, i) => cut({ x: (i + 1) / (count + 1), notch: i }));
      const [leftX, , , , rightX] = points(draw(stick({ cuts }), 400, 'row').cuts[0].path);
      return rightX - leftX;
    };
    expect(breadth(40)).toBeLessThan(breadth(4));
    expect(breadth(400)).toBeGreaterThanOrEqual(4);
  });

  test('an exchange ends in a saw cut; one still going does not', () => {
    const saws = (...ends: ('tap' | 'reset' | undefined)[]) =>
      draw(stick(...ends.map((end) => ({ end, cuts: [cut({})] }))), 300, 'wide').saws.map((s) => s.tap);
    expect(saws('tap', 'reset')).toEqual([true, false]);
    expect(saws(undefined)).toEqual([]);
    expect(saws(undefined, undefined)).toEqual([false]);
  });

  test('a stick of nothing draws nothing and does not fall over', () => {
    expect(draw({ exchanges: [] }, 300, 'wide')).toEqual({ split: '', cuts: [], saws: [], ends: [] });
  });
});

test.describe('words', () => {
  test('pounds are shown for pounds and kept as kilograms', () => {
    // NIST Handbook 44: one pound is 0.45359237 kg.
    expect(kilograms('170', 'lb')).toBeCloseTo(170 * 0.45359237, 2);
    expect(shown(77, 'lb')).toBe('169.8');
    expect(shown(77, 'kg')).toBe('77');
    for (let pounds = 90; pounds < 300; pounds += 7)
      expect(shown(kilograms(String(pounds), 'lb'), 'lb')).toBe(String(pounds));
  });

  test('an empty weight is none, not zero, and a comma is a point', () => {
    expect(kilograms('  ', 'kg')).toBeUndefined();
    expect(kilograms('77,5', 'kg')).toBe(77.5);
    expect(shown(null, 'kg')).toBe('');
    expect(kilograms('heavy', 'kg')).toBeNaN();
  });

  test('days, ids and counts are written for people', () => {
    expect(day('2026-11-21')).toBe('Sat 21 Nov');
    expect(day(null)).toBe('no date');
    expect(plain('knee-cut-pass')).toBe('knee cut pass');
    expect([plain('no-gi'), plain('gi'), plain(undefined)]).toEqual(['no-gi', 'gi', '']);
    expect([times(1, 'roll'), times(2, 'roll'), times(0, 'tap'), times(2, 'stick by', 'sticks by')]).toEqual([
      '1 roll',
      '2 rolls',
      '0 taps',
      '2 sticks by',
    ]);
    expect(today()).toMatch(/^\d{4}-\d\d-\d\d$/);
  });
});

test.describe('names on the stick', () => {
  const named = (count: number) =>
    draw(
      stick({
        cuts: Array.from({ length: count }, (_, i) =>
          cut({
            notch: i,
            x: (i + 1) / (count + 1),
            by: i % 2 ? 'partner' : 'me',
            name: 'knee cut pass'.repeat(1 + (i % 2)),
          }),
        ),
      }),
      900,
      'wide',
    ).cuts;

  for (const count of [1, 4, 12, 40]) {
    test(`${count} notches all have theirs, on their own side, apart and inside`, () => {
      const labels = label(named(count), 900);
      expect(labels).toHaveLength(count);
      for (const one of labels) {
        expect(one.mine).toBe(one.cut % 2 === 0);
        const half = (one.text.length * 8) / 2;
        expect(one.x - half).toBeGreaterThanOrEqual(0);
        expect(one.x + half).toBeLessThanOrEqual(900);
        for (const other of labels)
          if (other !== one && other.mine === one.mine && other.row === one.row)
            expect(Math.abs(one.x - other.x)).toBeGreaterThan(
              ((one.text.length + other.text.length) * 8) / 2,
            );
      }
    });
  }

  test('a few stand in one row, and a phone shows none', () => {
    expect(rowsOf(label(named(4), 900))).toEqual({ above: 1, below: 1 });
    expect(label(named(4), 358)).toEqual([]);
    expect(label(draw(stick({ cuts: [cut({ name: '' })] }), 900, 'wide').cuts, 900)).toEqual([]);
  });
});

test.describe('two who changed one thing', () => {
  test('an item is found where it is now, changed or gone, and is never another', () => {
    expect(whereNow(['a', 'b'], ['x', 'a', 'b'], 0)).toEqual({ at: 1, same: true });
    expect(whereNow(['a', 'b', 'c'], ['a', 'B', 'c'], 1)).toEqual({ at: 1, same: false });
    expect(whereNow(['a', 'b', 'c'], ['a', 'c'], 1)).toEqual({ at: 1, same: null });
    expect(whereNow(['a', 'a', 'b'], ['a', 'b'], 2)).toEqual({ at: 1, same: true });
    expect(whereNow(['a'], [], 0)).toEqual({ at: 0, same: null });
  });

  test('whatever was done to the others, an item that is there once is found', () => {
    const lists = (length: number): string[][] =>
      length === 0 ? [[]] : lists(length - 1).flatMap((l) => ['a', 'b', 'me'].map((x) => [...l, x]));
    for (const before of lists(3))
      for (const now of lists(3)) {
        const found = whereNow(['me', ...before], now, 0);
        if (found.same !== null) expect(now[found.at] === 'me').toBe(found.same);
        if (!now.includes('me')) expect(found.same).not.toBe(true);
      }
  });

  test('a notch that stands in the place of one taken out is not that one, changed', () => {
    const sweep = {
      by: 'me',
      move: 'scissor-sweep',
      from: 'closed-guard/bottom',
      outcome: 'landed',
    } as const;
    const pass = { by: 'me', move: 'knee-slice', from: 'half-guard/top', outcome: 'landed' } as const;
    const of = (...notches: object[]) => [{ notches }] as Parameters<typeof notchNow>[0];
    const first = { exchange: 0, notch: 0 };
    expect(notchNow(of(sweep), of(pass), first)).toEqual({ at: first, became: 'gone' });
    expect(notchNow(of(sweep), of({ ...sweep, outcome: 'near', note: 'late' }), first).became).toBe(
      'changed',
    );
    expect(notchNow(of(sweep), of(pass, sweep), first)).toEqual({
      at: { exchange: 0, notch: 1 },
      became: 'same',
    });
  });

  test('of fields only those that differ are asked about, and mine are told from theirs', () => {
    const fields = ['note', 'side', 'move'] as const;
    const [base, mine, theirs] = [
      { note: '', side: undefined, move: 'armbar' },
      { note: 'mine', side: undefined, move: 'armbar' },
      { note: undefined, side: 'left', move: 'armbar' },
    ] as Record<string, string | undefined>[];
    expect(fieldsApart(base!, mine!, theirs!, fields)).toEqual([
      { field: 'note', byMe: true },
      { field: 'side', byMe: false },
    ]);
  });
});

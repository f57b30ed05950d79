import type { Schemas } from '../api/client';

export type Cut = Schemas['StickCut'];
export type StickData = Schemas['Stick'];

/** Drawing measures of the three sizes, in px. */
export const sizes = {
  wide: { height: 108, half: 36, swing: 30 },
  row: { height: 56, half: 18, swing: 15 },
  thumb: { height: 34, half: 11, swing: 8 },
} as const;

export type Size = keyof typeof sizes;

const depths = { nick: 0.28, half: 0.5, cut: 0.78, through: 1 } as const;

export interface DrawnCut {
  cut: Cut;
  x: number;
  /** Where the split line runs there, for the knot. */
  y: number;
  path: string;
  tip: number;
}

export interface Drawn {
  split: string;
  cuts: DrawnCut[];
  saws: { x: number; tap: boolean }[];
  /** Where each exchange ends. */
  ends: number[];
}

/** Where everything of a stick is drawn, in a box of the given width. */
export function draw(stick: StickData, width: number, size: Size): Drawn {
  const { height, half, swing } = sizes[size];
  const middle = height / 2;
  const inset = size === 'thumb' ? 4 : 8;
  const at = (x: number) => inset + x * (width - 2 * inset);
  const cuts: DrawnCut[] = [];
  const saws: Drawn['saws'] = [];
  const split: string[] = [];
  const ends: number[] = [];
  const all = stick.exchanges.reduce((count, e) => count + e.cuts.length, 0);
  const wide = Math.max(2, Math.min(half * 0.5, (width / Math.max(1, all + stick.exchanges.length)) * 0.36));
  stick.exchanges.forEach((exchange, index) => {
    let x = at(exchange.x);
    let y = middle - exchange.level * swing;
    split.push(`M${x.toFixed(1)} ${y.toFixed(1)}`);
    for (const cut of exchange.cuts) {
      const to = at(cut.x);
      const next = middle - cut.level * swing;
      split.push(curve(x, y, to, next));
      x = to;
      y = next;
      cuts.push(notch(cut, to, next, middle, half, wide));
    }
    split.push(`L${at(exchange.endX).toFixed(1)} ${y.toFixed(1)}`);
    ends.push(at(exchange.endX));
    const last = index === stick.exchanges.length - 1;
    if (!last || exchange.end) saws.push({ x: at(exchange.endX), tap: exchange.end === 'tap' });
  });
  return { split: split.join(''), cuts, saws, ends };
}

function curve(x: number, y: number, toX: number, toY: number) {
  const half = ((x + toX) / 2).toFixed(1);
  return `C${half} ${y.toFixed(1)} ${half} ${toY.toFixed(1)} ${toX.toFixed(1)} ${toY.toFixed(1)}`;
}

/** A V cut from the edge of its owner: mine from above, theirs from below; a tap goes through. */
export function notch(cut: Cut, x: number, y: number, middle: number, half: number, wide: number): DrawnCut {
  const mine = cut.by === 'me';
  const edge = mine ? middle - half : middle + half;
  const depth = cut.depth === 'through' ? 2 * half : depths[cut.depth] * half;
  const tip = mine ? edge + depth : edge - depth;
  const breadth = cut.depth === 'nick' ? wide * 0.7 : wide;
  return {
    cut,
    x,
    y,
    tip,
    path: `M${(x - breadth).toFixed(1)} ${edge}L${x.toFixed(1)} ${tip}L${(x + breadth).toFixed(1)} ${edge}`,
  };
}

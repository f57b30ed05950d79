import type { DrawnCut } from './shape';

/** The name of a move at the edge it was cut from. */
export interface Label {
  /** Index of its cut among all that are drawn. */
  cut: number;
  text: string;
  mine: boolean;
  /** The middle of the text, moved in from the ends of the stick where it would stick out. */
  x: number;
  /** How many rows away from the edge, from 0. */
  row: number;
}

export const rowHeight = 19;
/** Below this width there is no room for names: on a phone they are shown on touch. */
export const leastWidth = 560;

// A little more than the widest run of letters takes at 15 px, so that no two names touch.
const perLetter = 8.1;
const apart = 10;

/** Names for the cuts of a large stick: each as near to its edge as it can stand without touching another. */
export function label(cuts: DrawnCut[], width: number): Label[] {
  if (width < leastWidth) return [];
  const taken = { mine: [] as number[], theirs: [] as number[] };
  return cuts.flatMap(({ cut, x }, index) => {
    if (!cut.name) return [];
    const half = (cut.name.length * perLetter) / 2;
    const mine = cut.by === 'me';
    const rows = mine ? taken.mine : taken.theirs;
    const middle = Math.max(half, Math.min(width - half, x));
    let row = rows.findIndex((end) => end + apart <= middle - half);
    if (row < 0) row = rows.length;
    rows[row] = middle + half;
    return [{ cut: index, text: cut.name, mine, x: middle, row }];
  });
}

/** How many rows of names stand above and below. */
export const rowsOf = (labels: Label[]) => {
  const rows = (mine: boolean) => Math.max(0, ...labels.filter((l) => l.mine === mine).map((l) => l.row + 1));
  return { above: rows(true), below: rows(false) };
};

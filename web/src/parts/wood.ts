import { curveCatmullRom, line } from 'd3-shape';
import type { Schemas } from '../api/client';

type Flow = Schemas['Flow'];
type Knot = Schemas['Knot'];

/** A knot in the wood: where its middle lies, and half its breadth and height, in px. */
export interface Grown {
  x: number;
  y: number;
  rx: number;
  ry: number;
}

interface Point {
  x: number;
  y: number;
}

const draw = line<Point>()
  .x((p) => p.x)
  .y((p) => p.y)
  .curve(curveCatmullRom);
const steps = 20;

/** Wood grows round what stands in it: a point is moved aside as far as the knots near it push. */
function bend(point: Point, knots: readonly Grown[]): Point {
  let x = point.x;
  for (const knot of knots) {
    const v = (point.y - knot.y) / (knot.ry * 1.25);
    if (Math.abs(v) > 2.5) continue;
    const away = x - knot.x;
    x = knot.x + (away < 0 ? -1 : 1) * Math.sqrt(away * away + (knot.rx + 4) ** 2 * Math.exp(-v * v));
  }
  return { x, y: point.y };
}

const path = (at: (t: number) => Point, knots: readonly Grown[]) =>
  draw(Array.from({ length: steps + 1 }, (_, i) => bend(at(i / steps), knots))) ?? '';

/** The fibres of the wood itself, from the top to the foot. */
export const fibres = (width: number, height: number, apart: number, knots: readonly Grown[]) =>
  Array.from({ length: Math.floor(width / apart) }, (_, i) => {
    const x = apart * (i + 0.5);
    return (
      draw(
        Array.from({ length: steps * 2 + 1 }, (_, s) =>
          bend({ x: x + 3 * Math.sin(i * 1.7 + s / 6), y: (height * s) / steps / 2 }, knots),
        ),
      ) ?? ''
    );
  });

/** The strands of one flow: a bundle that runs from knot to knot and bends round those between. */
export function strands(count: number, from: Grown, to: Grown, others: readonly Grown[], gap: number) {
  const level = Math.abs(from.y - to.y) < from.ry + to.ry;
  const bow = Math.min(38, 14 + Math.abs(from.x - to.x) / 9);
  return Array.from({ length: count }, (_, i) => {
    const off = i - (count - 1) / 2;
    // Within a knot's breadth at either end, parallel between.
    const end = (knot: Grown) => off * Math.min(gap, (knot.rx * 1.6) / Math.max(1, count));
    const apart = (t: number) => {
      const near = Math.min(1, Math.min(t, 1 - t) * 4);
      return (t < 0.5 ? end(from) : end(to)) * (1 - near) + off * gap * near;
    };
    const ease = (t: number) => t * t * (3 - 2 * t);
    return path(
      (t) =>
        level
          ? {
              x: from.x + (to.x - from.x) * t,
              y: from.y + (to.y - from.y) * t - Math.sin(Math.PI * t) * bow - apart(t),
            }
          : { x: from.x + (to.x - from.x) * ease(t) + apart(t), y: from.y + (to.y - from.y) * t },
      level ? [] : others,
    );
  });
}

/** The outline of a knot, and its rings: pointed where the wood parts and closes again. */
export const eye = ({ x, y, rx, ry }: Grown, size = 1) =>
  `M${x} ${y - ry * size}C${x + rx * 1.35 * size} ${y - ry * 0.45 * size} ${x + rx * 1.35 * size} ${y + ry * 0.45 * size} ${x} ${y + ry * size}` +
  `C${x - rx * 1.35 * size} ${y + ry * 0.45 * size} ${x - rx * 1.35 * size} ${y - ry * 0.45 * size} ${x} ${y - ry * size}Z`;

/** Where the knots of each board stand: the most visited in the middle, the others to its sides in turn, every second one lower. */
export function grow(
  knots: readonly Knot[],
  width: number,
  y: (band: number) => number,
  breadth: (knot: Knot) => number,
  lower: number,
): Map<string, Grown> {
  const grown = new Map<string, Grown>();
  for (const band of new Set(knots.map((k) => k.band))) {
    const here = knots.filter((k) => k.band === band);
    const slot = width / here.length;
    const lean = band % 2 === 0 ? 1 : -1;
    here.forEach((knot, rank) => {
      const side = (rank % 2 === 0 ? rank / 2 : -(rank + 1) / 2) * lean;
      const middle = here.length % 2 === 0 ? (lean * slot) / 2 : 0;
      const rx = breadth(knot);
      const x = Math.max(rx + 2, Math.min(width - rx - 2, width / 2 + middle + side * slot));
      const drop = here.length < 3 ? 0 : (rank % 2 === 0 ? -1 : 1) * lower;
      grown.set(knot.id, { x, y: y(band) + drop, rx, ry: rx * 1.15 });
    });
  }
  return grown;
}

/** How many strands a flow has. */
export const strandsOf = (flow: Flow, perRoll: number) =>
  Math.max(1, Math.min(18, Math.round(flow.perRoll / perRoll)));

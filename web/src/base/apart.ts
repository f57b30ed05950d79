/**
 * Two who changed one thing: what each made of it, set side by side. Nothing here knows what the thing is.
 */
type Json = unknown;

// What a form leaves empty and what was never said are one.
const plainly = (value: Json): Json =>
  value === undefined || value === null || value === '' || (Array.isArray(value) && value.length === 0)
    ? null
    : value;

// Fields stand in no order.
const written = (value: Json): string =>
  JSON.stringify(plainly(value), (_, inner: Json) =>
    inner && typeof inner === 'object' && !Array.isArray(inner)
      ? Object.fromEntries(
          Object.entries(inner)
            .filter(([, v]) => plainly(v) !== null)
            .sort(([a], [b]) => (a < b ? -1 : 1)),
        )
      : inner,
  );

/** Both say the same. */
export const isSame = (one: Json, other: Json) => written(one) === written(other);

/** The fields in which mine and theirs differ now, and whether I changed it: where not, theirs is what is meant. */
export function fieldsApart<T extends object>(base: T, mine: T, theirs: T, fields: readonly (keyof T)[]) {
  return fields
    .filter((field) => !isSame(mine[field], theirs[field]))
    .map((field) => ({ field, byMe: !isSame(base[field], mine[field]) }));
}

/**
 * Where an item of a list stands in the list as somebody else left it: the same item unchanged, the one that stands in its place, or nowhere.
 * What both lists share stays in its order (a longest common subsequence); what stands between two such is what was changed.
 */
export function whereNow<T>(before: readonly T[], now: readonly T[], at: number) {
  const [a, b] = [before.map(written), now.map(written)];
  const shared = Array.from({ length: a.length + 1 }, () => new Array<number>(b.length + 1).fill(0));
  for (let i = a.length - 1; i >= 0; i--)
    for (let j = b.length - 1; j >= 0; j--)
      shared[i]![j] =
        a[i] === b[j] ? shared[i + 1]![j + 1]! + 1 : Math.max(shared[i + 1]![j]!, shared[i]![j + 1]!);
  const pairs: [number, number][] = [[-1, -1]];
  for (let [i, j] = [0, 0]; i < a.length && j < b.length;)
    if (a[i] === b[j]) pairs.push([i++, j++]);
    else if (shared[i + 1]![j]! >= shared[i]![j + 1]!) i++;
    else j++;
  pairs.push([a.length, b.length]);
  const found = pairs.find(([i]) => i === at);
  if (found) return { at: found[1], same: true };
  const next = pairs.findIndex(([i]) => i > at);
  const [[fromA, fromB], [, untilB]] = [pairs[next - 1]!, pairs[next]!];
  const place = fromB + (at - fromA);
  return place < untilB ? { at: place, same: false } : { at: untilB, same: null };
}

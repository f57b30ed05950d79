/** How days, weights and ids are written for people. */
const dayFormat = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});

export const day = (iso: string | null | undefined) =>
  iso ? dayFormat.format(new Date(`${iso}T00:00:00Z`)) : 'no date';

const momentFormat = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** A moment as a day and a time of day, here. */
export const moment = (iso: string) => momentFormat.format(new Date(iso));

/** An id as words; what is worn without a gi keeps its hyphen. */
export const plain = (id: string | null | undefined) =>
  id === 'no-gi' ? id : (id ?? '').replaceAll('-', ' ');

const poundsPerKg = 2.2046226218;

/** A weight in kilograms as it is shown. */
export const shown = (kg: number | null | undefined, unit: string | null | undefined) =>
  kg == null ? '' : unit === 'lb' ? String(Math.round(kg * poundsPerKg * 10) / 10) : String(kg);

/** A weight as typed, in kilograms; null when empty. */
export const kilograms = (typed: string, unit: string | null | undefined) => {
  if (typed.trim() === '') return undefined;
  const number = Number(typed.replace(',', '.'));
  return unit === 'lb' ? Math.round((number / poundsPerKg) * 100) / 100 : number;
};

export const today = () => {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60000).toISOString().slice(0, 10);
};

/** The day so many weeks before today. */
export const weeksAgo = (weeks: number) =>
  new Date(Date.parse(`${today()}T00:00:00Z`) - weeks * 7 * 86_400_000).toISOString().slice(0, 10);

export const times = (count: number, one: string, many = `${one}s`) => `${count} ${count === 1 ? one : many}`;

/** How often something happens in a roll, as people say it. */
export const onceIn = (perRoll: number) => {
  if (perRoll >= 0.75) return `${perRoll.toFixed(1)} times a roll`;
  const rolls = 1 / Math.max(perRoll, 0.005);
  return `once in ${rolls < 20 ? Math.round(rolls) : 5 * Math.round(rolls / 5)} rolls`;
};

/** Seconds as minutes and seconds. */
export const clock = (seconds: number) =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;

/** Minutes and seconds as seconds; null when it is no time. */
export const secondsOf = (written: string | null | undefined) => {
  const parts = /^(\d+):([0-5]\d)$/.exec(written ?? '');
  return parts ? Number(parts[1]) * 60 + Number(parts[2]) : null;
};

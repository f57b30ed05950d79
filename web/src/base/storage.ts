import * as v from 'valibot';

/**
 * What this browser keeps between visits. It may be full, denied, or hold what some other version wrote: nothing here throws, and what comes
 * out is checked against its schema before it is believed.
 */
export function kept<T extends v.GenericSchema>(place: string, schema: T): v.InferOutput<T> | null {
  try {
    const written = localStorage.getItem(place);
    if (written === null) return null;
    const read = v.safeParse(schema, JSON.parse(written));
    return read.success ? read.output : null;
  } catch {
    return null;
  }
}

/** What is written at a place, whatever it is. */
export function written(place: string): string | null {
  try {
    return localStorage.getItem(place);
  } catch {
    return null;
  }
}

/** Keeps a value; false where the browser would not. */
export function keep(place: string, value: unknown): boolean {
  try {
    localStorage.setItem(place, JSON.stringify(value));
    return true;
  } catch {
    return false;
  }
}

/** The places whose names begin so. */
export function places(beginning: string): string[] {
  try {
    return Object.keys(localStorage).filter((place) => place.startsWith(beginning));
  } catch {
    return [];
  }
}

/** Drops what is kept at a place. */
export function drop(place: string) {
  try {
    localStorage.removeItem(place);
  } catch {
    // What cannot be dropped could not be kept either.
  }
}

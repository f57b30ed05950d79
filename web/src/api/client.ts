import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];

export const api = createClient<paths>({ baseUrl: window.location.origin });

/** What went wrong, in words for the person, with the fields at fault. */
export class Trouble extends Error {
  constructor(
    message: string,
    readonly fields: Record<string, string[]> = {},
    /** The status of the answer; 0 when there was none. */
    readonly status = 0,
  ) {
    super(message);
  }
}

type Answer<T> = { data?: T; error?: unknown; response: Response };

/** The data of an answer; throws a Trouble that says what happened. */
export async function got<T>(asked: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await asked;
  } catch {
    throw new Trouble(
      'Ash Notch does not answer. Start it again and go on; what this page holds stays in it.',
    );
  }
  if (answer.response.ok) return answer.data as T;
  const problem = (answer.error ?? {}) as {
    title?: string;
    detail?: string;
    errors?: Record<string, string[]>;
  };
  throw new Trouble(
    problem.detail ?? problem.title ?? 'That did not work; nothing was changed.',
    problem.errors,
    answer.response.status,
  );
}

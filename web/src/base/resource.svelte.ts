/**
 * Something asked for over the network, in the one way of doing so: the newest question wins over older answers, an answer that fails is said and
 * can be asked for again, and what was shown stays until the next answer is there.
 */
export class Resource<T> {
  value = $state.raw<T | null>(null);
  /** What went wrong with the newest question, in words; empty when nothing did. */
  failed = $state('');
  /** Nothing was answered yet. */
  waiting = $state(true);
  private asked = 0;

  constructor(private readonly ask: () => Promise<T>) {}

  /** Asks, or asks again. */
  load = async (): Promise<void> => {
    const mine = ++this.asked;
    try {
      const answer = await this.ask();
      if (mine !== this.asked) return;
      this.value = answer;
      this.failed = '';
    } catch (error) {
      if (mine === this.asked) this.failed = error instanceof Error ? error.message : 'That did not work.';
    } finally {
      if (mine === this.asked) this.waiting = false;
    }
  };
}

/** A resource that is asked for now and again whenever what the question rests on changes. To be called while a component is made. */
export function resource<T>(ask: () => Promise<T>): Resource<T> {
  const made = new Resource(ask);
  $effect(() => void made.load());
  return made;
}

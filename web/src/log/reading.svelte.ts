import { api, got, type Schemas } from '../api/client';

/** What the server reads from a telling while it is written. */
export class LiveReading {
  now = $state<Schemas['ReadingView'] | null>(null);
  /** The text it was read from. */
  text = $state('');
  failed = $state('');
  private timer: ReturnType<typeof setTimeout> | undefined;
  private asked = 0;

  /** Reads it soon; what was asked before and is not answered yet no longer counts. */
  soon(told: Schemas['ToRead']) {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.read(told), 30);
  }

  clear() {
    this.asked++;
    this.now = null;
    this.text = '';
  }

  private async read(told: Schemas['ToRead']) {
    const mine = ++this.asked;
    const text = told.text ?? '';
    if (text.trim() === '') return this.clear();
    try {
      const answer = await got(api.POST('/api/read', { body: told }));
      if (mine !== this.asked) return;
      this.now = answer;
      this.text = text;
      this.failed = '';
    } catch (error) {
      if (mine === this.asked) this.failed = (error as Error).message;
    }
  }
}

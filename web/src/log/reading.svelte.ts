import { api, got, type Schemas } from '../api/client';
import { Resource } from '../base/resource.svelte';

const pause = 30;
const again = 2000;

/** What the server reads from a telling while it is written. */
export class LiveReading {
  private told: Schemas['ToRead'] | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;

  private readonly asked = new Resource(async () => {
    const told = this.told;
    const text = told?.text ?? '';
    if (!told || text.trim() === '') return null;
    return { text, reading: await got(api.POST('/api/read', { body: told })) };
  });

  /** What was read. */
  get now() {
    return this.asked.value?.reading ?? null;
  }

  /** The text it was read from. */
  get text() {
    return this.asked.value?.text ?? '';
  }

  get failed() {
    return this.asked.failed;
  }

  constructor() {
    window.addEventListener('online', () => this.failed && void this.ask());
  }

  /** Reads it soon; what was asked before and is not answered yet no longer counts. */
  soon(told: Schemas['ToRead']) {
    this.told = told;
    clearTimeout(this.timer);
    this.timer = setTimeout(this.ask, pause);
  }

  // What failed is asked again by itself: who only reads what stands there should not have to touch a key.
  private ask = async () => {
    const at = this.timer;
    await this.asked.load();
    // Unless something was written meanwhile, which will be read anyway.
    if (this.failed && this.told && at === this.timer) this.timer = setTimeout(this.ask, again);
  };

  /** Nothing is told any more. */
  clear() {
    this.told = null;
    clearTimeout(this.timer);
    void this.asked.load();
  }
}

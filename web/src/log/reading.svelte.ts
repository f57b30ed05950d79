import { api, got, type Schemas } from '../api/client';
import { Resource } from '../base/resource.svelte';

const pause = 30;

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

  /** Reads it soon; what was asked before and is not answered yet no longer counts. */
  soon(told: Schemas['ToRead']) {
    this.told = told;
    clearTimeout(this.timer);
    this.timer = setTimeout(this.asked.load, pause);
  }

  /** Nothing is told any more. */
  clear() {
    this.told = null;
    clearTimeout(this.timer);
    void this.asked.load();
  }
}

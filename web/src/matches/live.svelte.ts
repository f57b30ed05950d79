import * as v from 'valibot';
import { api, got, type Schemas } from '../api/client';
import { drop, keep, kept } from '../base/storage';

type Press = Schemas['Press'];

const press = v.object({
  by: v.picklist(['me', 'partner']),
  for: v.string(),
  how: v.picklist(['scored', 'not-held', 'near']),
  at: v.nullable(v.number()),
});
const state = v.object({
  roll: v.string(),
  opponent: v.string(),
  events: v.array(press),
  /** Seconds that ran before it was last stopped. */
  ran: v.number(),
  /** The moment it was last started, in milliseconds, where it runs. */
  since: v.nullable(v.number()),
});
type State = v.InferOutput<typeof state>;

/** A match as it goes on: what was pressed stands in the browser at once, and is scored by the program as soon as it answers. */
export class Live {
  private readonly place: string;
  private readonly now: State;
  private watch?: number;
  private asked = 0;

  seconds = $state(0);
  score = $state.raw<Schemas['LiveView'] | null>(null);
  /** Why the last press is not in the score yet; empty when it is. */
  failed = $state('');
  saving = $state(false);
  /** It was kept, or let go of, in another tab. */
  gone = $state(false);

  constructor(
    readonly day: string,
    opponent: string,
    readonly minutes: number | null,
  ) {
    this.place = `match ${day}`;
    const before = kept(this.place, state);
    this.now = $state(
      before && (opponent === '' || before.opponent === opponent || before.events.length > 0)
        ? before
        : { roll: crypto.randomUUID(), opponent, events: [], ran: 0, since: null },
    );
    this.tick();
    if (this.running) this.run();
    window.addEventListener('storage', this.elsewhere);
    void this.count();
  }

  // The same match in another tab is the same match.
  private elsewhere = (event: StorageEvent) => {
    if (event.key !== this.place) return;
    const other = kept(this.place, state);
    if (!other) {
      this.gone = true;
      return this.leave();
    }
    Object.assign(this.now, other);
    this.tick();
    if (this.running) this.run();
    else window.clearInterval(this.watch);
    void this.count();
  };

  get opponent() {
    return this.now.opponent;
  }

  set opponent(name: string) {
    this.now.opponent = name;
    this.store();
  }

  get running() {
    return this.now.since !== null;
  }

  get pressed() {
    return this.now.events.length;
  }

  /** Seconds still to go; null where nobody knows how long it lasts. */
  get left() {
    return this.minutes === null ? null : Math.max(0, this.minutes * 60 - this.seconds);
  }

  start = () => {
    this.now.since = Date.now();
    this.run();
    this.store();
  };

  pause = () => {
    this.tick();
    this.now.ran = this.seconds;
    this.now.since = null;
    window.clearInterval(this.watch);
    this.store();
    void this.count();
  };

  press(by: Press['by'], what: Press['for'], how: NonNullable<Press['how']>) {
    const at = this.running || this.seconds > 0 ? Math.floor(this.seconds) : null;
    this.now.events.push({ by, for: what, how, at });
    this.store();
    void this.count();
  }

  undo = () => {
    this.now.events.pop();
    this.store();
    void this.count();
  };

  /** It is over: it goes into the log. The id of the roll, or null where that failed. */
  over = async () => {
    if (this.running) this.pause();
    this.saving = true;
    try {
      const kept = await this.ask(true);
      this.leave();
      drop(this.place);
      return kept.kept ?? null;
    } catch (error) {
      this.failed = (error as Error).message;
      return null;
    } finally {
      this.saving = false;
    }
  };

  /** Lets go of it without keeping anything. */
  discard = () => {
    this.leave();
    drop(this.place);
  };

  leave() {
    window.clearInterval(this.watch);
    window.removeEventListener('storage', this.elsewhere);
  }

  /** Has it scored; also asked for again by hand where nothing answered. */
  count = async () => {
    const mine = ++this.asked;
    try {
      const score = await this.ask(false);
      if (mine !== this.asked) return;
      this.score = score;
      this.failed = '';
    } catch (error) {
      if (mine === this.asked) this.failed = (error as Error).message;
    }
  };

  private ask(keep: boolean) {
    const { roll, opponent, events } = $state.snapshot(this.now) as State;
    const body = {
      roll,
      opponent: opponent.trim() || null,
      events: events.map((e) => ({ ...e, at: e.at ?? undefined })) as Press[],
      elapsed: this.seconds > 0 ? Math.floor(this.seconds) : undefined,
      minutes: this.minutes ?? undefined,
      keep,
    };
    return got(api.POST('/api/matches/{id}/live', { params: { path: { id: this.day } }, body }));
  }

  private run() {
    window.clearInterval(this.watch);
    this.watch = window.setInterval(() => this.tick(), 250);
  }

  private tick() {
    const { since, ran } = this.now;
    this.seconds = since === null ? ran : ran + Math.max(0, (Date.now() - since) / 1000);
  }

  private store() {
    keep(this.place, $state.snapshot(this.now));
  }
}

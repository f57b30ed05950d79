import * as v from 'valibot';
import type { Schemas } from '../api/client';
import { drop, keep, kept } from '../base/storage';

const rest = 60;
const last = 10;

const counted = v.object({ kept: v.number(), lost: v.number() });
const state = v.object({
  round: v.number(),
  resting: v.boolean(),
  /** Seconds left where it stands still. */
  left: v.number(),
  /** The moment it ends, in milliseconds, where it runs. */
  ends: v.nullable(v.number()),
  starts: v.array(v.nullable(counted)),
  checks: v.array(v.array(v.object({ met: v.number(), of: v.number() }))),
});

type State = v.InferOutput<typeof state>;

/** A card on the mat: which round, how long still, and what was counted. It stands in the browser, so that it survives a reload. */
export class Mat {
  private readonly place: string;
  private readonly now: State;
  private seconds = $state(0);
  private watch?: number;
  private audio?: AudioContext;

  constructor(
    block: string,
    readonly session: Schemas['PlannedSession'],
  ) {
    this.place = `mat ${block} ${session.date}`;
    const before = kept(this.place, state);
    this.now = $state(
      before && before.starts.length === session.rounds.length
        ? before
        : {
            round: 0,
            resting: false,
            left: this.lengthOf(0),
            ends: null,
            starts: session.rounds.map(() => null),
            checks: session.rounds.map((r) => r.round.checks.map(() => ({ met: 0, of: 0 }))),
          },
    );
    this.tick();
    if (this.now.ends !== null) this.run();
  }

  get round() {
    return this.now.round;
  }

  get planned() {
    return this.session.rounds[this.now.round];
  }

  get resting() {
    return this.now.resting;
  }

  get running() {
    return this.now.ends !== null;
  }

  get left() {
    return this.seconds;
  }

  /** The last seconds of a round or a rest. */
  get closing() {
    return this.running && this.seconds <= last;
  }

  get starts() {
    return this.now.starts[this.now.round] ?? null;
  }

  set starts(value: v.InferOutput<typeof counted> | null) {
    this.now.starts[this.now.round] = value;
    this.keep();
  }

  get checks() {
    return this.now.checks[this.now.round] ?? [];
  }

  check(index: number, met: boolean) {
    const one = this.checks[index];
    if (!one) return;
    one.of += 1;
    if (met) one.met += 1;
    this.keep();
  }

  uncheck(index: number, met: boolean) {
    const one = this.checks[index];
    if (!one || one.of === 0 || (met ? one.met === 0 : one.met === one.of)) return;
    one.of -= 1;
    if (met) one.met -= 1;
    this.keep();
  }

  start = () => {
    this.audio ??= new AudioContext();
    this.now.ends = Date.now() + this.now.left * 1000;
    this.run();
    this.keep();
  };

  pause = () => {
    this.tick();
    this.now.left = this.seconds;
    this.now.ends = null;
    window.clearInterval(this.watch);
    this.keep();
  };

  go(round: number) {
    if (round < 0 || round >= this.session.rounds.length) return;
    const ran = this.running;
    this.now.round = round;
    this.now.resting = false;
    this.now.left = this.lengthOf(round);
    this.now.ends = ran && this.now.left > 0 ? Date.now() + this.now.left * 1000 : null;
    this.tick();
    this.keep();
  }

  /** What was done, as it is kept: of the day it was done, whatever day it was planned for. */
  done(block: string, today: string): Schemas['DrilledDocument'] {
    return {
      block,
      date: today,
      rounds: this.session.rounds.map(({ focus, round }, i) => ({
        focus,
        rung: round.rung,
        minutes: round.minutes,
        starts: this.now.starts[i] ?? undefined,
        checks: round.checks.flatMap((text, c) => {
          const one = this.now.checks[i]?.[c];
          return one && one.of > 0 ? [{ text, ...one }] : [];
        }),
      })),
    };
  }

  leave() {
    window.clearInterval(this.watch);
    void this.audio?.close();
  }

  clear() {
    this.leave();
    drop(this.place);
  }

  private lengthOf(round: number) {
    return (this.session.rounds[round]?.round.minutes ?? 0) * 60;
  }

  private run() {
    window.clearInterval(this.watch);
    this.watch = window.setInterval(() => this.tick(), 250);
  }

  private tick() {
    if (this.now.ends === null) {
      this.seconds = this.now.left;
      return;
    }
    const before = this.seconds;
    this.seconds = Math.max(0, Math.ceil((this.now.ends - Date.now()) / 1000));
    if (before > last && this.seconds <= last) this.beep(1);
    if (this.seconds === 0) this.next();
  }

  // A round is followed by a rest, and that by the next round; the usual rolls have no length and are not timed.
  private next() {
    this.beep(this.now.resting ? 1 : 3);
    const following = this.now.round + 1;
    if (!this.now.resting && this.lengthOf(following) > 0) {
      this.now.resting = true;
      this.now.left = rest;
    } else {
      this.now.resting = false;
      this.now.round = Math.min(following, this.session.rounds.length - 1);
      this.now.left = this.lengthOf(this.now.round);
    }
    const goesOn = this.now.left > 0;
    this.now.ends = goesOn ? Date.now() + this.now.left * 1000 : null;
    if (!goesOn) window.clearInterval(this.watch);
    this.seconds = this.now.left;
    this.keep();
  }

  private beep(times: number) {
    const audio = this.audio;
    if (!audio) return;
    for (let i = 0; i < times; i++) {
      const tone = audio.createOscillator();
      tone.frequency.value = 880;
      tone.connect(audio.destination);
      tone.start(audio.currentTime + i * 0.35);
      tone.stop(audio.currentTime + i * 0.35 + 0.2);
    }
  }

  private keep() {
    keep(this.place, this.now);
  }
}

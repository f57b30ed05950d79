import * as v from 'valibot';
import { api, got, Trouble, type Schemas } from '../api/client';
import { keep, kept } from '../base/storage';
import { today } from '../base/words';
import { fresh, readDraft, toldIn, type Draft, type Told } from './draft';
import { ownPlace } from './place';

const put = (id: string, body: string | null, keepalive = false) =>
  api.PUT('/api/drafts/{id}', { params: { path: { id } }, body: { body }, keepalive });

const pause = 400;
const again = 2500;
/** What a browser still sends while its page closes. */
const mostAtParting = 60_000;

/** The roll being told: kept on every change, at once in the browser and soon after on the server, under the id the roll will have. */
export class LogDraft {
  now = $state<Draft>(fresh());
  ready = $state(false);
  /** The browser took the last change. */
  inBrowser = $state(true);
  /** The server took the last change, has been asked to, or did not answer. */
  onServer = $state<'yes' | 'asked' | 'no'>('yes');
  /** Where it is kept, as it is. */
  readonly where = $derived(
    this.inBrowser
      ? this.onServer === 'yes'
        ? 'Draft kept.'
        : 'Draft kept in this browser.'
      : { yes: 'Draft kept, though this browser stores nothing.', asked: 'Keeping the draft …', no: '' }[
          this.onServer
        ],
  );
  /** Neither has it: closing the page would lose it. */
  readonly nowhere = $derived(!this.inBrowser && this.onServer !== 'yes' && this.now.text !== '');
  /** The day it is, which a page that stays open has to be told. */
  today = $state(today());
  /** The day of the roll that was told last, where it was another than today. */
  lastDay = $state('');
  private past = $state<Told[]>([]);
  private future = $state<Told[]>([]);
  private timer: ReturnType<typeof setTimeout> | undefined;

  canUndo = $derived(this.past.length > 0 || this.now.text.trim() !== '');
  canRedo = $derived(this.future.length > 0);

  /** Where in this browser; every open tab has a place of its own, so that none overwrites another. */
  place = '';
  /** What the server does not have yet, by its id; null where nothing is told any more. */
  private readonly unsent: Record<string, string | null> = {};
  /** The last id under which the server was given something. */
  private known = '';
  private sending = false;

  /** Takes up what this browser kept of it. */
  async load() {
    this.place = await ownPlace();
    // What cannot be read is left where it is; a new draft starts beside it.
    const draft = readDraft(kept(this.place, v.unknown()));
    if (draft) this.now = draft;
    this.toToday();
    this.ready = true;
  }

  /** Another day has come, and nothing is told yet: the page is for today, as if it had just been opened. */
  toToday() {
    const now = today();
    this.today = now;
    if (this.now.asOf === now || this.now.text.trim() !== '') return;
    Object.assign(this.now, { date: now, asOf: now, energy: '', sore: [] });
  }

  /** The day it was. */
  onDay(date: string) {
    Object.assign(this.now, { date, asOf: today() });
  }

  /** To be called in an effect: keeps whatever changed. */
  keep() {
    const body = JSON.stringify(this.now);
    if (!this.ready) return;
    this.inBrowser = keep(this.place, this.now);
    const told = this.now.text.trim() !== '';
    if (!told && this.known !== this.now.id) return;
    this.known = this.now.id;
    this.unsent[this.now.id] = told ? body : null;
    this.onServer = 'asked';
    this.soon(pause);
  }

  private soon(wait: number) {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.send(), wait);
  }

  // One at a time, so that an earlier form never arrives after a later one.
  private async send() {
    const [first] = Object.entries(this.unsent);
    if (!first || this.sending) return;
    const [id, body] = first;
    this.sending = true;
    let wait = pause;
    try {
      await got(put(id, body));
      if (this.unsent[id] === body) delete this.unsent[id];
    } catch (error) {
      wait = again;
      // What is refused for good does not hold up what comes after it.
      const refused = error instanceof Trouble && error.status >= 400 && error.status < 500;
      if (refused && this.unsent[id] === body) delete this.unsent[id];
    } finally {
      this.sending = false;
    }
    const all = Object.keys(this.unsent).length === 0;
    if (!all) this.soon(wait);
    if (wait === again) this.onServer = 'no';
    else if (all) this.onServer = 'yes';
  }

  /** The page closes: the last change goes out with it. */
  part() {
    for (const [id, body] of Object.entries(this.unsent))
      if ((body?.length ?? 0) < mostAtParting) void got(put(id, body, true)).catch(() => undefined);
  }

  /** The next roll; this one is on its way into the log, and its draft goes when it is there. */
  next(told: Draft) {
    delete this.unsent[told.id];
    this.leave();
    this.now = fresh(told);
    this.lastDay = told.date === this.now.date ? '' : told.date;
  }

  /** Another draft in place of this one, which is empty. */
  takeUp(draft: Draft) {
    this.leave();
    this.now = draft;
  }

  private leave() {
    if (Object.keys(this.unsent).length === 0) this.onServer = 'yes';
    this.past = [];
    this.future = [];
  }

  /** A change by a button, which can be undone; typing has the browser's own undo. */
  change(change: () => void) {
    this.past = [...this.past.slice(-99), this.told()];
    this.future = [];
    change();
  }

  /** Takes the last change by a button back; with none on record, the last line or sentence. */
  undo = () => {
    if (this.past.length > 0) return this.step('past', 'future');
    const told = this.told();
    const shorter = told.text
      .trimEnd()
      .replace(/(^|[.!?\n]\s*)[^.!?\n]*[.!?]?$/, '$1')
      .trimEnd();
    this.future = [...this.future, told];
    this.now.text = shorter;
  };
  redo = () => this.step('future', 'past');

  private step(from: 'past' | 'future', to: 'past' | 'future') {
    const back = this[from].at(-1);
    if (!back) return;
    this[to] = [...this[to], this.told()];
    this[from] = this[from].slice(0, -1);
    Object.assign(this.now, back);
  }

  private told(): Told {
    return $state.snapshot(toldIn(this.now)) as Told;
  }

  /** Puts a notch right; null takes it out. */
  correct(words: string, occurrence: number, notch: Schemas['NotchDocument'] | null) {
    this.change(() => {
      this.now.corrections = [
        ...this.now.corrections.filter((c) => c.words !== words || c.occurrence !== occurrence),
        { words, occurrence, notch },
      ];
    });
  }

  /** Forgets all that was put right; what was typed stays. */
  forget() {
    this.change(() =>
      Object.assign(this.now, { corrections: [], finished: [], cuts: [], taps: [], points: [] }),
    );
  }

  /** Says whom a name in the telling means, wherever it stands; "+" for somebody new. */
  mean(name: string, partner: string) {
    this.change(() => {
      this.now.partners = [
        ...this.now.partners.filter((p) => p.words != null || p.name !== name),
        ...(partner === '+' ? [] : [{ name, partner, occurrence: 0 }]),
      ];
    });
  }

  /** Says whom one roll was with, by where it begins; null takes it back. */
  with(words: string, occurrence: number, partner: string | null) {
    this.change(() => {
      this.now.partners = [
        ...this.now.partners.filter((p) => p.words !== words || p.occurrence !== occurrence),
        ...(partner === null ? [] : [{ name: null, words, occurrence, partner }]),
      ];
    });
  }

  /** Says that words say nothing of the roll as a whole. */
  strike(words: string) {
    this.change(() => (this.now.struck = [...this.now.struck, words]));
  }

  /** Puts a tap in that was not read. */
  finish(roll: number, notch: Schemas['NotchDocument']) {
    this.change(() => (this.now.finished = [...this.now.finished, { roll, notch, occurrence: 0 }]));
  }

  /** Says what words that were not understood mean; without a notch it is taken back. */
  putIn(words: string, occurrence: number, notch: Schemas['NotchDocument'] | null) {
    this.change(() => {
      const others = this.now.finished.filter((f) => f.words !== words || f.occurrence !== occurrence);
      this.now.finished = notch ? [...others, { roll: 0, notch, words, occurrence }] : others;
    });
  }

  /** Takes a tap out: one that was put in goes, one that was read is none. */
  unfinish(tap: Schemas['TapView']) {
    const { added, words, occurrence, without } = tap;
    if (added != null)
      this.change(() => (this.now.finished = this.now.finished.filter((_, i) => i !== added)));
    else if (words != null) this.correct(words, occurrence, without ?? null);
  }

  /** Says that a pair of numbers counts taps, or points. */
  score(pair: string, means: 'taps' | 'points') {
    this.change(() => (this.now[means] = [...this.now[means], pair]));
  }

  /** Says that a roll begins at a sentence, or that none does. */
  cut({ words, occurrence }: Schemas['RollStart'], begins: boolean) {
    this.change(() => {
      this.now.cuts = [
        ...this.now.cuts.filter((c) => c.words !== words || c.occurrence !== occurrence),
        { words, occurrence, begins },
      ];
    });
  }

  /** Adds a line to the telling, as the tap board does. */
  addLine(line: string) {
    this.change(() => {
      const text = this.now.text.trimEnd();
      this.now.text = text === '' ? line : `${text}\n${line}`;
    });
  }
}

import * as v from 'valibot';
import { api, got, type Schemas } from '../api/client';
import { keep, kept } from '../base/storage';
import { fresh, readDraft, type Draft, type Told } from './draft';
import { isFirst, ownPlace } from './place';

function parsed(body: string | null | undefined): unknown {
  try {
    return JSON.parse(body ?? 'null');
  } catch {
    return null;
  }
}

/** The roll being told: kept on every change, at once in the browser and soon after on the server. */
export class LogDraft {
  now = $state<Draft>(fresh());
  kept = $state(true);
  ready = $state(false);
  private past = $state<Told[]>([]);
  private future = $state<Told[]>([]);
  private timer: ReturnType<typeof setTimeout> | undefined;

  canUndo = $derived(this.past.length > 0 || this.now.text.trim() !== '');
  canRedo = $derived(this.future.length > 0);

  /** Where it is kept; every open tab has a place of its own, so that none overwrites another. */
  private place = 'draft';
  /** Its name on the server. */
  get name() {
    return this.beside ? this.place : 'log';
  }
  /** Another tab is telling a roll, and this one has a draft of its own. */
  beside = $state(false);

  /** Takes up what was being told, from this browser or from the server; throws when the server does not answer. */
  async load() {
    this.place = await ownPlace();
    this.beside = !isFirst(this.place);
    const local = kept(this.place, v.unknown());
    try {
      const server = this.beside
        ? { body: null }
        : await got(api.GET('/api/drafts/{id}', { params: { path: { id: 'log' } } }));
      this.restore(local ?? parsed(server.body));
    } catch (error) {
      this.restore(local);
      throw error;
    } finally {
      this.ready = true;
    }
  }

  // A draft that cannot be read is left where it is; a new one starts beside it.
  private restore(kept: unknown) {
    const draft = readDraft(kept);
    if (draft) this.now = draft;
  }

  /** To be called in an effect: keeps whatever changed. */
  keep() {
    const body = JSON.stringify(this.now);
    if (!this.ready) return;
    keep(this.place, this.now);
    this.kept = false;
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.send(body), 400);
  }

  private async send(body: string) {
    try {
      await got(
        api.PUT('/api/drafts/{id}', {
          params: { path: { id: this.name } },
          body: { body },
        }),
      );
      this.kept = true;
    } catch {
      this.kept = false;
    }
  }

  next(told: Draft) {
    this.now = fresh(told);
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
    const { text, corrections, partners } = this.now;
    return $state.snapshot({ text, corrections, partners }) as Told;
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

  /** Says whom a name in the telling means. */
  mean(name: string, partner: string) {
    this.change(() => {
      this.now.partners = [
        ...this.now.partners.filter((p) => p.name !== name),
        ...(partner === '+' ? [] : [{ name, partner }]),
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

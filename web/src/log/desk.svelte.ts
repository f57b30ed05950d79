import { push } from 'svelte-spa-router';
import * as v from 'valibot';
import { api, got, type Schemas } from '../api/client';
import { keys } from '../base/keys';
import { Resource } from '../base/resource.svelte';
import { keep, kept } from '../base/storage';
import { clock, times, today } from '../base/words';
import { captionsIn, isCaptions } from '../film/captions';
import { Film } from '../film/film.svelte';
import { tell } from '../kit/notices';
import { Dictation } from './dictation.svelte';
import { toDraft, toKeep, toldIn, type Draft } from './draft';
import { LogDraft } from './draft.svelte';
import { LeftBehind, type LeftDraft } from './left-behind.svelte';
import { presetMatch } from './match';
import { presetMission } from './mission';
import { deliver, outbox, takeBack, type Waiting } from './outbox.svelte';
import { LiveReading } from './reading.svelte';

const ways = v.picklist(['write', 'tap']);
export type Way = v.InferOutput<typeof ways>;

/** What lies on the desk while rolls are told: the draft, what is read from it, the film, and what can be done with them. */
export class Desk {
  readonly draft = new LogDraft();
  readonly left = new LeftBehind();
  readonly live = new LiveReading();
  readonly film = new Film();
  readonly dictation = new Dictation();
  readonly partners = new Resource(() => got(api.GET('/api/partners')));
  readonly practitioner = new Resource(() => got(api.GET('/api/practitioner')));
  readonly examples = new Resource(() => got(api.GET('/api/examples')));

  /** How one logs belongs to the screen at hand: a thumb on the phone, keys on the laptop. */
  way = $state<Way>(kept('way', ways) ?? 'write');
  faults = $state<Record<string, string[]>>({});
  failed = $state('');

  /** Puts the cursor into the writing line; the page says how. */
  focus: (at?: number) => void = () => {};

  readonly reading = $derived(this.live.now);
  readonly several = $derived((this.reading?.rolls.length ?? 1) > 1);
  readonly list = $derived(this.partners.value ?? []);
  readonly canSave = $derived(
    this.draft.ready && this.draft.now.text.trim() !== '' && this.draft.now.date <= today(),
  );
  /** Something here is neither in the browser nor on the server. */
  readonly wouldBeLost = $derived(this.draft.nowhere || !outbox.safe);

  async open() {
    void this.examples.load();
    await this.draft.load();
    void presetMission(this.draft.now);
    const asked = await presetMatch(this.draft.now);
    const { place, now } = this.draft;
    // Who does not answer is told of by the reading, which asks again by itself.
    const left = this.left.load(place, now.id).catch(() => undefined);
    await Promise.all([this.partners.load(), this.practitioner.load(), left]);
    if (asked) await this.against(asked);
    // Who has taken something up meanwhile (a field, the month, a menu) is left there.
    const at = document.activeElement;
    if (!at || at.matches('body, main, main h1')) this.focus();
  }

  /** To be called in an effect: reads what is told, soon after it changes. */
  read() {
    const { partner, kind } = this.draft.now;
    this.live.soon({
      ...$state.snapshot(toldIn(this.draft.now)),
      partner: partner || null,
      match: kind === 'match',
    });
  }

  /** Sends the roll; whatever is typed from here on is the next one's. */
  save = async () => {
    if (!this.canSave) return;
    this.faults = {};
    this.failed = '';
    this.dictation.stop();
    const told = $state.snapshot(this.draft.now) as Draft;
    const answer = deliver({ id: told.id, body: { ...toKeep(told), draft: told.id } });
    this.draft.next(told);
    this.live.clear();
    this.focus();
    const kept = await answer;
    if (kept === 'waits') return;
    if ('rolls' in kept) {
      this.sayKept(kept, told.id);
      if (kept.newPartners.length > 0) await this.partners.load();
    } else if (this.draft.now.text.trim() === '') this.takeUp(kept);
  };

  /** A name that none of the partners has makes one; what is known of them is told later. */
  meet = async (name: string) => {
    const id = crypto.randomUUID();
    try {
      await got(api.PUT('/api/partners/{id}', { params: { path: { id } }, body: { id, name } }));
      await this.partners.load();
      this.draft.now.partner = id;
      tell({ text: `${name} is among your partners now.` });
    } catch (error) {
      this.failed = (error as Error).message;
    }
  };

  /** Whom a match is told against: a partner of that name, or a new one. */
  private async against(name: string) {
    const known = this.list.find((p) => p.partner.name?.toLowerCase() === name.toLowerCase());
    if (known) this.draft.now.partner = known.partner.id ?? '';
    else await this.meet(name);
  }

  private sayKept({ rolls, newPartners, learned }: Schemas['ToldAndKept'], first: string) {
    const said = [rolls.length === 1 ? 'Saved. The next roll can follow.' : `${rolls.length} rolls saved.`];
    const met = newPartners.map((p) => p.name).join(' and ');
    if (met) said.push(`${met} ${newPartners.length === 1 ? 'is' : 'are'} among your partners now.`);
    const names = learned.map((n) => `“${n.name}”`).join(' and ');
    if (names) said.push(`${names} will be read as you put ${learned.length === 1 ? 'it' : 'them'} right.`);
    tell({
      text: said.join(' '),
      action: { label: 'See it on the rack', run: () => push(`/rack/${encodeURIComponent(first ?? '')}`) },
    });
  }

  /** A refused roll becomes the draft again, with all that was told of it and why it was refused. */
  takeUp = ({ id, body, refused, faults }: Waiting) => {
    this.draft.takeUp(toDraft(id, body, this.draft.now));
    takeBack(id);
    this.failed = refused ?? '';
    this.faults = faults ?? {};
    this.focus();
  };

  /** Goes on with a roll that was half told elsewhere. */
  goOn = (left: LeftDraft) => {
    this.draft.takeUp(this.left.takeUp(left));
    this.focus();
  };

  go = (way: Way) => {
    this.way = way;
    keep('way', way);
  };

  answer = (question: Schemas['QuestionView'], answer: Schemas['AnswerView'] | undefined) =>
    this.draft.correct(question.words, question.occurrence, answer?.notch ?? null);

  /** The film's time, put before what is tapped. */
  stamp = () => {
    const at = this.film.now();
    return at === null ? '' : `[${clock(at)}] `;
  };

  /** Writes the film's time into the telling; what is told next happened then. */
  mark = () => {
    const stamp = this.stamp();
    if (stamp === '') return;
    const text = this.draft.now.text.trimEnd();
    this.draft.change(() => (this.draft.now.text = `${text}${text ? '\n' : ''}${stamp}`));
    this.focus(this.draft.now.text.length);
  };

  takeCaptions = async (captions: string | File) => {
    try {
      const text = typeof captions === 'string' ? captions : await captionsIn(captions);
      const told = await got(api.POST('/api/captions', { body: { text } }));
      const before = this.draft.now.text.trimEnd();
      this.draft.change(() => (this.draft.now.text = before ? `${before}\n${told.text}` : told.text));
      if (told.faults.length > 0)
        tell({
          text: `No word was lost, but ${times(told.faults.length, 'time')} could not be read: ${told.faults[0]}`,
          trouble: true,
        });
      this.focus();
    } catch (error) {
      this.failed = (error as Error).message;
    }
  };

  /** Takes captions that are pasted; false leaves the paste to the line. */
  paste = (pasted: string) => {
    if (!isCaptions(pasted)) return false;
    void this.takeCaptions(pasted);
    return true;
  };

  /** Tells the example, for who wants to see how it is done. */
  tryExample = () => {
    this.draft.now.text = this.examples.value?.roll ?? '';
    this.focus();
  };

  dictate = () => {
    if (this.dictation.playing) return this.dictation.stop();
    this.dictation.play(this.examples.value?.dictated ?? '', (soFar) => (this.draft.now.text = soFar));
  };

  /** Answers a key; false when it is none of the desk's. */
  key(
    event: KeyboardEvent,
    line: { offers: () => boolean } | undefined,
    doubts: { next: () => void } | undefined,
  ) {
    const question = this.reading?.questions[0];
    if (keys.save.is(event)) void this.save();
    else if (keys.takeName.is(event)) return line?.offers() ?? false;
    else if (keys.nextDoubt.is(event)) doubts?.next();
    else if (keys.accept.is(event) && question) this.answer(question, question.answers[0]);
    else if (keys.undo.is(event)) this.draft.undo();
    else if (keys.redo.is(event)) this.draft.redo();
    else if (keys.mark.is(event) && this.film.url) this.mark();
    else return this.film.key(event);
    return true;
  }
}

import { push } from 'svelte-spa-router';
import { api, got, Trouble, type Schemas } from '../api/client';
import { Resource } from '../base/resource.svelte';
import { tell, tellTrouble } from '../kit/notices';

/** Where a notch stands in a roll. */
export interface NotchAt {
  exchange: number;
  notch: number;
}

type RollDocument = Schemas['RollDocument'];

/** One roll that lies open: what it is now, and how it is changed. */
export class OpenRoll {
  readonly asked: Resource<Schemas['RollView']>;

  /**
   * @param id Its id.
   * @param changed Told when it was changed, so that lists show it as it is.
   */
  constructor(
    readonly id: string,
    private readonly changed: () => void,
  ) {
    this.asked = new Resource(() => got(api.GET('/api/rolls/{id}', { params: { path: { id } } })));
    void this.asked.load();
  }

  get view() {
    return this.asked.value;
  }

  notch = ({ exchange, notch }: NotchAt) => this.view?.roll.exchanges?.[exchange]?.notches?.[notch];

  /** The words of the telling that a notch was read from, where it was told. */
  wordsOf(at: NotchAt) {
    const [from, until] = this.notch(at)?.span ?? [];
    return from === undefined ? undefined : this.view?.roll.retelling?.slice(from, until);
  }

  /** Why the last change was not kept; empty when it was. */
  failed = $state('');

  /** Changes a copy of it and keeps that. */
  change(how: (roll: RollDocument) => void, putRight?: NotchAt) {
    if (!this.view) return Promise.resolve(false);
    const roll = structuredClone(this.view.roll);
    how(roll);
    return this.keep(roll, undefined, putRight);
  }

  /** Answers what a notch leaves open; without a notch it goes. */
  answer(at: NotchAt, notch: Schemas['NotchDocument'] | null) {
    return this.change(
      (roll) => roll.exchanges?.[at.exchange]?.notches?.splice(at.notch, 1, ...(notch ? [notch] : [])),
      { exchange: at.exchange, notch: at.notch },
    );
  }

  /** Leaves a notch as it is, and asks no more. */
  waveOff(at: NotchAt) {
    return this.change((roll) => {
      const notch = roll.exchanges?.[at.exchange]?.notches?.[at.notch];
      if (notch) notch.unsure = undefined;
    });
  }

  /** Keeps it, in another session where one is given; false when it was refused, and then nothing was overwritten. */
  keep(roll: RollDocument, session?: Schemas['SessionDocument'], putRight?: NotchAt) {
    const before = this.view?.session;
    return this.trying(async (id, version) => {
      const body = { roll, version, session, putRight };
      this.asked.value = await got(api.PUT('/api/rolls/{id}', { params: { path: { id } }, body }));
      if (session && before)
        tell({
          text: 'Day and session are changed.',
          action: { label: 'Undo', run: () => this.view && this.keep(this.view.roll, before) },
        });
    });
  }

  /** Makes it two rolls; the second begins at a notch. */
  split(at: NotchAt, partner: string) {
    return this.trying(async (id, version) => {
      const body = { ...at, partner: partner || undefined, version };
      const done = await got(api.POST('/api/rolls/{id}/split', { params: { path: { id } }, body }));
      this.asked.value = done.first;
      const undo = { label: 'Undo', run: () => this.join(done.second) };
      tell({ text: 'It is two rolls now. The second hangs right after it.', action: undo });
    });
  }

  /** Makes it one roll with another, whose notches come after its own. */
  join(other: string) {
    return this.trying(async (id, version) => {
      const body = { other, version };
      // The form it has now will be the newest of the earlier ones.
      const form = this.view?.forms ?? 0;
      this.asked.value = await got(api.POST('/api/rolls/{id}/join', { params: { path: { id } }, body }));
      const undo = { label: 'Undo', run: () => this.unjoin(other, form) };
      tell({ text: 'They are one roll now.', action: undo });
    });
  }

  private unjoin(other: string, form: number) {
    return this.trying(async (id) => {
      const path = { id, number: form };
      await got(api.POST('/api/rolls/{id}/history/{number}/restore', { params: { path } }));
      await got(api.POST('/api/rolls/{id}/restore', { params: { path: { id: other } } }));
      await this.asked.load();
    });
  }

  /** Somebody else had changed it when the last change was tried; it is shown as it is now. */
  changedElsewhere = $state(false);

  // What was refused is said, and what somebody else changed is shown.
  private async trying(run: (id: string, version: number) => Promise<void>) {
    if (!this.view) return false;
    this.failed = '';
    this.changedElsewhere = false;
    try {
      await run(this.id, this.view.version);
      this.changed();
      return true;
    } catch (error) {
      this.failed = error instanceof Error ? error.message : 'That did not work; nothing was changed.';
      if (error instanceof Trouble && error.status === 409) {
        await this.asked.load();
        this.changedElsewhere = true;
      }
      return false;
    }
  }

  /** Deletes it. The undo outlives the page, and with it what the page was given. */
  remove = async () => {
    try {
      await got(api.DELETE('/api/rolls/{id}', { params: { path: { id: this.id } } }));
      tell({ text: 'The roll is deleted.', action: { label: 'Undo', run: this.restore } });
      await push('/rack');
      this.changed();
    } catch (error) {
      tellTrouble(error);
    }
  };

  private restore = async () => {
    try {
      await got(api.POST('/api/rolls/{id}/restore', { params: { path: { id: this.id } } }));
      await push(`/rack/${encodeURIComponent(this.id)}`);
      this.changed();
    } catch (error) {
      tellTrouble(error);
    }
  };
}

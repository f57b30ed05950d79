import * as v from 'valibot';
import { api, got } from '../api/client';
import { drop, kept } from '../base/storage';
import { tell, tellTrouble } from '../kit/notices';
import { readDraft, type Draft } from './draft';
import { otherPlaces } from './place';

/** A roll that was being told elsewhere: in another browser, in a tab that was closed. */
export interface LeftDraft {
  draft: Draft;
  /** When it was last written to, where that is known. */
  at: string | null;
  /** Where in this browser it lies, if it does. */
  place: string | null;
}

function parsed(body: string | null | undefined) {
  try {
    return readDraft(JSON.parse(body ?? 'null'));
  } catch {
    return null;
  }
}

/** Drafts that nobody at this browser is writing, to be gone on with or thrown away. */
export class LeftBehind {
  drafts = $state<LeftDraft[]>([]);

  /** Looks for them; throws when the server does not answer, with those of this browser found nevertheless. */
  async load(own: string, ownId: string) {
    const here = (await otherPlaces(own)).map(({ place, open }) => ({
      place,
      open,
      draft: readDraft(kept(place, v.unknown())),
    }));
    const open = [ownId, ...here.filter((h) => h.open).map((h) => h.draft?.id)];
    const mine = here.flatMap(({ place, draft }) => (draft ? [{ place, draft, at: null }] : []));
    const show = (all: LeftDraft[]) =>
      (this.drafts = all.filter(
        ({ draft }, i) =>
          draft.text.trim() !== '' &&
          !open.includes(draft.id) &&
          all.findIndex((o) => o.draft.id === draft.id) === i,
      ));
    show(mine);
    const there = await got(api.GET('/api/drafts'));
    show([
      ...mine,
      ...there.flatMap(({ body, at }) => {
        const draft = parsed(body);
        return draft ? [{ draft, at, place: null }] : [];
      }),
    ]);
  }

  /** The draft, to be told on under an id of its own: who has it open elsewhere saves another roll, never over this one. */
  takeUp(left: LeftDraft): Draft {
    void this.forget(left).catch(() => undefined);
    return { ...$state.snapshot(left.draft), id: crypto.randomUUID() } as Draft;
  }

  /** Throws it away; it can be taken back. */
  throwAway = async (left: LeftDraft) => {
    try {
      await this.forget(left);
      tell({
        text: 'Thrown away.',
        action: {
          label: 'Undo',
          run: async () => {
            await keepDraft(left.draft.id, JSON.stringify(left.draft));
            this.drafts = [...this.drafts, { ...left, place: null }];
          },
        },
      });
    } catch (error) {
      tellTrouble(error);
    }
  };

  private async forget(left: LeftDraft) {
    await keepDraft(left.draft.id, null);
    if (left.place) drop(left.place);
    this.drafts = this.drafts.filter((d) => d.draft.id !== left.draft.id);
  }
}

const keepDraft = (id: string, body: string | null) =>
  got(api.PUT('/api/drafts/{id}', { params: { path: { id } }, body: { body } }));

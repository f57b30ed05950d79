import { api, got, type Schemas } from '../api/client';
import { tell, tellTrouble } from '../kit/notices';

type Item = Schemas['ImportItem'];

/** A file that is to come in: what it would change, what is decided about it, and what was taken in before. */
export class ImportDesk {
  look = $state<Schemas['ImportView'] | null>(null);
  name = $state('');
  failed = $state('');
  working = $state(false);
  /** The other way than the plan has it, by key. */
  turned = $state<Record<string, boolean>>({});
  taken = $state<Schemas['Import'][]>([]);

  readonly open = $derived(this.look?.items.filter((i) => i.open) ?? []);
  readonly nothing = $derived(this.look !== null && this.look.items.length === 0 && this.look.focuses === 0);

  takes = (item: Item) => item.taken !== (this.turned[item.key] ?? false);
  turn = (item: Item, takes: boolean) => (this.turned[item.key] = takes !== item.taken);

  load = async () => {
    try {
      this.taken = await got(api.GET('/api/imports'));
    } catch {
      // The page says already that nothing answers.
    }
  };

  /** Looks at a file; nothing is changed. */
  choose = async (file: File) => {
    this.leave();
    this.working = true;
    this.name = file.name;
    try {
      // The file goes as it is: it is JSON already.
      this.look = await got(
        api.POST('/api/import/look', {
          body: file as unknown as string,
          bodySerializer: (body) => body as unknown as BodyInit,
          headers: { 'Content-Type': 'application/json' },
        }),
      );
    } catch (error) {
      this.failed = (error as Error).message;
    } finally {
      this.working = false;
    }
  };

  leave = () => {
    this.look = null;
    this.failed = '';
    this.turned = {};
  };

  take = async () => {
    const look = this.look;
    if (!look) return;
    this.working = true;
    this.failed = '';
    const chosen = (takes: boolean) =>
      this.open.filter((i) => this.turned[i.key] && this.takes(i) === takes).map((i) => i.key);
    try {
      const done = await got(
        api.POST('/api/import', {
          body: {
            file: look.file,
            version: look.version,
            theirs: false,
            take: chosen(true),
            leave: chosen(false),
          },
        }),
      );
      this.leave();
      const made = done.import;
      if (!made) tell({ text: 'Nothing was to be changed.' });
      else
        tell({
          text: `Taken in: ${made.summary}.`,
          action: { label: 'Take it back', run: () => this.undo(made.key) },
        });
      await this.load();
    } catch (error) {
      this.failed = (error as Error).message;
    } finally {
      this.working = false;
    }
  };

  /** What would stay is said first; then it is taken back as far as it goes. */
  undo = async (key: number) => {
    try {
      const params = { path: { import: key } };
      const { stays, why } = await got(api.GET('/api/imports/{import}/stays', { params }));
      if (stays === 0) await this.takeBack(key);
      else
        tell({
          text: `${stays} of it would stay: ${why[0]}${stays > 1 ? ', and so on' : ''}.`,
          action: { label: 'Take the rest back', run: () => this.takeBack(key) },
        });
    } catch (error) {
      tellTrouble(error);
    }
  };

  private takeBack = async (key: number) => {
    try {
      const { stays } = await got(
        api.POST('/api/imports/{import}/undo', { params: { path: { import: key } } }),
      );
      tell({
        text: stays === 0 ? 'Taken back as a whole.' : `Taken back; ${stays} of it stay as they are.`,
      });
      await this.load();
    } catch (error) {
      tellTrouble(error);
    }
  };
}

<!-- What stands around the notches of a roll, to be changed: with whom, how hard, the mission ticked, takeaways, notes. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { plain } from '../base/words';
  import Combo from '../kit/Combo.svelte';
  import Differs from '../kit/Differs.svelte';
  import Modal from '../kit/Modal.svelte';
  import Toggle from '../kit/Toggle.svelte';
  import { mayCount } from '../parts/starts';
  import Starts from '../parts/Starts.svelte';
  import Terms from '../parts/Terms.svelte';
  import { need, partnerChoices, terms } from '../parts/trade.svelte';
  import SessionOfRoll from './SessionOfRoll.svelte';

  let {
    view,
    failed,
    onsave,
    onclose,
  }: {
    view: Schemas['RollView'];
    /** Why it could not be kept; what was changed stays here until it is. */
    failed: string;
    onsave: (changed: Schemas['RollDocument'], session?: Schemas['SessionDocument']) => void;
    onclose: () => void;
  } = $props();

  // The open form writes a takeaway that is tied to no notch as plain text.
  type Takeaway = string | { text: string; exchange?: number; notch?: number };
  const textOf = (takeaway: Takeaway) => (typeof takeaway === 'string' ? takeaway : takeaway.text);

  need(terms);
  const partners = resource(() => got(api.GET('/api/partners')));

  // What this form holds of a roll.
  const headOf = ({ roll, session }: Schemas['RollView']) => ({
    partner: roll.partner ?? '',
    kind: roll.kind ?? ('' as const),
    intensity: roll.intensity ?? ('' as const),
    partnerIntensity: roll.partnerIntensity ?? ('' as const),
    minutes: roll.minutes ?? null,
    starts: roll.starts ? { kept: roll.starts.kept ?? 0, lost: roll.starts.lost ?? 0 } : null,
    partial: roll.partial ?? [],
    mission: roll.mission?.text ?? '',
    checks: [0, 1, 2].map((i) => ({
      ...roll.mission?.checks?.[i],
      text: roll.mission?.checks?.[i]?.text ?? '',
      done: roll.mission?.checks?.[i]?.done ?? false,
    })),
    intent: roll.intent ?? ('' as const),
    missed: (roll.missed ?? []).map((m) => m.text).join('\n'),
    taught: (session.taught ?? []).map((t) => t.text).join('\n'),
    takeaways: ((roll.takeaways ?? []) as Takeaway[]).map(textOf).join('\n'),
    notes: roll.notes ?? '',
    date: session.date ?? '',
    session: session.kind ?? ('' as const),
    attire: session.attire ?? ('' as const),
    alone: false,
  });
  // svelte-ignore state_referenced_locally
  const opened = view;
  const base = headOf(opened);
  let edited = $state(headOf(opened));
  // Somebody else changed the roll since: as it stands now.
  const theirs = $derived(view.version === opened.version ? null : headOf(view));
  const labels = {
    partner: 'Partner',
    minutes: 'Minutes',
    kind: 'Kind',
    intensity: 'I went',
    partnerIntensity: 'They went',
    intent: 'Meant',
    starts: 'Starts',
    date: 'Day',
    session: 'Session',
    attire: 'Attire',
    mission: 'Mission',
    checks: 'Checks',
    takeaways: 'Takeaways',
    missed: 'Missed chances',
    taught: 'Taught that day',
    notes: 'Notes',
    partial: 'Left out',
  } as const;

  function inWords(field: keyof typeof base, value: unknown) {
    if (field === 'partner')
      return partnerChoices(partners.value ?? []).find((p) => p.value === value)?.label ?? 'someone';
    if (field === 'starts')
      return value
        ? `${(value as { kept: number }).kept} kept, ${(value as { lost: number }).lost} lost`
        : 'nothing';
    if (field === 'checks')
      return (
        (value as { text: string; done: boolean }[])
          .filter((c) => c.text)
          .map((c) => `${c.text}${c.done ? ' (kept)' : ''}`)
          .join(', ') || 'nothing'
      );
    return Array.isArray(value)
      ? value.map((v) => plain(String(v))).join(', ') || 'nothing'
      : String(value ?? '') || 'nothing';
  }

  // Where it is moved to; nothing where it stays.
  function moved(): Schemas['SessionDocument'] | undefined {
    const { session } = view;
    const [date, kind, attire] = [
      edited.date.trim(),
      edited.session || undefined,
      edited.attire || undefined,
    ];
    const taught = lines(edited.taught).map(
      (text) => session.taught?.find((t) => t.text === text) ?? { text },
    );
    const sameDay = date === (session.date ?? '') && kind === session.kind && attire === session.attire;
    const sameTaught =
      lines(edited.taught).join('\n') === (session.taught ?? []).map((t) => t.text).join('\n');
    if (sameDay && sameTaught) return;
    return edited.alone && !sameDay ? { date, kind, attire } : { ...session, date, kind, attire, taught };
  }

  type Partial = NonNullable<Schemas['RollDocument']['partial']>[number];

  function leaveOut(part: Partial, out: boolean) {
    edited.partial = out ? [...edited.partial, part] : edited.partial.filter((p) => p !== part);
  }

  const lines = (written: string) =>
    written
      .split('\n')
      .map((t) => t.trim())
      .filter(Boolean);

  function save(event: SubmitEvent) {
    event.preventDefault();
    // What this form does not hold stays as it is now, whoever changed it.
    const { roll } = view;
    const before = (roll.takeaways ?? []) as Takeaway[];
    const changed = {
      ...roll,
      partner: edited.partner || undefined,
      // Another partner has another belt and weight.
      ...(edited.partner === (roll.partner ?? '')
        ? {}
        : {
            partnerBelt: undefined,
            partnerStripes: undefined,
            partnerWeightKg: undefined,
            partnerSize: undefined,
          }),
      kind: edited.kind || undefined,
      intensity: edited.intensity || undefined,
      partnerIntensity: edited.partnerIntensity || undefined,
      minutes: edited.minutes ?? undefined,
      starts: (mayCount(edited) && edited.starts) || undefined,
      partial: edited.partial,
      mission: edited.mission.trim()
        ? { text: edited.mission.trim(), checks: edited.checks.filter((c) => c.text.trim()) }
        : undefined,
      // A takeaway that stays as it was keeps its notch.
      intent: edited.intent || undefined,
      missed: lines(edited.missed).map((text) => roll.missed?.find((m) => m.text === text) ?? { text }),
      takeaways: lines(edited.takeaways).map((text) => before.find((t) => textOf(t) === text) ?? text),
      notes: edited.notes || undefined,
    };
    onsave(changed, moved());
  }
</script>

<Modal title="About this roll" {onclose}>
  <form onsubmit={save}>
    <div class="my-4 grid grid-cols-2 gap-3 min-[701px]:grid-cols-3">
      <div class="col-span-2">
        <Combo
          label="Partner"
          value={edited.partner}
          choices={partnerChoices(partners.value ?? [])}
          none="someone"
          onchoose={(partner) => (edited.partner = partner)}
        />
      </div>
      <label class="field"
        ><span>Minutes</span><input
          type="number"
          min="0"
          max="180"
          step="0.5"
          bind:value={edited.minutes}
        /></label
      >
      <Terms label="Kind" of="rollKinds" none="not said" bind:value={edited.kind} />
      <Terms label="I went" of="intensities" none="not said" bind:value={edited.intensity} />
      <Terms label="They went" of="intensities" none="not said" bind:value={edited.partnerIntensity} />
      <Terms label="Meant" of="intents" none="not said" bind:value={edited.intent} />
      {#if mayCount(edited)}
        <div class="col-span-full"><Starts bind:starts={edited.starts} /></div>
      {/if}
      <SessionOfRoll
        bind:date={edited.date}
        bind:kind={edited.session}
        bind:attire={edited.attire}
        bind:alone={edited.alone}
        rolls={view.ofSession}
      />
      <label class="field col-span-full"
        ><span>Mission</span><input bind:value={edited.mission} maxlength="200" /></label
      >
      {#each edited.checks as check, i (i)}
        <div class="col-span-full flex items-center gap-2.5">
          <Toggle
            label="Kept check {i + 1}"
            hideLabel
            checked={check.done}
            disabled={!check.text.trim()}
            onchange={(done) => (check.done = done)}
          />
          <label class="field flex-1"
            ><span class="sr-only">Check {i + 1}</span><input
              bind:value={check.text}
              maxlength="200"
              placeholder="Check {i + 1}"
            /></label
          >
        </div>
      {/each}
      <label class="field col-span-full"
        ><span>Takeaways, one a line</span><textarea rows="2" bind:value={edited.takeaways}></textarea></label
      >
      <label class="field col-span-full"
        ><span>Missed chances, one a line</span><textarea rows="2" bind:value={edited.missed}
        ></textarea></label
      >
      <label class="field col-span-full"
        ><span>Taught that day, one a line</span><textarea rows="2" bind:value={edited.taught}
        ></textarea></label
      >
      <label class="field col-span-full"
        ><span>Notes</span><textarea rows="2" bind:value={edited.notes}></textarea></label
      >
      {#each terms.value?.partials ?? [] as part (part.id)}
        <div class="col-span-full first-letter:uppercase">
          <Toggle
            label={`${part.say[0]?.toUpperCase()}${part.say.slice(1)}`}
            checked={edited.partial.includes(part.id as Partial)}
            onchange={(out) => leaveOut(part.id as Partial, out)}
          />
        </div>
      {/each}
    </div>
    {#if theirs}
      {#key view.version}
        <Differs
          {base}
          mine={edited}
          {theirs}
          {labels}
          say={inWords}
          onchoose={(field, value) => (edited = { ...edited, [field]: value })}
        />
      {/key}
    {:else if failed}<p class="fault mb-4" role="alert">{failed}</p>{/if}
    <div class="closing">
      <button class="do" type="submit">Keep</button>
      <button class="may" type="button" onclick={onclose}>Leave as it was</button>
    </div>
  </form>
</Modal>

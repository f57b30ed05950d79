import { api, got, type Schemas } from '../api/client';
import { Resource } from '../base/resource.svelte';
import type { Choice } from '../kit/Combo.svelte';

/** What there is to choose from, asked for once and only where it is needed. */
export const vocabulary = new Resource(() => got(api.GET('/api/vocabulary')));
export const terms = new Resource(() => got(api.GET('/api/terms')));

const asked = new WeakSet<Resource<unknown>>();

/** Asks for them unless somebody has; what failed is asked for again. */
export function need(...resources: Resource<unknown>[]) {
  for (const one of resources) {
    if (asked.has(one) && !one.failed) continue;
    asked.add(one);
    void one.load();
  }
}

/** The moves to choose from. */
export const moveChoices = (): Choice[] =>
  (vocabulary.value?.moves ?? []).map((m) => ({ value: m.id, label: m.name, also: m.aliases }));

/** The submissions to choose from. */
export const submissionChoices = (): Choice[] =>
  (vocabulary.value?.moves ?? [])
    .filter((m) => m.kind === 'submission')
    .map((m) => ({ value: m.id, label: m.name, also: m.aliases }));

/** The places to choose from, as seen by the one who keeps the log. */
export const placeChoices = (): Choice[] =>
  (vocabulary.value?.places ?? []).map((p) => ({ value: p.id, label: p.say, also: p.aliases }));

/** The partners to choose from. */
export const partnerChoices = (partners: readonly Schemas['PartnerView'][], withBelt = false): Choice[] =>
  partners.map(({ partner: p }) => ({
    value: p.id ?? '',
    label: `${p.name}${withBelt && p.belt ? `, ${p.belt}` : ''}`,
    also: p.alsoCalled ?? [],
  }));

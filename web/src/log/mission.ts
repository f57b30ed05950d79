import { api, got } from '../api/client';
import type { Draft } from './draft';

/** What the plan sets out for the rolls of a day becomes the mission of a draft that has none. */
export async function presetMission(draft: Draft) {
  if (draft.mission.text.trim() !== '' || draft.text.trim() !== '') return;
  const plan = await got(api.GET('/api/plan')).catch(() => null);
  const live = plan?.sessions.find((session) => session.date === draft.date)?.mission;
  if (!live || draft.mission.text.trim() !== '') return;
  draft.mission.text = live.say.slice(0, 200);
  draft.mission.checks = draft.mission.checks.map((check, i) => ({
    ...check,
    text: live.checks[i] ?? check.text,
  }));
}

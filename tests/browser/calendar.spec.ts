import ICAL from 'ical.js';
import { expect, test } from './fixtures';
import type { App } from './app';

let app: App;
test.beforeAll(async ({ demo }) => {
  app = await demo();
});

test('the plan goes out as a calendar that another parser reads, the same ids each time', async () => {
  const send = (path: string, method: string, body: unknown) =>
    fetch(`${app.url}${path}`, {
      method,
      headers: { 'content-type': 'application/json', origin: app.url },
      body: JSON.stringify(body),
    });
  const days = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'].map((day) => ({
    day,
    drilling: 10,
    positional: 10,
    time: '18:30',
  }));
  await send('/api/plan/week', 'PUT', { days });
  // Six weeks in every direction of the year cross a change of the clocks somewhere; half past six it stays.
  expect((await send('/api/plan/blocks', 'POST', { set: 0, weeks: 6 })).ok).toBe(true);
  const read = async () => {
    const answer = await fetch(`${app.url}/api/plan/calendar`);
    expect(answer.headers.get('content-type')).toContain('text/calendar');
    return new ICAL.Component(ICAL.parse(await answer.text()) as unknown[])
      .getAllSubcomponents('vevent')
      .map((one) => new ICAL.Event(one));
  };
  const events = await read();
  expect(events).toHaveLength(42);
  for (const event of events) {
    expect([event.startDate.hour, event.startDate.minute]).toEqual([18, 30]);
    expect(event.startDate.zone.tzid).toBe('floating');
    expect(event.duration.toSeconds()).toBe(20 * 60);
    expect(event.description).toContain('In live rolls');
  }
  expect(new Set(events.map((e) => e.startDate.toString())).size).toBe(42);
  expect((await read()).map((e) => e.uid)).toEqual(events.map((e) => e.uid));
});

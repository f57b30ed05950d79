/** One short message at a time, with something to do about it. */
export interface Notice {
  text: string;
  trouble?: boolean;
  action?: { label: string; run: () => void };
}

export const notice = $state<{ now: Notice | null }>({ now: null });

let timer: ReturnType<typeof setTimeout> | undefined;

export function tell(next: Notice) {
  notice.now = next;
  clearTimeout(timer);
  if (!next.trouble) timer = setTimeout(() => (notice.now = null), next.action ? 12000 : 5000);
}

export const tellTrouble = (error: unknown) =>
  tell({
    text: error instanceof Error ? error.message : 'That did not work; nothing was changed.',
    trouble: true,
  });

import { createToaster } from '@skeletonlabs/skeleton-svelte';

/** One short message, with something to do about it. */
export interface Notice {
  text: string;
  trouble?: boolean;
  /** It is about what was left for the page that is opened now, and stays there. */
  onward?: boolean;
  action?: { label: string; run: () => unknown };
}

/** Where messages are shown: one at a time, at the foot of the page. */
export const toaster = createToaster({ placement: 'bottom', max: 1, overlap: false });

const brief = 5000;
const withUndo = 12000;

/** Says something; what went wrong stays until it is closed. */
export function tell({ text, trouble, onward, action }: Notice) {
  toaster.dismiss();
  toaster.create({
    title: text,
    type: trouble ? 'error' : 'info',
    duration: trouble ? Infinity : action ? withUndo : brief,
    action: action && { label: action.label, onClick: () => void action.run() },
    meta: { onward },
  });
}

export const tellTrouble = (error: unknown) =>
  tell({
    text: error instanceof Error ? error.message : 'That did not work; nothing was changed.',
    trouble: true,
  });

/** A message goes when one leaves the page it belongs to, unless it offers a way back or led on. */
export function leavePage() {
  for (const { id, action, meta } of toaster.getVisibleToasts())
    if (!action && !meta?.onward) toaster.dismiss(id);
}

import * as v from 'valibot';
import { keep, kept } from './storage';

/** Light, dark, or as the system is. Kept in the browser: it belongs to the screen, not to the log. */
const modes = v.picklist(['system', 'light', 'dark']);
export type Mode = v.InferOutput<typeof modes>;

const dark = window.matchMedia('(prefers-color-scheme: dark)');

export const mode = $state<{ value: Mode }>({ value: kept('mode', modes) ?? 'system' });

function show() {
  const night = mode.value === 'dark' || (mode.value === 'system' && dark.matches);
  document.documentElement.dataset.mode = night ? 'dark' : 'light';
}

export function chooseMode(value: Mode) {
  mode.value = value;
  keep('mode', value);
  show();
}

export function useMode() {
  dark.addEventListener('change', show);
  show();
}

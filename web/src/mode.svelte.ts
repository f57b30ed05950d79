/** Light, dark, or as the system is. Kept in the browser: it belongs to the screen, not to the log. */
export type Mode = 'system' | 'light' | 'dark';

const dark = window.matchMedia('(prefers-color-scheme: dark)');
const kept = localStorage.getItem('mode');

export const mode = $state<{ value: Mode }>({ value: kept === 'light' || kept === 'dark' ? kept : 'system' });

function show() {
  const night = mode.value === 'dark' || (mode.value === 'system' && dark.matches);
  document.documentElement.dataset.mode = night ? 'dark' : 'light';
}

export function chooseMode(value: Mode) {
  mode.value = value;
  localStorage.setItem('mode', value);
  show();
}

export function useMode() {
  dark.addEventListener('change', show);
  show();
}

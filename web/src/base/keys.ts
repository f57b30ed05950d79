/** The keys of the application: one table that drives what they do, the list of them, and what stands beside a button. */
export interface Key {
  /** As it is shown, such as Alt+M. */
  show: string;
  /** What it does, in a few words. */
  does: string;
  /** Whether an event is this key. */
  is: (event: KeyboardEvent) => boolean;
}

const plain = (e: KeyboardEvent) => !e.ctrlKey && !e.metaKey && !e.altKey;
const command = (e: KeyboardEvent) => (e.ctrlKey || e.metaKey) && !e.altKey;
const alt = (e: KeyboardEvent) => e.altKey && !e.ctrlKey && !e.metaKey;

const key = (show: string, does: string, is: (e: KeyboardEvent) => boolean): Key => ({ show, does, is });

export const keys = {
  log: key('l', 'Log a roll', (e) => plain(e) && e.key === 'l'),
  find: key('/', 'Find', (e) => plain(e) && e.key === '/'),
  save: key('Ctrl+Enter', 'Save what is told', (e) => command(e) && e.key === 'Enter'),
  takeName: key('Ctrl+Space', 'Take the name offered', (e) => command(e) && e.key === ' '),
  nextDoubt: key('Alt+↓', 'Next doubt', (e) => alt(e) && e.key === 'ArrowDown'),
  accept: key('Alt+Enter', 'Accept the first answer', (e) => alt(e) && e.key === 'Enter'),
  undo: key('Alt+Z', 'Undo what was put right or tapped', (e) => alt(e) && !e.shiftKey && e.code === 'KeyZ'),
  redo: key('Alt+Shift+Z', 'Redo it', (e) => alt(e) && e.shiftKey && e.code === 'KeyZ'),
  play: key('Alt+P', 'Film: play or pause', (e) => alt(e) && e.code === 'KeyP'),
  slow: key('Alt+S', 'Film: half speed', (e) => alt(e) && e.code === 'KeyS'),
  back: key('Alt+,', 'Film: a second back', (e) => alt(e) && !e.shiftKey && e.code === 'Comma'),
  on: key('Alt+.', 'Film: a second on', (e) => alt(e) && !e.shiftKey && e.code === 'Period'),
  farBack: key('Alt+Shift+,', 'Film: five seconds back', (e) => alt(e) && e.shiftKey && e.code === 'Comma'),
  farOn: key('Alt+Shift+.', 'Film: five seconds on', (e) => alt(e) && e.shiftKey && e.code === 'Period'),
  mark: key('Alt+M', 'Film: mark a notch here', (e) => alt(e) && e.code === 'KeyM'),
  escape: key('Esc', 'Back', (e) => e.key === 'Escape'),
  help: key('?', 'This list', (e) => plain(e) && e.key === '?'),
} as const;

/** Whether one is writing, so that plain letters belong to the line. */
export const isWriting = (event: KeyboardEvent) =>
  (event.target as HTMLElement).matches(
    'input:not([type=checkbox]):not([type=radio]), textarea, select, [contenteditable]',
  );

/** Which of the first nine keys was pressed, from 1; 0 when none was. */
export const digitOf = (event: KeyboardEvent) =>
  plain(event) && /^[1-9]$/.test(event.key) ? Number(event.key) : 0;

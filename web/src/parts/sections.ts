/** The sections in the order of the rail and of the keys 1 to 6. */
export const sections = [
  { path: '/', name: 'Today' },
  { path: '/log', name: 'Log' },
  { path: '/rack', name: 'Rack' },
  { path: '/weak-spots', name: 'Weak spots' },
  { path: '/partners', name: 'Partners' },
  { path: '/settings', name: 'Settings' },
] as const;

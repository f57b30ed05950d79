/** The sections in the order of the rail and of the number keys. On a phone the first five stand in the rail, the others behind its last place. */
export const sections = [
  { path: '/', name: 'Today' },
  { path: '/log', name: 'Log' },
  { path: '/rack', name: 'Rack' },
  { path: '/weak-spots', name: 'Weak spots' },
  { path: '/plan', name: 'Plan' },
  { path: '/matches', name: 'Matches' },
  { path: '/partners', name: 'Partners' },
  { path: '/settings', name: 'Settings' },
] as const;

/** How many sections stand in the rail of a phone beside the place that opens the rest. */
export const inReach = 5;

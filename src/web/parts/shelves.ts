/** The shelves that are built, with the letter that opens each after G. */
export const SHELVES = [
  { key: 't', label: 'Today', to: '/' },
  { key: 'w', label: 'Week', to: '/week' },
  { key: 'g', label: 'Games', to: '/games' },
  { key: 'c', label: 'Classes', to: '/classes' },
  { key: 'r', label: 'Rooms', to: '/rooms' },
  { key: 'u', label: 'Gear closet', to: '/cupboard' },
  { key: 'l', label: 'Logbook', to: '/logbook' },
  { key: 's', label: 'Settings', to: '/settings' },
] as const;

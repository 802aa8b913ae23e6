export const deskTabs = [
  { path: '/desk', name: 'Cases' },
  { path: '/desk/looking-back', name: 'Looking back' },
  { path: '/desk/trade-up', name: 'Trade-up' },
  { path: '/desk/links', name: 'Shared cards' },
] as const

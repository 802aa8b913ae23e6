/** The demo's people; shown on the sign-in page while the shop runs on the demo. */
export const demoAccounts = [
  { id: 'maren', name: 'Maren Tolvik', role: 'lead', password: 'tide-and-thimble' },
  { id: 'osk', name: 'Osk Brandal', role: 'desk', password: 'answer-the-phone' },
  { id: 'guest', name: 'Guest', role: 'viewer', password: 'only-looking' },
] as const

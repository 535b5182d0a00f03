/** The views of the house. `ofPiece`: it opens on the piece in hand. */
export const PAGES = [
  { href: '/', name: 'Bench', ofPiece: true },
  { href: '/pieces', name: 'Pieces' },
  { href: '/compare', name: 'Compare', ofPiece: true },
  { href: '/measure', name: 'Measure', ofPiece: true },
  { href: '/tuner', name: 'Tuner' },
  { href: '/setup', name: 'Set up' },
  { href: '/costs', name: 'Costs' },
] as const satisfies readonly { readonly href: string; readonly name: string; readonly ofPiece?: boolean }[];

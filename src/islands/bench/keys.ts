/** Every key of the bench and what it does: shown in the sheet of keys, handled in `use-bench-keys`. */
export const KEYS = [
  { keys: '← →', does: 'the note before, the note after' },
  { keys: '↑ ↓', does: 'the same note on the next higher, lower string' },
  { keys: '0 1 2 3 4', does: 'fix the finger of the selected note' },
  { keys: 'T', does: 'fix the thumb, in thumb position' },
  { keys: 'L', does: 'fix the note as it is, or let it go' },
  { keys: 'S', does: 'the next shift' },
  { keys: 'Z, Shift Z', does: 'undo, redo' },
] as const;

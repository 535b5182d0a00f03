import { create } from 'zustand';

/** A dialog that may be open over the bench. */
export type OpenDialog = 'keys' | 'commands';

interface OpenDialogs {
  readonly open: OpenDialog | null;
  readonly show: (dialog: OpenDialog | null) => void;
}

/** Gives the dialog that is open over the bench, for buttons and keys alike. */
export const useOpenDialogs = create<OpenDialogs>()((set) => ({ open: null, show: (open) => set({ open }) }));

import { create } from 'zustand';

/** What may stand open over the bench. */
export type OpenSheet = 'keys' | 'commands';

interface OpenSheets {
  readonly open: OpenSheet | null;
  readonly show: (sheet: OpenSheet | null) => void;
}

/** Which sheet stands open over the bench, for buttons and keys alike. */
export const useOpenSheets = create<OpenSheets>()((set) => ({ open: null, show: (open) => set({ open }) }));

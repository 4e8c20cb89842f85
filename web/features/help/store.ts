/** Whether the help is open, and where the first walk through the kitchen stands. Of the person, so kept with the browser. */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface HelpState {
  open: boolean;
  setOpen: (open: boolean) => void;
}
export const useHelp = create<HelpState>()((set) => ({ open: false, setOpen: (open) => set({ open }) }));

interface WalkState {
  /** Step of the walk, from 0; null when nobody walks. */
  at: number | null;
  /** Walked, or declined: it is not offered again. */
  done: boolean;
  go: (at: number) => void;
  leave: () => void;
}
export const useWalk = create<WalkState>()(
  persist((set) => ({ at: null, done: false, go: (at) => set({ at, done: true }), leave: () => set({ at: null, done: true }) }), {
    name: 'kind-ladle:walk:1',
  }),
);

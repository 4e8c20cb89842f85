/** Whether the bench shows only what is needed to see if the bowl does. Of the person, so kept with the browser. */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface Folded {
  folded: boolean;
  fold: () => void;
}

export const useFolded = create<Folded>()(
  persist((set) => ({ folded: false, fold: () => set(({ folded }) => ({ folded: !folded })) }), { name: 'kind-ladle:folded:1' }),
);

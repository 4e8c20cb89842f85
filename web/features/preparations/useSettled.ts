import { useEffect, useState } from 'react';

const SETTLES_MS = 350;

/** A value once it has been left alone for a moment: nothing is asked of the server at every letter. */
export function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), SETTLES_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return settled;
}

import { useEffect, useState } from 'react';

/**
 * The value once what else depends on it has been painted: for work that must not hold up the figure a cook waits for.
 * A deferred value is not enough, since one long computation in it can begin before the frame is handed over.
 */
export function useAfterPaint<T>(value: T): T {
  const [later, setLater] = useState(value);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => setLater(() => value));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [value]);
  return later;
}

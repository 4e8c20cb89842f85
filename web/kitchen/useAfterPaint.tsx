import { type ComponentType, memo, useEffect, useState } from 'react';

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

/** The part of the screen that shows a `view`, made anew for another one only after the paint; it is not even rendered before. */
export function afterPaint<View, Rest extends object>(Part: ComponentType<{ view: View } & Rest>): ComponentType<{ view: View } & Rest> {
  const Painted = memo(Part) as unknown as ComponentType<{ view: View } & Rest>;
  return function AfterPaint({ view, ...rest }) {
    const later = useAfterPaint(view);
    return <Painted view={later} {...(rest as unknown as Rest)} />;
  };
}

import { useMemo } from 'react';
import { useSearchParams } from 'react-router';

/** What a screen shows lives in its address. A change starts from the address as it stands, so that two in one press are both kept. */
export function useAddress(): readonly [URLSearchParams, (change: (params: URLSearchParams) => void) => void] {
  const [params, setParams] = useSearchParams();
  const put = (change: (params: URLSearchParams) => void) => {
    const now = new URLSearchParams(window.location.search);
    change(now);
    setParams(now, { replace: true });
  };
  return [params, put];
}

const listed = (text: string | null): string[] => text?.split(',').filter(Boolean) ?? [];

/** A list that lives in the address. */
export function useListParam(key: string): readonly [readonly string[], (values: readonly string[]) => void] {
  const [params, put] = useAddress();
  const text = params.get(key);
  const values = useMemo(() => listed(text), [text]);
  return [
    values,
    (next) =>
      put((now) => {
        if (next.length > 0) now.set(key, next.join(','));
        else now.delete(key);
      }),
  ];
}

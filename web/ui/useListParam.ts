import { useSearchParams } from 'react-router';

/** A list that lives in the address. Written at once: what was chosen is to be seen before the next press. */
export function useListParam(key: string): readonly [readonly string[], (values: readonly string[]) => void] {
  const [params, setParams] = useSearchParams();
  const values = params.get(key)?.split(',').filter(Boolean) ?? [];
  const put = (next: readonly string[]) =>
    setParams(
      (before) => {
        if (next.length > 0) before.set(key, next.join(','));
        else before.delete(key);
        return before;
      },
      { replace: true, flushSync: true },
    );
  return [values, put];
}

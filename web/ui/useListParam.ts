import { useState } from 'react';
import { useSearchParams } from 'react-router';

const listed = (text: string | null): string[] => text?.split(',').filter(Boolean) ?? [];

/** A list that lives in the address, and answers at once: the router takes its time to write it there. */
export function useListParam(key: string): readonly [readonly string[], (values: readonly string[]) => void] {
  const [params, setParams] = useSearchParams();
  const [values, setValues] = useState<readonly string[]>(() => listed(params.get(key)));
  const put = (next: readonly string[]) => {
    setValues(next);
    setParams(
      (before) => {
        if (next.length > 0) before.set(key, next.join(','));
        else before.delete(key);
        return before;
      },
      { replace: true },
    );
  };
  return [values, put];
}

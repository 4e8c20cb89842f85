import { useState } from 'react';
import { useSearchParams } from 'react-router';

const listed = (text: string | null): string[] => text?.split(',').filter(Boolean) ?? [];

/** A list that lives in the address. Held here too: the router writes there only after the press, and a tick would have sprung back by then. */
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

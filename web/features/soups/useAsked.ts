import { SOUP_SORTS } from '../../../contract/types.ts';
import type { SoupsAsked } from '../../api/queries.ts';
import { useAddress } from '../../ui/useAddress.ts';

/** What the list shows lives in the address, so that it can be kept under a name, sent and gone back to. */
export function useAsked() {
  const [params, put] = useAddress();
  const asked = askedIn(params);
  const ask = (changes: Partial<SoupsAsked>) =>
    put((now) => {
      const next = new URLSearchParams(queryOf({ ...askedIn(now), ...changes }));
      for (const key of [...now.keys()]) now.delete(key);
      for (const [key, value] of next) now.set(key, value);
    });
  return { asked, ask, query: queryOf(asked) };
}

function askedIn(params: URLSearchParams): SoupsAsked {
  const sort = params.get('sort');
  return {
    q: params.get('q') ?? '',
    said: params.get('for') ?? '',
    main: params.get('main') ?? '',
    larder: params.get('larder') === '1',
    checks: params.get('checks') === '1',
    archived: params.get('archived') === '1',
    sort: SOUP_SORTS.find((one) => one === sort) ?? 'updated',
  };
}

/** As it stands in the address: what is not asked is not there. */
export function queryOf({ q, said, main, larder, checks, archived, sort }: SoupsAsked): string {
  return new URLSearchParams({
    ...(q ? { q } : {}),
    ...(said ? { for: said } : {}),
    ...(said && checks ? { checks: '1' } : {}),
    ...(main ? { main } : {}),
    ...(larder ? { larder: '1' } : {}),
    ...(archived ? { archived: '1' } : {}),
    ...(sort === 'updated' ? {} : { sort }),
  }).toString();
}

import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';

/** Where the next page begins; nothing for the first one. */
type From<C> = { after?: C };

/**
 * A list that is read a page at a time: all lines read so far, the first page for what it says about the whole, and how it goes on.
 * While another question is answered, what was shown stays. Who is outside is asked once, and never shown with an earlier question's answer.
 */
export function useLongList<P extends { after: C | null }, L, C extends string | number>(
  key: readonly unknown[],
  ask: (from: From<C>) => Promise<P>,
  linesOf: (page: P) => L[],
  isFromOutside = false,
) {
  const list = useInfiniteQuery({
    queryKey: key,
    queryFn: ({ pageParam }) => ask(pageParam === null ? {} : { after: pageParam as C }),
    initialPageParam: null as C | null,
    getNextPageParam: (last) => last.after,
    ...(isFromOutside ? { retry: false, staleTime: 300_000 } : { placeholderData: keepPreviousData }),
  });
  const pages = list.data?.pages ?? [];
  return { list, error: list.error, first: pages[0], lines: pages.flatMap(linesOf) };
}

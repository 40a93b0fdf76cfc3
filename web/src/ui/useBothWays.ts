import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';

/** Where a page begins or ends; nothing for the one at which the list is entered. */
type Place = { after?: string; before?: string };
type Page = { at: number | null; before: string | null; after: string | null };

/**
 * A list that is gone along in both directions from where it was entered: what was read so far, and which line was asked for. While
 * another place is looked up, what was shown stays.
 */
export function useBothWays<P extends Page, L>(key: readonly unknown[], ask: (place: Place) => Promise<P>, linesOf: (page: P) => L[]) {
  const list = useInfiniteQuery({
    queryKey: key,
    queryFn: ({ pageParam }: { pageParam: Place }) => ask(pageParam),
    initialPageParam: {},
    placeholderData: keepPreviousData,
    getNextPageParam: (last): Place | undefined => (last.after === null ? undefined : { after: last.after }),
    getPreviousPageParam: (first): Place | undefined => (first.before === null ? undefined : { before: first.before }),
  });
  const pages = list.data?.pages ?? [];
  const entered = pages.find((page) => page.at !== null);
  const here = entered === undefined ? undefined : linesOf(entered)[entered.at ?? 0];
  return { list, error: list.error, first: pages[0], lines: pages.flatMap(linesOf), here };
}

import { Button } from '@mui/material';
import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';

interface Props {
  list: {
    hasPreviousPage: boolean;
    hasNextPage: boolean;
    isFetching: boolean;
    fetchPreviousPage: () => Promise<unknown>;
    fetchNextPage: () => Promise<unknown>;
  };
  children: ReactNode;
}

/** Lines of a list, with what stands before and behind them. */
export function BothWays({ list, children }: Props) {
  const { t } = useTranslation();
  return (
    <>
      {list.hasPreviousPage ? (
        <Button onClick={() => void list.fetchPreviousPage()} disabled={list.isFetching}>
          {t('common.standsBefore')}
        </Button>
      ) : null}
      {children}
      {list.hasNextPage ? (
        <Button onClick={() => void list.fetchNextPage()} disabled={list.isFetching}>
          {t('common.standsBehind')}
        </Button>
      ) : null}
    </>
  );
}

import { Button } from '@mui/material';
import { useTranslation } from 'react-i18next';

interface Props {
  list: { hasNextPage: boolean; isFetchingNextPage: boolean; fetchNextPage: () => Promise<unknown> };
}

/** Fetches the next lines of a list that goes on. */
export function MoreButton({ list }: Props) {
  const { t } = useTranslation();
  return list.hasNextPage ? (
    <p className="empty no-print">
      <Button variant="outlined" onClick={() => void list.fetchNextPage()} disabled={list.isFetchingNextPage}>
        {t('common.more')}
      </Button>
    </p>
  ) : null;
}

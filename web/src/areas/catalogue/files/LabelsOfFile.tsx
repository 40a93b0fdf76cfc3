import { Button } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { answered, api, inTime } from '../../../api/client';
import { me as meQuery, waitingLabels } from '../../../api/queries';
import { ProblemNote } from '../../../ui/ProblemNote';

/** Puts the labels of all items that a file has brought among those that wait, for whoever may print them. */
export function LabelsOfFile({ id }: { id: number }) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const { data: me } = useQuery(meQuery);
  const adding = useMutation({
    mutationFn: () => answered(api.POST('/api/intakes/{id}/waiting-labels', { params: { path: { id } }, signal: inTime() })),
    onSuccess: (labels) => client.setQueryData(waitingLabels.queryKey, labels),
  });
  if (!(me?.permissions.includes('items.edit') ?? false)) return null;
  return (
    <>
      <ProblemNote error={adding.error} />
      {adding.isSuccess ? (
        <p role="status">
          {t('files.labelsWait')} <Link to="/catalogue/labels">{t('files.toLabels')}</Link>
        </p>
      ) : (
        <div className="row-of-things">
          <Button variant="outlined" onClick={() => adding.mutate()} disabled={adding.isPending}>
            {t('files.labels')}
          </Button>
        </div>
      )}
    </>
  );
}

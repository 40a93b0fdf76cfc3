import { Button } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { answered, api, inTime, type Schemas } from '../../../api/client';
import { newActId } from '../../../api/ids';
import { intake as intakeQuery } from '../../../api/queries';
import { ProblemNote } from '../../../ui/ProblemNote';

/** What has become of a file, and the way back. */
export function TakenIn({ intake }: { intake: Schemas['IntakeView'] }) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const [act] = useState(newActId);
  const takingBack = useMutation({
    mutationFn: () =>
      answered(api.POST('/api/intakes/{id}/taking-back', { params: { path: { id: intake.id } }, body: { id: act }, signal: inTime() })),
    onSuccess: (view) => client.setQueryData(intakeQuery(intake.id).queryKey, view),
  });
  return (
    <div className="sheet">
      <p>{t('files.result', { ...intake.counts })}</p>
      {intake.unknownCodes.map((sentence) => (
        <p key={sentence} className="note">
          {sentence}
        </p>
      ))}
      {intake.left.length > 0 ? (
        <>
          <h2>{t('files.left')}</h2>
          <ul className="plain">
            {intake.left.map((left) => (
              <li key={left.record}>
                <Link to={`/catalogue/${left.record}`} className="work">
                  {left.title}
                </Link>
                : {left.because}
              </li>
            ))}
          </ul>
        </>
      ) : null}
      <ProblemNote error={takingBack.error} />
      {intake.state === 'taken-in' ? (
        <div className="row-of-things">
          <Button variant="outlined" onClick={() => takingBack.mutate()} disabled={takingBack.isPending}>
            {t('files.takeBack')}
          </Button>
        </div>
      ) : null}
    </div>
  );
}

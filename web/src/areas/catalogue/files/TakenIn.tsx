import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schemas } from '../../../api/client';
import { LabelsOfFile } from './LabelsOfFile';
import { FileAct } from './FileAct';

/** What has become of a file, and the way back. */
export function TakenIn({ intake }: { intake: Schemas['IntakeView'] }) {
  const { t } = useTranslation();
  return (
    <div className="sheet panel">
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
      {intake.state === 'taken-in' && intake.counts.items > 0 ? <LabelsOfFile id={intake.id} /> : null}
      {intake.state === 'taken-in' ? (
        <div className="row-of-things">
          <FileAct intake={intake} act="taking-back" />
        </div>
      ) : null}
    </div>
  );
}

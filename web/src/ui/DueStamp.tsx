import { useTranslation } from 'react-i18next';
import { dayParts, exactTime } from '../i18n/dates';

/** A due date, as stamped on a slip. The exact time is told on hover. */
export function DueStamp({ due, isOverdue = false }: { due: string; isOverdue?: boolean }) {
  const { t } = useTranslation();
  const { weekday, day, month, year } = dayParts(due);
  return (
    <time className={isOverdue ? 'due-stamp is-overdue' : 'due-stamp'} dateTime={due} title={exactTime(due)}>
      <small>{isOverdue ? t('patrons.overdue') : t('tape.due')}</small>
      <b>
        {day} {month}
      </b>
      <small>
        {weekday} {year}
      </small>
    </time>
  );
}

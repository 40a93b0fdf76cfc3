import { Button, Checkbox } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schemas } from '../../../api/client';
import { me } from '../../../api/queries';
import { shortDay } from '../../../i18n/dates';
import { History } from '../../../ui/History';
import { Lamp } from '../../../ui/Lamp';
import { SpineTag } from '../../../ui/SpineTag';

type Item = Schemas['ItemView'];

interface Props {
  item: Item;
  onEdit: (() => void) | null;
  /** Given while items are being chosen. */
  choice: { isChosen: boolean; onChoose: () => void } | null;
}

/** One piece: where it stands, what it is, and whether it is in. */
export function ItemLine({ item, onEdit, choice }: Props) {
  const { t } = useTranslation();
  const mayViewJournal = useQuery(me).data?.permissions.includes('journal.view') ?? false;
  const state = [
    t(`status.${item.status}`),
    item.dueAt === null ? null : t('catalogue.dueOn', { date: shortDay(item.dueAt) }),
    item.atBranch === item.branch ? null : t('catalogue.atBranch', { branch: item.atBranch }),
  ];
  const place = item.temporaryLocation === '' ? item.locationName : item.temporaryLocationName;
  const about = [
    item.branch,
    place,
    item.lendingClassName,
    item.volume,
    item.material,
    item.pieces > 1 ? `${t('item.piecesCount', { count: item.pieces })}${item.piecesNote === '' ? '' : `: ${item.piecesNote}`}` : '',
    item.serialNumber === '' ? '' : `${t('item.serialNumber')} ${item.serialNumber}`,
    item.temporaryUntil === null ? '' : t('item.untilThen', { date: shortDay(item.temporaryUntil), location: item.locationName }),
    item.publicNote,
    item.staffNote,
  ].filter((part) => part !== '');
  return (
    <div className="item-line">
      {choice === null ? null : (
        <Checkbox
          checked={choice.isChosen}
          onChange={choice.onChoose}
          slotProps={{ input: { 'aria-label': t('item.choose', { barcode: item.barcode }) } }}
        />
      )}
      <div className="about">
        <span className="row-of-things">
          <SpineTag callNumber={`${item.prefix} ${item.callNumber} ${item.suffix}`.trim()} />
          <span className="mono">{item.barcode}</span>
          {item.copy === '' ? null : (
            <span className="quiet">
              {t('item.copy')} {item.copy}
            </span>
          )}
        </span>
        <span className="quiet">{about.join(' · ')}</span>
        <span className="row-of-things no-print">
          <Link to={`/catalogue/shelf?item=${item.id}`}>{t('shelf.neighbours')}</Link>
        </span>
        {mayViewJournal ? <History subject={`item:${item.id}`} /> : null}
      </div>
      <Lamp isLit={item.status === 'available'} words={state.filter((part) => part !== null).join(', ')} />
      {onEdit === null ? null : (
        <Button aria-label={t('catalogue.editItem', { barcode: item.barcode })} onClick={onEdit}>
          {t('common.edit')}
        </Button>
      )}
    </div>
  );
}

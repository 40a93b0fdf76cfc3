import { Button } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useSearchParams } from 'react-router';
import { itemsOfRecord, me } from '../../../api/queries';
import { ProblemNote } from '../../../ui/ProblemNote';
import { CopiesForm } from './CopiesForm';
import { ItemForm } from './ItemForm';
import { ItemLine } from './ItemLine';
import { MoveItems } from './MoveItems';

/** The items of a title: added one by one or several at once, edited in place, moved to another title. */
export function Items({ recordId }: { recordId: number }) {
  const { t } = useTranslation();
  const items = useQuery(itemsOfRecord(recordId));
  const mayEdit = useQuery(me).data?.permissions.includes('items.edit') ?? false;
  const [search] = useSearchParams();
  const [edited, setEdited] = useState<number | 'new' | 'copies' | 'move' | null>(mayEdit && search.get('add') === 'item' ? 'new' : null);
  const [chosen, setChosen] = useState<number[]>([]);
  const close = () => {
    setEdited(null);
    setChosen([]);
  };
  const choose = (id: number) => setChosen(chosen.includes(id) ? chosen.filter((other) => other !== id) : [...chosen, id]);
  return (
    <section className="section" aria-label={t('catalogue.items')}>
      <div className="row-of-things">
        <h2>{t('catalogue.items')}</h2>
        {mayEdit && edited === null ? (
          <>
            <Button variant="outlined" onClick={() => setEdited('new')}>
              {t('catalogue.addItem')}
            </Button>
            <Button variant="outlined" onClick={() => setEdited('copies')}>
              {t('copies.title')}
            </Button>
            {(items.data?.length ?? 0) > 0 ? <Button onClick={() => setEdited('move')}>{t('move.title')}</Button> : null}
          </>
        ) : null}
      </div>
      <ProblemNote error={items.error} />
      {edited === 'new' ? <ItemForm recordId={recordId} item={null} like={items.data?.[0] ?? null} onClose={close} /> : null}
      {edited === 'copies' ? <CopiesForm recordId={recordId} like={items.data?.[0] ?? null} onClose={close} /> : null}
      {edited === 'move' ? <MoveItems recordId={recordId} items={chosen} onClose={close} /> : null}
      {items.data?.length === 0 && edited === null ? <p className="quiet">{t('catalogue.noItemsYet')}</p> : null}
      <ul>
        {items.data?.map((item) => (
          <li key={item.id}>
            {edited === item.id ? (
              <ItemForm recordId={recordId} item={item} like={null} onClose={close} />
            ) : (
              <ItemLine
                item={item}
                onEdit={mayEdit && edited !== 'move' ? () => setEdited(item.id) : null}
                choice={edited === 'move' ? { isChosen: chosen.includes(item.id), onChoose: () => choose(item.id) } : null}
              />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

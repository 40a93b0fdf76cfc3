import { useTranslation } from 'react-i18next';
import { placesIn } from '../../marc/places';
import { useDefinitions } from '../../marc/useDefinitions';
import type { PlaceRow } from './ruleKinds';

interface Props {
  /** What records begin with, as lines of text; it says which places there are. */
  beginning: string;
  rows: PlaceRow[];
  onChange: (rows: PlaceRow[]) => void;
  errors: string[];
}

const NEEDS: PlaceRow['need'][] = ['none', 'recommended', 'required'];

/** What a worksheet says about each field and subfield of its records: the house's own name for it, whether it must be there, help. */
export function WorksheetPlaces({ beginning, rows, onChange, errors }: Props) {
  const { t } = useTranslation();
  const definitions = useDefinitions();
  const places = [...new Set([...placesIn(beginning), ...rows.map((row) => row.place)])];
  const rowOf = (place: string): PlaceRow => rows.find((row) => row.place === place) ?? { place, need: 'none', label: '', hint: '' };
  const set = (place: string, change: Partial<PlaceRow>) => {
    const changed = { ...rowOf(place), ...change };
    const says = changed.need !== 'none' || changed.label !== '' || changed.hint !== '';
    // They stay in the order in which they stand here.
    onChange(
      places.map((one) => (one === place ? changed : rowOf(one))).filter((row) => (row.place === place ? says : rows.includes(row))),
    );
  };
  const standard = (place: string) =>
    (place.length > 3 ? definitions.subfieldName(place.slice(0, 3), place.slice(4)) : definitions.field(place)?.name) ?? '';
  return (
    <fieldset className="wide worksheet-places">
      <legend>{t('ruleBook.fields.places')}</legend>
      {errors.map((sentence) => (
        <p key={sentence} className="note is-problem">
          {sentence}
        </p>
      ))}
      <div className="places-scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">{t('ruleBook.place')}</th>
              <th scope="col">{t('ruleBook.placeLabel')}</th>
              <th scope="col">{t('ruleBook.placeNeed')}</th>
              <th scope="col">{t('ruleBook.placeHint')}</th>
            </tr>
          </thead>
          <tbody>
            {places.map((place) => {
              const row = rowOf(place);
              return (
                <tr key={place} className={place.length > 3 ? 'is-subfield' : ''}>
                  <th scope="row" className="mono">
                    {place.length > 3 ? place.slice(3) : place}
                  </th>
                  <td>
                    <input
                      aria-label={t('ruleBook.labelOf', { place })}
                      placeholder={standard(place)}
                      value={row.label}
                      maxLength={120}
                      onChange={(event) => set(place, { label: event.target.value })}
                    />
                  </td>
                  <td>
                    <select
                      aria-label={t('ruleBook.needOf', { place })}
                      value={row.need}
                      onChange={(event) => set(place, { need: NEEDS.find((need) => need === event.target.value) ?? 'none' })}
                    >
                      {NEEDS.map((need) => (
                        <option key={need} value={need}>
                          {t(`ruleBook.needs.${need}`)}
                        </option>
                      ))}
                    </select>
                  </td>
                  <td>
                    <input
                      aria-label={t('ruleBook.hintOf', { place })}
                      value={row.hint}
                      maxLength={500}
                      onChange={(event) => set(place, { hint: event.target.value })}
                    />
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </fieldset>
  );
}

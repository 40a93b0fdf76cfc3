import { useTranslation } from 'react-i18next';
import { setPosition } from './edits';
import type { Schemas } from '../../../api/client';
import type { EditField } from '../../../marc/marcText';
import type { Definitions } from '../../../marc/useDefinitions';

interface Props {
  field: EditField;
  leader: string;
  definitions: Definitions;
  onChange: (value: string) => void;
}

/** Each position of a coded field by its name, with the values that may stand there. */
export function CodedPositions({ field, leader, definitions, onChange }: Props) {
  const { t } = useTranslation();
  const text = field.value ?? '';
  const positions = definitions.positions(field.tag, text, leader);
  const kinds = field.tag === '007' ? definitions.categories : field.tag === '006' ? definitions.materials : [];
  return (
    <div className="coded-helper" role="group" aria-label={t('record.helperOf', { tag: field.tag })}>
      {kinds.length > 0 ? (
        <label>
          <span>00 {t('record.kind')}</span>
          <select className="pick" value={text[0] ?? ''} onChange={(event) => onChange(setPosition(text, 0, 1, event.target.value))}>
            <option value="">–</option>
            {kinds.map((kind) => (
              <option key={kind.code} value={kind.code}>
                {kind.code} {kind.name}
              </option>
            ))}
          </select>
        </label>
      ) : null}
      {positions.flatMap((position) =>
        position.values.length === 0
          ? [
              <label key={position.from}>
                <span>
                  {String(position.from).padStart(2, '0')} {position.name}
                </span>
                <input
                  className="mono"
                  value={text.slice(position.from, position.from + position.length).trimEnd()}
                  maxLength={position.length}
                  size={position.length + 1}
                  onChange={(event) => onChange(setPosition(text, position.from, position.length, event.target.value))}
                />
              </label>,
            ]
          : parts(position).map(({ at, length }) => {
              const stands = text.slice(at, at + length).padEnd(length);
              const isKnown = position.values.some((value) => value.code === stands);
              return (
                <label key={at}>
                  <span>
                    {String(at).padStart(2, '0')} {position.name}
                  </span>
                  <select className="pick" value={stands} onChange={(event) => onChange(setPosition(text, at, length, event.target.value))}>
                    {isKnown ? null : <option value={stands}>{stands}</option>}
                    {position.values.map((value) => (
                      <option key={value.code} value={value.code}>
                        {value.code.replaceAll(' ', '#')} {value.name}
                      </option>
                    ))}
                  </select>
                </label>
              );
            }),
      )}
    </div>
  );
}

/** A position whose codes fill it is chosen as one; any other character by character. */
function parts({ from, length, values }: Schemas['CodedPositionView']): { at: number; length: number }[] {
  if (values.every((value) => value.code.length === length)) return [{ at: from, length }];
  return Array.from({ length }, (_none, index) => ({ at: from + index, length: 1 }));
}

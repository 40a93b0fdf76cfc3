import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../../api/client';
import type { Editor } from './useEditor';

interface Props {
  checks: Schemas['RecordCheckView'] | undefined;
  violations: { field: string; sentence: string }[];
  editor: Editor;
}

/** What stops a save, what MARC 21 does not provide for, and what would be good to have. Each line goes to its field. */
export function CheckPanel({ checks, violations, editor }: Props) {
  const { t } = useTranslation();
  const go = (place: string) => {
    if (!editor.jump(place.slice(0, 3))) editor.addField(place.slice(0, 3), null);
  };
  const nothing =
    checks !== undefined && checks.problem === null && checks.remarks.length + checks.missing.length + checks.wanting.length === 0;
  return (
    <aside className="record-checks" aria-label={t('record.checks')}>
      <h2>{t('record.checks')}</h2>
      {violations.length > 0 ? (
        <div className="note is-problem" role="alert">
          <b>{t('record.notSaved')}</b>
          <ul className="plain">
            {violations.map((violation) => (
              <li key={violation.field}>
                <button type="button" className="as-link" onClick={() => go(violation.field)}>
                  {violation.sentence}
                </button>
              </li>
            ))}
          </ul>
        </div>
      ) : null}
      {checks?.problem ? <p className="note is-problem">{checks.problem}</p> : null}
      {nothing ? <p className="quiet">{t('record.nothingToRemark')}</p> : null}
      <ul className="check-list">
        {(checks?.missing ?? []).map((place) => (
          <li key={`m${place.place}`}>
            <button type="button" className="as-link" onClick={() => go(place.place)}>
              <b>{t('record.required')}</b> {place.name}
            </button>
          </li>
        ))}
        {(checks?.remarks ?? []).map((remark, index) => (
          <li key={`r${index}`}>
            <button
              type="button"
              className="as-link"
              onClick={() => (remark.field >= 0 ? editor.focusField(remark.field) : go(remark.tag))}
            >
              {remark.sentence}
            </button>
          </li>
        ))}
        {(checks?.wanting ?? []).map((place) => (
          <li key={`w${place.place}`}>
            <button type="button" className="as-link" onClick={() => go(place.place)}>
              <span className="quiet">{t('record.recommended')}</span> {place.name}
            </button>
          </li>
        ))}
      </ul>
      <h2>{t('record.keys')}</h2>
      <dl className="key-list">
        {(['save', 'jump', 'text', 'subfield', 'repeat', 'move', 'moveSubfield', 'remove', 'removeField', 'helper'] as const).map(
          (name) => (
            <div key={name}>
              <dt>
                <kbd>{t(`record.keyNames.${name}`)}</kbd>
              </dt>
              <dd>{t(`record.keyActs.${name}`)}</dd>
            </div>
          ),
        )}
      </dl>
    </aside>
  );
}

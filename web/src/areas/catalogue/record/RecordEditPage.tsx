import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useParams, useSearchParams } from 'react-router';
import { Button } from '@mui/material';
import type { Schemas } from '../../../api/client';
import { recordDraft, recordText, worksheets } from '../../../api/queries';
import { exactTime } from '../../../i18n/dates';
import { ProblemNote } from '../../../ui/ProblemNote';
import { CatalogueTabs } from '../CatalogueTabs';
import { type Begun, RecordEditor } from './RecordEditor';
import { forgetDraft, localDraft } from './useDraft';

const today = (): string => new Date().toISOString().slice(2, 10).replaceAll('-', '');
const beginningOf = (worksheet: Schemas['Rule']): string => {
  const text = worksheet.content['beginning'];
  return typeof text === 'string' ? text.replaceAll('{today}', today()) : '';
};

/** A record is entered or changed. */
export default function RecordEditPage() {
  const params = useParams();
  const id = Number(params['id'] ?? 0);
  return (
    <div className="area">
      <CatalogueTabs />
      {id > 0 ? <Change key={id} id={id} /> : <Enter />}
    </div>
  );
}

function Change({ id }: { id: number }) {
  const { t } = useTranslation();
  const { data: record, error } = useQuery({ ...recordText(id), staleTime: Infinity, gcTime: 0 });
  const draft = useQuery({ ...recordDraft(id), staleTime: Infinity, gcTime: 0 });
  if (record === undefined || draft.isPending)
    return error === null ? <p className="quiet">{t('common.loading')}</p> : <ProblemNote error={error} />;
  return <Begin id={id} begun={{ text: record.text, version: record.version, worksheet: '' }} draft={draft.data ?? null} />;
}

function Enter() {
  const { t } = useTranslation();
  const [search, setSearch] = useSearchParams();
  const { data: sheets, error } = useQuery(worksheets);
  const draft = useQuery({ ...recordDraft(0), staleTime: Infinity, gcTime: 0 });
  const chosen = sheets?.find((sheet) => sheet.code === search.get('worksheet'));
  if (sheets === undefined || draft.isPending)
    return error === null ? <p className="quiet">{t('common.loading')}</p> : <ProblemNote error={error} />;
  if (chosen !== undefined) {
    return (
      <Begin
        key={chosen.code}
        id={0}
        begun={{ text: beginningOf(chosen), version: null, worksheet: chosen.code }}
        draft={draft.data ?? null}
      />
    );
  }
  return (
    <div className="page">
      <h1>{t('record.new')}</h1>
      <p className="quiet">{t('record.chooseWorksheet')}</p>
      <ul className="sheets">
        {sheets.map((sheet, index) => (
          <li key={sheet.code}>
            <button type="button" onClick={() => setSearch({ worksheet: sheet.code })} {...(index === 0 ? { autoFocus: true } : {})}>
              <b>{sheet.name}</b>
              <span className="quiet">{typeof sheet.content['help'] === 'string' ? sheet.content['help'] : ''}</span>
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}

interface BeginProps {
  id: number;
  begun: Begun;
  draft: Schemas['DraftView'] | null;
}

/** What was entered before and not saved is offered first. */
function Begin({ id, begun, draft }: BeginProps) {
  const { t } = useTranslation();
  const local = localDraft(id);
  const kept =
    local ?? (draft === null || draft.text === null ? null : { text: draft.text, worksheet: draft.worksheet, begunFrom: draft.begunFrom });
  const [choice, setChoice] = useState<'ask' | 'draft' | 'anew'>(kept === null || kept.text === begun.text ? 'anew' : 'ask');
  if (choice === 'ask' && kept !== null) {
    return (
      <div className="page">
        <p className="note is-lit" role="status">
          {t('record.draftThere', { when: draft?.savedAt ? exactTime(draft.savedAt) : t('record.here') })}
        </p>
        <div className="row-of-things">
          <Button variant="contained" autoFocus onClick={() => setChoice('draft')}>
            {t('record.goOn')}
          </Button>
          <Button
            onClick={() => {
              void forgetDraft(id);
              setChoice('anew');
            }}
          >
            {t('record.beginAnew')}
          </Button>
        </div>
      </div>
    );
  }
  return choice === 'draft' && kept !== null ? (
    <RecordEditor
      id={id}
      begun={{ ...begun, worksheet: kept.worksheet || begun.worksheet, version: id === 0 ? null : kept.begunFrom }}
      text={kept.text}
    />
  ) : (
    <RecordEditor id={id} begun={begun} text={begun.text} />
  );
}

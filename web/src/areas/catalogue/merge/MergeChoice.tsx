import { Button, Checkbox } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { answered, api, inTime, type Schemas } from '../../../api/client';
import { newActId } from '../../../api/ids';
import { ProblemNote } from '../../../ui/ProblemNote';
import { SideBySide } from '../../../ui/SideBySide';
import { beside } from '../../../ui/beside';

type Text = Schemas['RecordTextView'];

/** Fields of one record that the other lacks; numbers and coded fields of their own are not offered. */
function lacking(kept: string, other: string): string[] {
  const has = new Set(kept.split('\n'));
  return other.split('\n').filter((line) => line.trim() !== '' && !/^(LDR|00[1358]) /.test(line) && !has.has(line));
}

/** Both records side by side: which is kept, and which fields of the other it is given. */
export function MergeChoice({ one, two, onClose }: { one: Text; two: Text; onClose: () => void }) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [keepsTwo, setKeepsTwo] = useState(false);
  const [fields, setFields] = useState<string[]>([]);
  const [kept, other] = keepsTwo ? [two, one] : [one, two];
  const offered = lacking(kept.text, other.text);
  const merging = useMutation({
    mutationFn: () =>
      answered(
        api.POST('/api/records/{recordId}/merge', {
          params: { path: { recordId: kept.id } },
          body: { id: newActId(), other: other.id, version: kept.version, otherVersion: other.version, fields },
          signal: inTime(),
        }),
      ),
    onSuccess: async (merged) => {
      await navigate(`/catalogue/${merged.recordId}?merged=${merged.journalEntry}`);
      onClose();
      await client.invalidateQueries();
    },
  });
  return (
    <>
      <div className="switch-view" role="group" aria-label={t('merge.which')}>
        {[one, two].map((record, index) => (
          <button
            key={record.id}
            type="button"
            aria-pressed={(index === 1) === keepsTwo}
            onClick={() => {
              setKeepsTwo(index === 1);
              setFields([]);
            }}
          >
            {t('merge.keep', { record: record.id })}
          </button>
        ))}
      </div>
      <SideBySide
        left={t('merge.kept', { record: kept.id })}
        right={t('merge.goes', { record: other.id })}
        pairs={beside(kept.text, other.text)}
      />
      {offered.length > 0 ? <h3>{t('merge.fields')}</h3> : null}
      <ul>
        {offered.map((line) => (
          <li key={line}>
            <label className="label-line mono">
              <Checkbox
                checked={fields.includes(line)}
                onChange={(event) => setFields(event.target.checked ? [...fields, line] : fields.filter((field) => field !== line))}
              />
              {line}
            </label>
          </li>
        ))}
      </ul>
      <ProblemNote error={merging.error} />
      <div className="row-of-things">
        <Button variant="contained" disabled={merging.isPending} onClick={() => merging.mutate()}>
          {t('merge.do', { other: other.id, kept: kept.id })}
        </Button>
        <Button onClick={onClose}>{t('common.cancel')}</Button>
      </div>
    </>
  );
}

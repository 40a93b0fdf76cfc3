import { useMutation } from '@tanstack/react-query';
import { type DragEvent, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { Button } from '@mui/material';
import { answered, api, type Schemas } from '../../../api/client';
import { exactTime } from '../../../i18n/dates';
import { type Column, Lines } from '../../../ui/Lines';
import { MoreButton } from '../../../ui/MoreButton';
import { ProblemNote } from '../../../ui/ProblemNote';
import { useFilters } from '../../../ui/useFilters';
import { useLongList } from '../../../ui/useLongList';
import { CatalogueTabs } from '../CatalogueTabs';

type Line = Schemas['IntakeLineView'];

/** The files that were sent, and where a new one is sent from. */
export default function FilesPage() {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const filters = useFilters();
  const isPutAway = filters.get('state') === 'put-away';
  const found = useLongList(
    ['intakes', isPutAway],
    (from: { after?: number }) =>
      answered(api.GET('/api/intakes', { params: { query: { filter: isPutAway ? { state: 'put-away' } : {}, ...from } } })),
    (page) => page.files,
  );
  const files = found.lines;
  const columns: Column<Line>[] = [
    { key: 'file', label: t('files.columns.file'), cell: (line) => <b>{line.file}</b>, text: (line) => line.file },
    {
      key: 'state',
      label: t('files.columns.state'),
      cell: (line) => t(`files.states.${line.state}` as 'files.states.compared'),
      text: (line) => line.state,
    },
    {
      key: 'records',
      label: t('files.columns.records'),
      cell: (line) => line.records,
      text: (line) => String(line.records),
      isNumber: true,
    },
    { key: 'items', label: t('files.columns.items'), cell: (line) => line.items, text: (line) => String(line.items), isNumber: true },
    { key: 'staff', label: t('files.columns.staff'), cell: (line) => line.staff, text: (line) => line.staff },
    { key: 'begun', label: t('files.columns.begun'), cell: (line) => exactTime(line.begunAt), text: (line) => line.begunAt },
  ];
  return (
    <div className="area">
      <CatalogueTabs />
      <div className="page" style={{ maxWidth: 'none' }}>
        <h1>{t('files.title')}</h1>
        <p className="quiet hint">{t('files.hint')}</p>
        <SendFile />
        <ProblemNote error={found.error} />
        {found.first === undefined || (found.first.putAway === 0 && !isPutAway) ? null : (
          <p className="facets no-print">
            <button
              type="button"
              className="chip"
              aria-pressed={isPutAway}
              onClick={() => filters.set({ state: isPutAway ? '' : 'put-away' })}
            >
              {t('files.states.put-away')} {found.first.putAway}
            </button>
          </p>
        )}
        {found.first !== undefined && files.length === 0 ? (
          <p className="empty">{t(isPutAway ? 'files.nonePutAway' : 'files.none')}</p>
        ) : null}
        {files.length > 0 ? (
          <div className="sheet">
            <Lines
              name="files"
              label={t('files.title')}
              columns={columns}
              lines={files}
              keyOf={(line) => line.id}
              onOpen={(line) => void navigate(`/catalogue/files/${line.id}`)}
            />
          </div>
        ) : null}
        <MoreButton list={found.list} />
      </div>
    </div>
  );
}

function SendFile() {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const input = useRef<HTMLInputElement>(null);
  const [isOver, setIsOver] = useState(false);
  const sending = useMutation({
    mutationFn: (file: File) =>
      answered(
        api.POST('/api/intakes', {
          params: { query: { name: file.name } },
          body: file as unknown as string,
          bodySerializer: (body) => body as unknown as BodyInit,
          headers: { 'Content-Type': 'application/octet-stream' },
        }),
      ),
    onSuccess: (intake) => void navigate(`/catalogue/files/${intake.id}`),
  });
  const send = (file: File | undefined) => {
    if (file !== undefined) sending.mutate(file);
  };
  const onDrop = (event: DragEvent) => {
    event.preventDefault();
    setIsOver(false);
    send(event.dataTransfer.files[0]);
  };
  return (
    <div
      className={`drop-place ${isOver ? 'is-over' : ''}`}
      onDragOver={(event) => {
        event.preventDefault();
        setIsOver(true);
      }}
      onDragLeave={() => setIsOver(false)}
      onDrop={onDrop}
    >
      <Button variant="contained" onClick={() => input.current?.click()} disabled={sending.isPending}>
        {t('files.choose')}
      </Button>
      <span className="quiet">{sending.isPending ? t('files.sending', { name: sending.variables.name }) : t('files.drop')}</span>
      <input
        ref={input}
        type="file"
        hidden
        aria-label={t('files.choose')}
        onChange={(event) => {
          send(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <ProblemNote error={sending.error} />
    </div>
  );
}

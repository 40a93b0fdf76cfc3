import { Button } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate } from 'react-router';
import { answered, api, ApiProblem, inTime, type Schemas } from '../../../api/client';
import { newActId } from '../../../api/ids';
import { recordDraft, recordText, worksheets } from '../../../api/queries';
import { setPreference, usePreference } from '../../../ui/preferences';
import { ProblemNote } from '../../../ui/ProblemNote';
import { CheckPanel } from './CheckPanel';
import { Duplicates } from './Duplicates';
import { FieldRow, type Naming } from './FieldRow';
import { StaleRecord } from './StaleRecord';
import { forgetDraft, useDraft } from './useDraft';
import { useChecks } from './useChecks';
import { useDefinitions } from '../../../marc/useDefinitions';
import { useEditor } from './useEditor';
import { Jump } from './Jump';
import { useRecordKeys } from './useRecordKeys';
import { wordsOf } from './worksheetWords';

export interface Begun {
  text: string;
  /** Null for a new record. */
  version: number | null;
  worksheet: string;
}

interface Props {
  id: number;
  begun: Begun;
  text: string;
}

const NAMINGS: Naming[] = ['labels', 'both', 'tags'];

/** The record at hand as a form or as text, what there is to remark on it, and saving it. */
export function RecordEditor({ id, begun, text }: Props) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const client = useQueryClient();
  const editor = useEditor(text);
  const definitions = useDefinitions();
  const kept = usePreference('naming');
  const naming = NAMINGS.find((one) => one === kept) ?? 'both';
  const [version, setVersion] = useState(begun.version);
  const [act, setAct] = useState(newActId);
  const checks = useChecks(editor.written, begun.worksheet);
  const sheet = useQuery(worksheets).data?.find((one) => one.code === begun.worksheet);
  const words = wordsOf(sheet?.content ?? {});
  const isChanged = editor.written !== begun.text;
  useDraft(id, { text: editor.written, worksheet: begun.worksheet, begunFrom: version ?? 0 }, isChanged);

  const saving = useMutation({
    mutationFn: ({ target, from, keepBoth }: { target: number; from: number | null; keepBoth: boolean }) => {
      const body = {
        id: act,
        version: from,
        text: editor.written,
        worksheet: begun.worksheet,
        keepBoth,
        cause: target === id ? 'edited' : 'overlaid',
      } as const;
      return answered(
        target === 0
          ? api.POST('/api/records', { body, signal: inTime() })
          : api.PUT('/api/records/{id}', { params: { path: { id: target } }, body, signal: inTime() }),
      );
    },
    onSuccess: async (saved) => {
      await forgetDraft(id);
      client.removeQueries({ queryKey: recordDraft(id).queryKey });
      client.removeQueries({ queryKey: recordText(saved.id).queryKey });
      void client.invalidateQueries({ queryKey: ['record', saved.id] });
      void client.invalidateQueries({ queryKey: ['records'] });
      void client.invalidateQueries({ queryKey: ['journal'] });
      void navigate(`/catalogue/${saved.id}`);
    },
    onError: () => setAct(newActId()),
  });
  const save = () => saving.mutate({ target: id, from: version, keepBoth: false });
  const problem = saving.error instanceof ApiProblem ? saving.error.problem : null;
  const duplicates = problem?.code === 'duplicate' ? (problem.duplicates ?? []) : [];
  const current = problem?.code === 'stale' ? (problem.current as unknown as Schemas['RecordTextView']) : null;

  const need = (tag: string, code: string): 'required' | 'recommended' | null => {
    const lists = sheet?.content ?? {};
    const has = (name: string) =>
      Array.isArray(lists[name]) &&
      (lists[name] as unknown[]).some((place) => place === `${tag}$${code}` || (place === tag && code === 'a'));
    return has('required') ? 'required' : has('recommended') ? 'recommended' : null;
  };
  useRecordKeys({ onSave: save, onSwitch: editor.switchMode, onJump: () => document.getElementById('jump')?.focus() });
  const { focusFirstEmpty } = editor;
  useEffect(() => focusFirstEmpty(), [focusFirstEmpty]);
  const leader = editor.fields[0]?.value ?? '';
  return (
    <div className="record-desk">
      <header className="record-bar">
        <h1>{id === 0 ? `${t('record.new')}: ${sheet?.name ?? ''}` : t('record.edit', { id })}</h1>
        <div className="switch-view">
          <button
            type="button"
            aria-pressed={editor.asText === null}
            onClick={() => (editor.asText === null ? undefined : editor.switchMode())}
          >
            {t('record.asForm')}
          </button>
          <button
            type="button"
            aria-pressed={editor.asText !== null}
            onClick={() => (editor.asText === null ? editor.switchMode() : undefined)}
          >
            {t('record.asText')}
          </button>
        </div>
        {editor.asText === null ? (
          <div className="switch-view" role="group" aria-label={t('record.naming')}>
            {NAMINGS.map((one) => (
              <button key={one} type="button" aria-pressed={naming === one} onClick={() => setPreference('naming', one)}>
                {t(`record.namings.${one}`)}
              </button>
            ))}
          </div>
        ) : null}
        <Jump editor={editor} />
        <span className="grow" />
        <Button component={Link} to={id === 0 ? '/catalogue' : `/catalogue/${id}`}>
          {t('record.leave')}
        </Button>
        <Button variant="contained" onClick={save} disabled={saving.isPending}>
          {t('record.save')}
        </Button>
      </header>
      <div className="record-work">
        <div className="record-fields">
          {duplicates.map((duplicate) => (
            <Duplicates
              key={duplicate.record}
              duplicate={duplicate}
              onReplace={() => saving.mutate({ target: duplicate.record, from: duplicate.version, keepBoth: true })}
              onKeepBoth={() => saving.mutate({ target: 0, from: null, keepBoth: true })}
            />
          ))}
          {current === null ? null : (
            <StaleRecord
              current={current}
              mine={editor.written}
              onTakeTheirs={() => {
                editor.reset(current.text);
                setVersion(current.version);
                saving.reset();
              }}
              onKeepMine={() => {
                setVersion(current.version);
                saving.mutate({ target: id, from: current.version, keepBoth: false });
              }}
            />
          )}
          {problem?.code === 'duplicate' || problem?.code === 'stale' || problem?.violations ? null : <ProblemNote error={saving.error} />}
          {editor.asText === null ? (
            editor.fields.map((field, index) => (
              <FieldRow
                key={field.key}
                field={field}
                leader={leader}
                editor={editor}
                definitions={definitions}
                naming={naming}
                isRequired={(code) => need(field.tag, code)}
                words={words}
                remarks={(checks?.remarks ?? [])
                  .filter(
                    (remark) => (remark.field === index - 1 && field.tag === remark.tag) || (field.tag === 'LDR' && remark.tag === 'LDR'),
                  )
                  .map((remark) => remark.sentence)}
              />
            ))
          ) : (
            <>
              {editor.textProblem === null ? null : (
                <p className="note is-problem" role="alert">
                  {t('record.textProblem', { line: editor.textProblem.line })}{' '}
                  {t(`record.textProblems.${editor.textProblem.message}` as 'record.textProblems.tag')}
                </p>
              )}
              <textarea
                className="mono record-text"
                aria-label={t('record.asText')}
                value={editor.asText}
                rows={Math.max(12, editor.asText.split('\n').length + 2)}
                spellCheck={false}
                autoFocus
                onChange={(event) => editor.setText(event.target.value)}
              />
            </>
          )}
        </div>
        <CheckPanel checks={checks} violations={problem?.violations ?? []} editor={editor} />
      </div>
    </div>
  );
}

import { Button } from '@mui/material';
import type { TFunction } from 'i18next';
import { type SyntheticEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answered, api, type Schemas } from '../../api/client';
import { tape } from '../../api/queries';
import { clockTime, exactTime } from '../../i18n/dates';
import { DueStamp } from '../../ui/DueStamp';
import { Field } from '../../ui/Field';
import { ProblemNote } from '../../ui/ProblemNote';
import { ReasonList } from '../../ui/ReasonList';
import { SpineTag } from '../../ui/SpineTag';
import { theDesk, useTakeBack } from './useDesk';

type Line = Schemas['TapeLineView'];

/** What happened, in a few words. */
function useDeed({ scan }: Line): string {
  const { t } = useTranslation();
  const name = scan.loan?.patronName ?? scan.checkIn?.loan?.patronName ?? scan.patron?.name ?? '';
  switch (scan.outcome) {
    case 'lent':
      return t('tape.lent', { name });
    case 'renewed':
      return t('tape.renewed', { name });
    case 'refused':
      return t('tape.refused', { name });
    case 'already-theirs':
      return t('tape.already', { name });
    case 'unknown':
      return t(scan.takenFor === 'isbn' ? 'tape.isbnUnknown' : 'tape.unknown');
    case 'returned': {
      if (scan.checkIn?.loan)
        return scan.checkIn.isOverdue ? `${t('tape.returned', { name })}, ${t('tape.late')}` : t('tape.returned', { name });
      const was = scan.checkIn?.was;
      return was === 'lost' || was === 'missing' || was === 'claimed-returned'
        ? t('tape.returnedWas', { status: t(`status.${was}`) })
        : t('tape.returnedNobody');
    }
    default:
      if (scan.takenFor === 'isbn') return t('tape.isbn', { count: scan.records.length });
      return scan.takenFor === 'patron' ? t('tape.card', { name }) : t('tape.shown');
  }
}

/** The item of a line, in the few words that a line has room for. */
function pieceOf({ scan }: Line) {
  const item = scan.checkIn?.item ?? scan.item;
  if (scan.loan) return scan.loan;
  return item === null ? null : { ...item, callNumber: `${item.prefix} ${item.callNumber}`.trim() };
}

/** One line of the tape. Only the latest line about a code still offers what was left open. */
export function TapeLine({ line, isLatest }: { line: Line; isLatest: boolean }) {
  const { t } = useTranslation();
  const takeBack = useTakeBack();
  const [error, setError] = useState<unknown>(null);
  const deed = useDeed(line);
  const { scan } = line;
  const piece = pieceOf(line);
  const due = scan.loan?.dueAt ?? (scan.outcome === 'shown' ? scan.item?.dueAt : null);
  const kind =
    scan.outcome === 'refused' || scan.outcome === 'unknown'
      ? 'is-refused'
      : line.waits || (isLatest && scan.outcome === 'already-theirs')
        ? 'is-lit'
        : '';
  const canTakeBack = scan.journalEntry !== null && !line.isTakenBack;
  const what = piece?.title ?? scan.code;

  return (
    <li className={`tape-line ${kind} ${line.isTakenBack ? 'is-taken-back' : ''}`} data-outcome={scan.outcome}>
      <time className="when" dateTime={scan.at} title={exactTime(scan.at)}>
        {clockTime(scan.at)}
      </time>
      <div className="what">
        {piece === null ? null : (
          <Link className="work" to={`/catalogue/${piece.recordId}`}>
            {piece.title === '' ? piece.barcode : piece.title}
          </Link>
        )}
        <span className="deed">{line.isTakenBack ? `${deed} · ${t('desk.takenBack')}` : deed}</span>
        <span className="row-of-things">
          {piece === null ? null : <SpineTag callNumber={piece.callNumber} />}
          <span className="mono code">{scan.code}</span>
          {scan.checkIn?.nextStep === 'shelve' ? (
            <span className="quiet">{t('tape.shelve', { location: scan.checkIn.item.locationName })}</span>
          ) : null}
        </span>
        {scan.records.map((record) => (
          <Link className="work" key={record.id} to={`/catalogue/${record.id}`}>
            {record.title}
          </Link>
        ))}
        {scan.reasons.length > 0 && scan.outcome !== 'already-theirs' ? <ReasonList reasons={scan.reasons} /> : null}
        <ProblemNote error={error} />
      </div>
      {due ? <DueStamp due={due} isOverdue={scan.outcome === 'shown' && due < scan.at} /> : <span />}
      {canTakeBack ? (
        <Button aria-label={t('desk.takeBackOf', { what })} onClick={() => void takeBack(scan.journalEntry ?? 0).catch(setError)}>
          {t('desk.takeBack')}
        </Button>
      ) : null}
      <LineActions line={line} isLatest={isLatest} onError={setError} />
    </li>
  );
}

/** What somebody has to do with the piece in their hand: send it, set it aside, count its pieces, read a message. */
function handsOf({ scan }: Line, t: TFunction): string[] {
  const comesIn = scan.checkIn;
  const item = comesIn?.item ?? scan.item;
  const step =
    comesIn === null || comesIn.nextStep === 'shelve'
      ? ''
      : comesIn.sendTo === null
        ? t('desk.setAside', { status: t(`status.${comesIn.item.status}`) })
        : t('desk.sendTo', { branch: comesIn.sendTo });
  const pieces =
    item !== null && item.pieces > 1
      ? `${t('desk.count', { count: item.pieces })}${item.piecesNote === '' ? '' : `: ${item.piecesNote}`}`
      : '';
  const message = (comesIn === null ? item?.checkOutMessage : item?.checkInMessage) ?? '';
  return [step, pieces, message].filter((hand) => hand !== '');
}

/** What can be done about a line that waits: settle it, override a refusal, renew or return. */
function LineActions({ line, isLatest, onError }: { line: Line; isLatest: boolean; onError: (error: unknown) => void }) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const { scan } = line;
  const settle = async () => {
    await answered(api.POST('/api/tape/{id}/settlement', { params: { path: { id: scan.id } } }));
    client.setQueryData(tape.queryKey, (lines) => lines?.map((one) => (one.scan.id === scan.id ? { ...one, waits: false } : one)));
  };
  if (line.waits) {
    return (
      <div className="actions row-of-things">
        <span className="hands">
          {handsOf(line, t).map((hand) => (
            <b key={hand}>{hand}</b>
          ))}
        </span>
        <Button variant="contained" onClick={() => void settle().catch(onError)}>
          {t('desk.done')}
        </Button>
      </div>
    );
  }
  if (isLatest && scan.outcome === 'already-theirs') return <RenewOrReturn line={line} />;
  return isLatest && scan.outcome === 'refused' && scan.canOverride ? <Override line={line} /> : null;
}

function RenewOrReturn({ line }: { line: Line }) {
  const { t } = useTranslation();
  const { code, item, patron } = line.scan;
  const title = item?.title ?? '';
  return (
    <div className="actions row-of-things">
      <Button
        variant="contained"
        aria-label={t('desk.renewOf', { title })}
        onClick={() => theDesk().scan(code, { lane: 'lend', patron: patron?.id ?? null, renew: true })}
      >
        {t('desk.renew')}
      </Button>
      <Button
        variant="outlined"
        aria-label={t('desk.returnOf', { title })}
        onClick={() => theDesk().scan(code, { lane: 'return', patron: null })}
      >
        {t('desk.return')}
      </Button>
    </div>
  );
}

function Override({ line }: { line: Line }) {
  const { t } = useTranslation();
  const [reason, setReason] = useState('');
  const [isOpen, setIsOpen] = useState(false);
  const { scan } = line;
  const lend = (event: SyntheticEvent) => {
    event.preventDefault();
    if (reason.trim() === '') return;
    theDesk().scan(scan.code, { lane: 'lend', patron: scan.patron?.id ?? null, override: reason.trim() });
  };
  if (!isOpen) {
    return (
      <div className="actions">
        <Button variant="outlined" onClick={() => setIsOpen(true)}>
          {t('desk.override')}
        </Button>
      </div>
    );
  }
  return (
    <form className="actions" onSubmit={lend}>
      <Field
        name={`override-${scan.id}`}
        label={t('desk.overrideReason')}
        hint={t('desk.overrideWhy')}
        value={reason}
        onChange={setReason}
        autoFocus
        required
      />
      <Button type="submit" variant="outlined">
        {t('desk.override')}
      </Button>
    </form>
  );
}

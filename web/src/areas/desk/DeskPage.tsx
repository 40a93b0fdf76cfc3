import { Button } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { tape } from '../../api/queries';
import { clockTime } from '../../i18n/dates';
import './desk.css';
import type { LaneName } from './lane';
import { PatronPanel } from './PatronPanel';
import { TapeLine } from './TapeLine';
import { theDesk, useDesk } from './useDesk';

const LANES: LaneName[] = ['return', 'lend', 'look-up'];
const COUNTED = ['lent', 'returned', 'refused'] as const;

export default function DeskPage() {
  const { t } = useTranslation();
  const { lane } = useDesk();
  const hint =
    lane.lane === 'lend'
      ? lane.patron === null
        ? t('lanes.lendNobody')
        : t('lanes.lendHint', { name: lane.patron.name })
      : t(lane.lane === 'return' ? 'lanes.returnHint' : 'lanes.lookUpHint');
  return (
    <div className="desk">
      <h1 className="unseen">{t('desk.title')}</h1>
      <div className="lanes no-print" role="radiogroup" aria-label={t('bar.lit')}>
        {LANES.map((name, index) => (
          <button
            key={name}
            type="button"
            role="radio"
            aria-checked={lane.lane === name}
            tabIndex={lane.lane === name ? 0 : -1}
            onClick={() => theDesk().choose(name)}
            onKeyDown={(event) => {
              const step = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? LANES.length - 1 : 0;
              const chosen = LANES[(index + step) % LANES.length];
              if (step === 0 || chosen === undefined) return;
              theDesk().choose(chosen);
              (event.currentTarget.parentElement?.children[(index + step) % LANES.length] as HTMLElement).focus();
            }}
          >
            {t(`lanes.${name}`)}
          </button>
        ))}
      </div>
      <p className="lane-hint" aria-live="polite">
        {lane.wentOut === null ? hint : `${t('desk.idle', { name: lane.wentOut })} ${hint}`}
      </p>
      <div className={lane.patron === null ? 'desk-work' : 'desk-work has-panel'}>
        <Tape />
        {lane.patron === null ? null : <PatronPanel lane={lane} patron={lane.patron} />}
      </div>
    </div>
  );
}

function Tape() {
  const { t } = useTranslation();
  const { waiting, undone } = useDesk();
  const lines = useQuery(tape).data ?? [];
  const lit = lines.filter((line) => line.waits);
  const rest = lines.filter((line) => !line.waits);
  const latest = new Map([...lines].reverse().map((line) => [line.scan.code, line.scan.id]));
  const isLatest = ({ scan }: (typeof lines)[number]) => latest.get(scan.code) === scan.id;
  const unsent = waiting.filter((entry) => entry.kind === 'scan');
  return (
    <section className="tape" aria-label={t('desk.tape')}>
      <div className="tape-head">
        <h2>{t('desk.tape')}</h2>
        {COUNTED.map((outcome) => {
          const count = lines.filter((line) => line.scan.outcome === outcome && !line.isTakenBack).length;
          return count === 0 ? null : (
            <span className="quiet" key={outcome}>
              {t(`desk.count_${outcome}`, { count })}
            </span>
          );
        })}
      </div>
      {lit.length === 0 ? null : (
        <div className="waits">
          <p className="waits-head">{t('desk.waits')}</p>
          <ol>
            {lit.map((line) => (
              <TapeLine key={line.scan.id} line={line} isLatest={isLatest(line)} />
            ))}
          </ol>
        </div>
      )}
      <ol aria-live="polite" aria-relevant="additions" aria-label={t('desk.tape')}>
        {[...unsent].reverse().map((entry) => (
          <li className="tape-line" key={entry.id} data-outcome="unsent">
            <span className="when">…</span>
            <span className="what">
              <span className="deed">{t('desk.unsent')}</span>
              <span className="mono code">{entry.code}</span>
            </span>
          </li>
        ))}
        {undone.map((line) => (
          <li className="tape-line is-refused" key={line.id} data-outcome="undone">
            <span className="when">{clockTime(line.at)}</span>
            <span className="what">
              <span className="deed">
                {t('tape.problem')}: {line.sentence}
              </span>
              <span className="mono code">{line.code}</span>
            </span>
            <span className="row-of-things">
              <Button
                onClick={() => {
                  theDesk().drop(line.id);
                  theDesk().scan(line.code);
                }}
              >
                {t('desk.sendAgain')}
              </Button>
              <Button onClick={() => theDesk().drop(line.id)}>{t('desk.drop')}</Button>
            </span>
          </li>
        ))}
        {rest.map((line) => (
          <TapeLine key={line.scan.id} line={line} isLatest={isLatest(line)} />
        ))}
      </ol>
      {lines.length + unsent.length + undone.length === 0 ? <p className="empty">{t('desk.tapeEmpty')}</p> : null}
    </section>
  );
}

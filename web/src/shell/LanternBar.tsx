import { useQuery } from '@tanstack/react-query';
import { type KeyboardEvent, type RefObject, useId, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import type { Schemas } from '../api/client';
import { lantern } from '../api/queries';
import { theDesk } from '../areas/desk/useDesk';
import { SpineTag } from '../ui/SpineTag';
import { AREAS, PARTS } from './areas';

interface Hit {
  key: string;
  group: 'patrons' | 'item' | 'records' | 'pages';
  path: string;
  label: string;
  more: string;
  tag?: string;
}

function hitsOf(found: Schemas['FoundView'] | undefined, pages: Hit[]): Hit[] {
  const item = found?.item;
  return [
    ...(found?.patrons ?? []).map((patron): Hit => ({
      key: `patron-${patron.id}`,
      group: 'patrons',
      path: `/patrons/${patron.id}`,
      label: `${patron.givenName} ${patron.familyName}`.trim(),
      more: patron.cardNumber,
    })),
    ...(item
      ? [
          {
            key: `item-${item.id}`,
            group: 'item',
            path: `/catalogue/${item.recordId}`,
            label: item.title,
            more: item.barcode,
          } satisfies Hit,
        ]
      : []),
    ...(found?.records ?? []).map((record): Hit => ({
      key: `record-${record.id}`,
      group: 'records',
      path: `/catalogue/${record.id}`,
      label: record.title,
      more: record.author,
      tag: record.availability.callNumber,
    })),
    ...pages,
  ];
}

/** The one field at the top: scans go past it to the lit lane; what is typed finds patrons, titles, items and pages at once. */
export function LanternBar({ input, permissions }: { input: RefObject<HTMLInputElement | null>; permissions: string[] }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const listId = useId();
  const [typed, setTyped] = useState('');
  const [isOpen, setIsOpen] = useState(false);
  const [chosen, setChosen] = useState(0);
  const found = useQuery(lantern(typed.trim()));
  const wanted = typed.trim().toLowerCase();
  const pages: Hit[] =
    wanted.length < 2
      ? []
      : [
          ...AREAS.map((area) => ({ ...area, name: t(`areas.${area.key}`), more: `Alt+${area.digit}` })),
          ...PARTS.map((part) => ({ ...part, name: t(`tabs.${part.key}`), more: '' })),
        ]
          .filter((page) => permissions.includes(page.permission) && page.name.toLowerCase().startsWith(wanted))
          .map((page) => ({ key: `page-${page.path}`, group: 'pages', path: page.path, label: page.name, more: page.more }) satisfies Hit);
  const hits = hitsOf(found.data, pages);
  const shows = isOpen && wanted.length > 1;

  const leave = () => {
    setTyped('');
    setIsOpen(false);
    setChosen(0);
    input.current?.blur();
  };
  const open = (hit: Hit | undefined) => {
    // A code typed by hand, because the scanner cannot read it, is as good as a scan.
    const isCode = found.data?.item?.barcode === typed.trim() || found.data?.patrons.some((patron) => patron.cardNumber === typed.trim());
    if (isCode && chosen === 0) theDesk().scan(typed.trim());
    else if (hit !== undefined) void navigate(hit.path);
    else void navigate(`/catalogue?q=${encodeURIComponent(typed.trim())}`);
    leave();
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      const step = event.key === 'ArrowDown' ? 1 : hits.length - 1;
      setChosen(hits.length === 0 ? 0 : (chosen + step) % hits.length);
    } else if (event.key === 'Enter' && wanted !== '') {
      event.preventDefault();
      open(hits[chosen]);
    } else if (event.key === 'Escape') {
      event.stopPropagation();
      leave();
    }
  };

  return (
    <div className="finder" role="search" aria-label={t('name')}>
      <input
        ref={input}
        id="lantern-bar"
        type="text"
        role="combobox"
        autoComplete="off"
        spellCheck={false}
        aria-label={t('bar.label')}
        aria-expanded={shows}
        aria-controls={listId}
        aria-autocomplete="list"
        {...(shows && hits[chosen] ? { 'aria-activedescendant': `${listId}-${chosen}` } : {})}
        placeholder={t('bar.placeholder')}
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value);
          setIsOpen(true);
          setChosen(0);
        }}
        onFocus={() => setIsOpen(true)}
        onBlur={() => setTimeout(() => setIsOpen(false), 120)}
        onKeyDown={onKeyDown}
      />
      <div id={listId} className={shows ? 'found' : 'unseen'} role="listbox" aria-label={t('bar.label')}>
        {shows
          ? hits.map((hit, index) => (
              <div key={hit.key} role="presentation">
                {hits[index - 1]?.group === hit.group ? null : (
                  <div className="group-name" role="presentation">
                    {t(`bar.${hit.group}`)}
                  </div>
                )}
                <div
                  id={`${listId}-${index}`}
                  role="option"
                  aria-selected={index === chosen}
                  onMouseDown={(event) => {
                    event.preventDefault();
                    open(hit);
                  }}
                >
                  <span className={hit.group === 'records' || hit.group === 'item' ? 'work' : 'work-less'}>{hit.label}</span>
                  <span className="quiet">{hit.more}</span>
                  {hit.tag === undefined ? null : <SpineTag callNumber={hit.tag} />}
                </div>
              </div>
            ))
          : null}
        {shows && hits.length === 0 ? (
          <div role="option" aria-selected={false} aria-disabled="true" className="nothing">
            {found.isFetching ? t('bar.typing') : t('bar.nothing', { typed })}
          </div>
        ) : null}
      </div>
    </div>
  );
}

import { Button, Checkbox, ListItemText, Menu, MenuItem } from '@mui/material';
import type { KeyboardEvent, ReactNode } from 'react';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { saveAs, toCsv } from './csv';

export interface Column<T> {
  key: string;
  label: string;
  /** Without one the column stands in the CSV only. */
  cell?: (line: T) => ReactNode;
  /** The cell as plain text, for CSV. */
  text: (line: T) => string;
  isNumber?: boolean;
}

interface LinesProps<T> {
  /** Under this name the chosen columns are kept, and the CSV is saved. */
  name: string;
  label: string;
  columns: Column<T>[];
  lines: T[];
  keyOf: (line: T) => number;
  selected?: number | null;
  onOpen?: (line: T) => void;
  summary?: ReactNode;
}

function keptColumns(name: string): string[] {
  const kept: unknown = JSON.parse(localStorage.getItem(`tl.hidden-columns.${name}`) ?? '[]');
  return Array.isArray(kept) ? kept.map(String) : [];
}

/** A list in rows: gone through with the arrow keys, opened with Enter; columns can be chosen, the list saved as CSV or printed. */
export function Lines<T>({ name, label, columns, lines, keyOf, selected = null, onOpen, summary }: LinesProps<T>) {
  const { t } = useTranslation();
  const [hidden, setHidden] = useState(() => keptColumns(name));
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const chosen = columns.filter((column) => !hidden.includes(column.key));
  const offered = columns.filter((column) => column.cell !== undefined);
  const shown = chosen.filter((column) => column.cell !== undefined);

  const toggle = (key: string) => {
    const next = hidden.includes(key) ? hidden.filter((other) => other !== key) : [...hidden, key];
    if (offered.every((column) => next.includes(column.key))) return;
    localStorage.setItem(`tl.hidden-columns.${name}`, JSON.stringify(next));
    setHidden(next);
  };
  const print = () => {
    document.body.dataset['printing'] = 'list';
    window.print();
    delete document.body.dataset['printing'];
  };
  const onKeyDown = (event: KeyboardEvent<HTMLTableRowElement>, line: T) => {
    const row = event.currentTarget;
    const next = event.key === 'ArrowDown' ? row.nextElementSibling : event.key === 'ArrowUp' ? row.previousElementSibling : null;
    if (next instanceof HTMLElement) {
      event.preventDefault();
      next.focus();
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      onOpen?.(line);
    }
  };
  const firstInTab = lines.some((line) => keyOf(line) === selected) ? selected : lines[0] === undefined ? null : keyOf(lines[0]);

  return (
    <>
      <div className="list-tools no-print">
        <span role="status">{summary}</span>
        <span className="spring" />
        <Button size="small" aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
          {t('common.columns')}
        </Button>
        <Button
          size="small"
          onClick={() =>
            saveAs(
              `${name}.csv`,
              'text/csv;charset=utf-8',
              toCsv([chosen.map((column) => column.label), ...lines.map((line) => chosen.map((column) => column.text(line)))]),
            )
          }
        >
          {t('common.exportCsv')}
        </Button>
        <Button size="small" onClick={print}>
          {t('common.print')}
        </Button>
        <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
          {offered.map((column) => (
            <MenuItem
              key={column.key}
              role="menuitemcheckbox"
              aria-checked={!hidden.includes(column.key)}
              onClick={() => toggle(column.key)}
            >
              <Checkbox
                checked={!hidden.includes(column.key)}
                tabIndex={-1}
                disableRipple
                slotProps={{ input: { 'aria-hidden': true, tabIndex: -1 } }}
              />
              <ListItemText primary={column.label} />
            </MenuItem>
          ))}
        </Menu>
      </div>
      <div className="table-wrap" {...(onOpen ? {} : { tabIndex: 0, role: 'group', 'aria-label': label })}>
        <table className="lines" aria-label={label} {...(onOpen ? { role: 'grid' } : {})}>
          <thead>
            <tr>
              {shown.map((column) => (
                <th key={column.key} scope="col" className={column.isNumber ? 'number' : undefined}>
                  {column.label}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <tr
                key={keyOf(line)}
                {...(onOpen
                  ? {
                      tabIndex: keyOf(line) === firstInTab ? 0 : -1,
                      'aria-selected': keyOf(line) === selected,
                      onClick: () => onOpen(line),
                      onKeyDown: (event: KeyboardEvent<HTMLTableRowElement>) => onKeyDown(event, line),
                    }
                  : {})}
              >
                {shown.map((column) => (
                  <td key={column.key} className={column.isNumber ? 'number' : undefined}>
                    {column.cell?.(line)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}

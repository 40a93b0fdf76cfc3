import { useTranslation } from 'react-i18next';

const FORMATS = ['marc', 'marcxml', 'csv', 'json', 'dc', 'mods', 'ris'] as const;

/** All hits of a search as a file, in the format that is chosen. */
export function SaveHits({ query }: { query: Record<string, string> }) {
  const { t } = useTranslation();
  const parameters = new URLSearchParams(query).toString();
  return (
    <select
      className="pick no-print"
      aria-label={t('search.saveAll')}
      value=""
      onChange={(event) => window.location.assign(`/api/records/file/${event.target.value}?${parameters}`)}
    >
      <option value="">{t('search.saveAll')}</option>
      {FORMATS.map((format) => (
        <option key={format} value={format}>
          {t(`search.formats.${format}`)}
        </option>
      ))}
    </select>
  );
}

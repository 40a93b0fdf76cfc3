import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Editor } from './useEditor';

/** Typing a tag goes to that field; when there is none, Enter adds it. */
export function Jump({ editor }: { editor: Editor }) {
  const { t } = useTranslation();
  const [tag, setTag] = useState('');
  const isAbsent = tag.length === 3 && !editor.fields.some((field) => field.tag === tag);
  return (
    <label className="jump">
      <span>{t('record.jump')}</span>
      <input
        id="jump"
        className="mono"
        value={tag}
        maxLength={3}
        size={4}
        autoComplete="off"
        onChange={(event) => {
          const typed = event.target.value;
          setTag(typed);
          if (typed.length === 3 && editor.jump(typed)) setTag('');
        }}
        onKeyDown={(event) => {
          if (event.key !== 'Enter' || event.ctrlKey) return;
          event.preventDefault();
          if (isAbsent && /^[0-9A-Za-z]{3}$/.test(tag)) {
            editor.addField(tag, null);
            setTag('');
          } else if (tag !== '' && editor.jump(tag)) setTag('');
        }}
      />
      <span className="quiet" role="status">
        {isAbsent ? t('record.enterAdds', { tag }) : ''}
      </span>
    </label>
  );
}

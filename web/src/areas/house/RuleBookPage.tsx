import { Button } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate, useParams } from 'react-router';
import { me, ruleBook } from '../../api/queries';
import { Field } from '../../ui/Field';
import { ListDetail } from '../../ui/ListDetail';
import { ProblemNote } from '../../ui/ProblemNote';
import { RuleForm } from './RuleForm';
import { KINDS } from './ruleKinds';
import './house.css';

/** The rule book: what the house has laid down for its own work, kind by kind. */
export default function RuleBookPage() {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const { kind: named, code = '' } = useParams();
  const kind = KINDS.find((one) => one === named) ?? 'worksheet';
  const { data: rules, error } = useQuery(ruleBook(kind));
  const mayEdit = useQuery(me).data?.permissions.includes('house.edit') ?? false;
  const [name, setName] = useState('');
  const rule = rules?.find((one) => one.code === code) ?? null;
  const isNew = code !== '' && rules !== undefined && rule === null;
  const freshCode = name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
  return (
    <div className="area">
      <ListDetail
        showsDetail={code !== ''}
        list={
          <div className="rule-list">
            {code === '' ? <h1>{t('ruleBook.title')}</h1> : <h2>{t('ruleBook.title')}</h2>}
            <p className="quiet">
              <Link to="/house">{t('areas.house')}</Link> · {t('ruleBook.hint')}
            </p>
            <select
              className="pick"
              aria-label={t('ruleBook.kind')}
              value={kind}
              onChange={(event) => void navigate(`/house/rule-book/${event.target.value}`)}
            >
              {KINDS.map((one) => (
                <option key={one} value={one}>
                  {t(`ruleBook.kinds.${one}`)}
                </option>
              ))}
            </select>
            <ProblemNote error={error} />
            <ul>
              {rules?.map((one) => (
                <li key={one.code}>
                  <Link
                    className="source-hit"
                    to={`/house/rule-book/${kind}/${one.code}`}
                    {...(one.code === code ? { 'aria-current': 'page' as const } : {})}
                  >
                    <span>{one.name}</span>
                    <span className="quiet">{one.version === 0 ? t('ruleBook.brought') : t('ruleBook.own')}</span>
                  </Link>
                </li>
              ))}
            </ul>
            {mayEdit ? (
              <form
                className="row-of-things"
                onSubmit={(event) => {
                  event.preventDefault();
                  if (freshCode !== '') void navigate(`/house/rule-book/${kind}/${freshCode}`);
                }}
              >
                <Field name="new-entry" label={t('ruleBook.newName')} value={name} onChange={setName} />
                <Button type="submit" variant="outlined" disabled={freshCode === ''}>
                  {t('ruleBook.add')}
                </Button>
              </form>
            ) : null}
          </div>
        }
        detail={
          rule !== null || isNew ? (
            <RuleForm key={`${kind} ${code}`} kind={kind} code={code} rule={rule} newName={name} mayEdit={mayEdit} />
          ) : (
            <p className="empty">{t('ruleBook.choose')}</p>
          )
        }
      />
    </div>
  );
}

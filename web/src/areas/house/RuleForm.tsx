import { Button } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate } from 'react-router';
import { answered, api, inTime, type Schemas } from '../../api/client';
import { newActId } from '../../api/ids';
import { ruleBook } from '../../api/queries';
import { Field } from '../../ui/Field';
import { ProblemNote } from '../../ui/ProblemNote';
import { useForm } from '../../ui/useForm';
import { RuleInput } from './RuleInput';
import { RULE_KINDS, type RuleField, type RuleKind, toContent, toFields } from './ruleKinds';

type Rule = Schemas['Rule'];

interface Props {
  kind: RuleKind;
  code: string;
  rule: Rule | null;
  newName: string;
  mayEdit: boolean;
}

/** One entry of the rule book. */
export function RuleForm({ kind, code, rule, newName, mayEdit }: Props) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const navigate = useNavigate();
  const fields: readonly RuleField[] = RULE_KINDS[kind];
  const valuesOf = (from: Rule): Record<string, string> => ({ ruleName: from.name, ...toFields(fields, from.content) });
  const again = () => void client.invalidateQueries({ queryKey: ruleBook(kind).queryKey });
  const form = useForm({
    values: rule === null ? { ruleName: newName, ...toFields(fields, {}) } : valuesOf(rule),
    version: rule?.version ?? 0,
    save: (values, act) =>
      answered(
        api.PUT('/api/rule-book/{kind}/{code}', {
          params: { path: { kind, code } },
          body: {
            id: act.id,
            version: act.version ?? 0,
            name: values['ruleName'] ?? '',
            position: rule?.position ?? null,
            content: toContent(fields, values, rule?.content ?? {}),
          },
          signal: inTime(),
        }),
      ),
    onSaved: again,
    staleValues: valuesOf,
  });
  const removing = useMutation({
    mutationFn: () =>
      answered(
        api.POST('/api/rule-book/{kind}/{code}/removal', { params: { path: { kind, code } }, body: { id: newActId() }, signal: inTime() }),
      ),
    onSuccess: () => {
      again();
      void navigate(`/house/rule-book/${kind}`);
    },
  });
  const of = (name: string, sentence: string) => {
    const now = form.isNow(name);
    return {
      name,
      value: form.values[name] ?? '',
      onChange: form.set(name),
      error: form.sentence(sentence),
      hint: now === undefined ? undefined : t('item.isNow', { value: now }),
    };
  };
  return (
    <form
      className="rule-form"
      onSubmit={(event) => {
        event.preventDefault();
        form.submit();
      }}
    >
      <Link className="detail-back" to={`/house/rule-book/${kind}`}>
        ← {t('common.back')}
      </Link>
      <h1>{form.values['ruleName'] === '' ? code : form.values['ruleName']}</h1>
      {form.isStale ? <p className="note is-lit">{t('ruleBook.stale')}</p> : null}
      <div className="rule-fields">
        <Field {...of('ruleName', 'name')} label={t('ruleBook.name')} required />
        {fields.map((field) => (
          <RuleInput
            key={field.name}
            field={field}
            values={form.values}
            onChange={form.set(field.name)}
            sentence={form.sentence}
            hint={of(field.name, field.name).hint}
          />
        ))}
      </div>
      <ProblemNote error={form.otherError ?? removing.error} />
      {mayEdit ? (
        <div className="row-of-things">
          <Button type="submit" variant="contained" disabled={form.isSaving}>
            {t('ruleBook.save')}
          </Button>
          {form.isSaved ? <span role="status">{t('ruleBook.saved')}</span> : null}
        </div>
      ) : null}
      {mayEdit && rule !== null ? (
        <div className="rule-away">
          <Button color="error" disabled={removing.isPending} onClick={() => removing.mutate()}>
            {t('ruleBook.strike')}
          </Button>
        </div>
      ) : null}
    </form>
  );
}

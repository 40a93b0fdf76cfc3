import { useQuery } from '@tanstack/react-query';
import { Fragment } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { house as houseQuery, houseRules } from '../../api/queries';
import { type Column, Lines } from '../../ui/Lines';
import { ProblemNote } from '../../ui/ProblemNote';
import './house.css';

type Rule = Schemas['LoanRuleView'] & { id: number };
type Membership = Schemas['Membership'];

/** What the house has laid down: how long things are lent, when branches are open, what memberships allow. */
export default function HousePage() {
  const { t } = useTranslation();
  const { data: house, error } = useQuery(houseQuery);
  const { data: rules } = useQuery(houseRules);
  const any = (value: string | null) => value ?? t('common.any');
  const periodOf = (rule: Rule) => t(rule.isHours ? 'common.hours' : 'common.days', { count: rule.period });
  const limitOf = (limit: number | null) => (limit === null ? t('house.noLimit') : String(limit));
  const ruleColumns: Column<Rule>[] = [
    ...(['membership', 'lendingClass', 'branch'] as const).map((key) => ({
      key,
      label: t(`house.columns.${key}`),
      cell: (rule: Rule) => any(rule[key]),
      text: (rule: Rule) => any(rule[key]),
    })),
    { key: 'period', label: t('house.columns.period'), cell: periodOf, text: periodOf, isNumber: true },
    {
      key: 'renewals',
      label: t('house.columns.renewals'),
      cell: (rule) => rule.renewals,
      text: (rule) => String(rule.renewals),
      isNumber: true,
    },
    {
      key: 'limit',
      label: t('house.columns.limit'),
      cell: (rule) => limitOf(rule.limit),
      text: (rule) => limitOf(rule.limit),
      isNumber: true,
    },
  ];
  const membershipColumns: Column<Membership>[] = [
    { key: 'name', label: t('house.columns.membership'), cell: (one) => one.name, text: (one) => one.name },
    {
      key: 'months',
      label: t('house.columns.months'),
      cell: (one) => t('house.months', { count: one.months }),
      text: (one) => String(one.months),
      isNumber: true,
    },
    {
      key: 'loanLimit',
      label: t('house.columns.loanLimit'),
      cell: (one) => limitOf(one.loanLimit),
      text: (one) => limitOf(one.loanLimit),
      isNumber: true,
    },
    {
      key: 'overdueLimit',
      label: t('house.columns.overdueLimit'),
      cell: (one) => limitOf(one.overdueLimit),
      text: (one) => limitOf(one.overdueLimit),
      isNumber: true,
    },
  ];
  return (
    <div className="page">
      <h1>{t('house.title')}</h1>
      <p>
        <Link to="/house/rule-book">{t('ruleBook.title')}</Link>: {t('house.ruleBook')}
      </p>
      <ProblemNote error={error} />
      <section className="section">
        <h2>{t('house.openings')}</h2>
        <div className="sheet table-wrap" tabIndex={0} role="group" aria-label={t('house.openings')}>
          <table className="lines openings" aria-label={t('house.openings')}>
            <thead>
              <tr>
                <th scope="col">{t('house.columns.branch')}</th>
                {[1, 2, 3, 4, 5, 6, 7].map((weekday) => (
                  <th scope="col" key={weekday}>
                    {t(`house.weekdays.${weekday - 1}` as 'house.weekdays.0')}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {house?.branches.map((branch) => (
                <tr key={branch.id}>
                  <th scope="row">{branch.name}</th>
                  {[1, 2, 3, 4, 5, 6, 7].map((weekday) => {
                    const times = rules?.openings.filter((opening) => opening.branch === branch.code && opening.weekday === weekday) ?? [];
                    return (
                      <td key={weekday}>
                        {times.length === 0 ? <span className="quiet">{t('house.closed')}</span> : null}
                        {times.map((opening) => (
                          <Fragment key={opening.opens}>
                            {opening.opens}–{opening.closes}
                            <br />
                          </Fragment>
                        ))}
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </section>
      <section className="section">
        <h2>{t('house.loanRules')}</h2>
        <p className="quiet">{t('house.loanRulesHint')}</p>
        <div className="sheet">
          <Lines
            name="loan-rules"
            label={t('house.loanRules')}
            columns={ruleColumns}
            lines={(rules?.loanRules ?? []).map((rule, id) => ({ ...rule, id }))}
            keyOf={(rule) => rule.id}
          />
        </div>
      </section>
      <section className="section">
        <h2>{t('house.memberships')}</h2>
        <div className="sheet">
          <Lines
            name="memberships"
            label={t('house.memberships')}
            columns={membershipColumns}
            lines={house?.memberships ?? []}
            keyOf={(one) => one.id}
          />
        </div>
      </section>
    </div>
  );
}
